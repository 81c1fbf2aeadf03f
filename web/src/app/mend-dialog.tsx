import { fieldsOf, isKind } from '@dagboek/journal';
import { epochMs } from '@dagboek/core/time';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { draftOf, factsFrom } from '../asked/draft.ts';
import { FactsForm } from '../lines/facts-form.tsx';
import { type FactsDraft, factsResolver } from '../asked/resolver.ts';
import { useJournal } from '../offline/journal-context.tsx';
import type { OutboxItem } from '../offline/outbox.ts';
import { useWrite } from '../asked/use-write.ts';
import { Dialog } from '../ui/dialog.tsx';
import { Key } from '../ui/key.tsx';
import { Trouble } from '../ui/trouble.tsx';
import { DateTimeField, NO_TIME } from '../asked/when.tsx';

/** A refused entry written anew with better facts; the refused one is set aside. */
export function MendDialog({ item, onClose }: { item: OutboxItem; onClose: () => void }) {
  const { entry } = item;
  const fields = fieldsOf(entry.kind);
  const { register, control, handleSubmit, formState } = useForm<FactsDraft>({
    defaultValues: draftOf(fields, entry.facts) as FactsDraft,
    resolver: factsResolver(entry, fields),
  });
  const [atMs, setAt] = useState<number | null>(epochMs(entry.at));
  const [trouble, setTrouble] = useState<string | null>(null);
  const { writeAll } = useWrite();
  const store = useJournal();
  const mend = async (draft: FactsDraft): Promise<void> => {
    if (!isKind(entry.kind)) return;
    if (atMs === null) return setTrouble(NO_TIME);
    const { amends, over, about } = entry;
    const facts = factsFrom(fields, draft, entry.facts);
    const more = {
      atMs,
      instead: entry.id,
      ...(amends ? { amends } : {}),
      ...(over ? { over } : {}),
      ...(about ? { about } : {}),
    };
    const r = await writeAll([{ kind: entry.kind, subject: entry.subject, facts, more }]);
    if (!r.ok) return setTrouble(r.why);
    await store.setAside(entry.id);
    onClose();
  };
  return (
    <Dialog title="Correct this entry" open onClose={onClose}>
      {'why' in item && <p className="pb-2 border-b text-ink-2 border-rule-2">The server said: {item.why}</p>}
      <FactsForm fields={fields} form={{ register, control, errors: formState.errors }} />
      <DateTimeField label="When" valueMs={atMs} onChange={setAt} />
      <Trouble says={trouble} />
      <div className="keys">
        <Key act onClick={(e) => void handleSubmit(mend)(e)} name="Save it like this" />
      </div>
    </Dialog>
  );
}
