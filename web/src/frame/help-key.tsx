import { CircleQuestionMark } from 'lucide-react';
import { useState } from 'react';
import { useLocation } from 'react-router';
import { Dialog } from '../ui/dialog.tsx';
import { lazySoon } from '../ui/lazy-soon.tsx';

const HelpPlaces = lazySoon(async () => ({ default: (await import('./help-places.tsx')).HelpPlaces }), 8000);

/** The key at the head of every page: what the page is for, and where the handbook tells of it. */
export function HelpKey({ title }: { title: string }) {
  const { pathname } = useLocation();
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        className="grid h-11 w-10 cursor-pointer place-items-center"
        aria-label="Help for this page"
        title="Help for this page"
        aria-haspopup="dialog"
        onClick={() => setOpen(true)}
      >
        <CircleQuestionMark size={20} />
      </button>
      {open && (
        <Dialog title={`Help: ${title}`} open onClose={() => setOpen(false)}>
          <HelpPlaces at={pathname} onClose={() => setOpen(false)} />
        </Dialog>
      )}
    </>
  );
}
