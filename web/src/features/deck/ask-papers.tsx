import type { FishState } from '@dagboek/journal';
import { useState } from 'react';
import { useNames } from '../../asked/names.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { lazySoon } from '../../ui/lazy-soon.tsx';
import { Key } from '../../ui/key.tsx';

const PapersDialog = lazySoon(async () => ({ default: (await import('../../lines/papers-dialog.tsx')).PapersDialog }));

/** A rule asks for an age or a licence: noted from here, once for all fish of that person. */
export function AskPapers({ fish }: { fish: FishState }) {
  const { book } = useBook();
  const names = useNames();
  const [open, setOpen] = useState(false);
  const member = book.get('member', fish.angler);
  if (!member) return null;
  return (
    <div className="keys">
      <Key
        onClick={() => setOpen(true)}
        name={<>Papers of {names.member(fish.angler)}</>}
        note="age and licences, asked once"
      />
      {open && <PapersDialog member={member} onClose={() => setOpen(false)} />}
    </div>
  );
}
