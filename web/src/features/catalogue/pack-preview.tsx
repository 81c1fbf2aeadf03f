import type { Preview } from '@dagboek/catalogue';
import { type ReactNode, useEffect, useRef } from 'react';
import { plural } from '../../asked/format.ts';

const WHAT = { added: 'new', changed: 'changed', same: 'as it is' } as const;

/** What reading a pack would do, species by species; or what is wrong with it. Nothing has been written yet. */
export function PackPreview({ preview, children }: { preview: Preview; children: ReactNode }) {
  const ref = useRef<HTMLElement>(null);
  // What was read stands below the field, often out of sight.
  useEffect(() => {
    ref.current?.scrollIntoView({ block: 'nearest' });
  }, [preview]);
  if (preview.faults.length > 0)
    return (
      <section
        ref={ref}
        className="px-3.5 pt-2.5 pb-3.5 mt-3.5 border-2 border-ink bg-paper-open max-w-[82ch]"
        role="alert"
        aria-label="What is wrong"
      >
        <h3>Not read: {plural(preview.faults.length, 'thing')} to correct</h3>
        <ul className="plain-list">
          {preview.faults.map((f) => (
            <li key={f.say}>{f.say}</li>
          ))}
        </ul>
        <p>Nothing has been changed.</p>
      </section>
    );
  return (
    <section
      ref={ref}
      className="px-3.5 pt-2.5 pb-3.5 mt-3.5 border-2 border-ink bg-paper-open max-w-[82ch]"
      role="status"
      aria-label="What would change"
    >
      <h3>{preview.pack?.name}: what would change</h3>
      <p className="hint">{preview.pack?.about}</p>
      <ul className="plain-list">
        {preview.changes.map((c) => (
          <li key={c.file.id}>
            <b>{c.file.name}</b> <i lang="la">{c.file.latin}</i>: {WHAT[c.what]}
            {c.fields.length > 0 && <small>{c.fields.join(', ')}</small>}
            {c.what === 'added' && c.file.hazards.length > 0 && (
              <small>{c.file.hazards.map((h) => `${h.where} ${h.does}`).join(' ')}</small>
            )}
          </li>
        ))}
        {preview.removed.map((r) => (
          <li key={r.id}>
            <s>{r.name}</s>: taken out, since the file does not have it any more
          </li>
        ))}
      </ul>
      {children}
    </section>
  );
}
