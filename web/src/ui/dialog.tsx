import { type ReactNode, useEffect, useRef } from 'react';
import { settlingClass, useSettled } from './use-settled.ts';

/** A dialog over the page. The browser keeps the focus inside, and Escape closes it. */
export function Dialog({
  title,
  open,
  onClose,
  wide = false,
  children,
}: {
  title: string;
  open: boolean;
  onClose: () => void;
  /** As wide as the screen allows: for pictures. */
  wide?: boolean;
  children: ReactNode;
}) {
  const ref = useRef<HTMLDialogElement>(null);
  const settled = useSettled(open);
  const from = useRef<Element | null>(null);
  // The <dialog> element is outside React's state: it is opened and closed by its own methods.
  useEffect(() => {
    const d = ref.current;
    if (!d) return;
    if (open && !d.open) {
      from.current = document.activeElement;
      d.showModal();
    }
    if (!open && d.open) d.close();
  }, [open]);
  // Back to what opened it, when that is still there; else the page's own order decides.
  useEffect(
    () => () => {
      if (from.current instanceof HTMLElement && from.current.isConnected) from.current.focus({ preventScroll: true });
    },
    [],
  );
  if (!open) return null;
  return (
    <dialog
      ref={ref}
      className="modal items-center backdrop:bg-[#15181b99]"
      aria-label={title}
      onClose={onClose}
      onCancel={onClose}
    >
      <div className={`modal-box${wide ? ' wide' : ''}${settlingClass(settled)}`}>
        <h2>{title}</h2>
        {children}
        <form method="dialog">
          <button
            className="size-11 absolute top-1.5 right-1.5 text-[1.625rem] cursor-pointer"
            aria-label="Close"
            onClick={onClose}
          >
            ×
          </button>
        </form>
      </div>
    </dialog>
  );
}
