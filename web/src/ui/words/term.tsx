import { useState } from 'react';
import { createPortal } from 'react-dom';
import { Dialog } from '../dialog.tsx';
import { lazySoon } from '../lazy-soon.tsx';
import { piecesOf, type TermName } from './terms.ts';
import { unbroken } from './unbroken.ts';

/** Meanings and drawings: fetched soon after the first page, so that they are there without a signal. */
const TermMeaning = lazySoon(async () => ({ default: (await import('./term-meaning.tsx')).TermMeaning }), 8000);

/** A word of the craft within a sentence: a dotted line beneath it, and a tap says what it means. */
export function Term({ of, children }: { of: TermName; children: string }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        className="inline cursor-help font-[inherit] text-inherit underline decoration-dotted decoration-2 underline-offset-3"
        aria-haspopup="dialog"
        onClick={() => setOpen(true)}
      >
        {children}
      </button>
      {/* Not within the sentence: a paragraph holds no dialog, and a warning's colours are not for it. */}
      {open &&
        createPortal(
          <Dialog title={of} open onClose={() => setOpen(false)}>
            <TermMeaning of={of} onClose={() => setOpen(false)} />
          </Dialog>,
          document.body,
        )}
    </>
  );
}

/** A sentence whose words of the craft are explained, each where it stands first. Not for the text of a key or a link. */
export const Explained = ({ text }: { text: string }) =>
  piecesOf(text).map((p, i) =>
    p.term ? (
      <Term key={i} of={p.term}>
        {p.text}
      </Term>
    ) : (
      unbroken(p.text)
    ),
  );
