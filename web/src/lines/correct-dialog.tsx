import { fieldsOf, hangingOn, isBeginning, isKind, type Logged, sayEntry, sayHanging } from '@dagboek/journal';
import { epochMs } from '@dagboek/core/time';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useNames } from '../asked/names.ts';
import { useBook } from '../offline/journal-context.tsx';
import { useWrite, type WriteResult } from '../asked/use-write.ts';
import { Dialog } from '../ui/dialog.tsx';
import { DateTimeField, NO_TIME } from '../asked/when.tsx';
import { draftOf, factsFrom } from '../asked/draft.ts';
import { FactsForm } from './facts-form.tsx';
import { type FactsDraft, factsResolver } from '../asked/resolver.ts';
import { Trouble } from '../ui/trouble.tsx';
import { Key } from '../ui/key.tsx';
import { SentByNote } from './sent-by.tsx';
import { TextField } from '../ui/text-field.tsx';

const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

/** Corrects or strikes one line of the log. The old one stays, struck through, beside what replaces it. */
export function CorrectDialog({ line, onClose }: { line: Logged; onClose: () => void }) {
  const names = useNames();
  const { write, writeAll } = useWrite();
  const { book } = useBook();
  const { now } = line;
  const fields = fieldsOf(now.kind);
  const { register, control, handleSubmit, formState } = useForm<FactsDraft>({
    defaultValues: draftOf(fields, now.facts) as FactsDraft,
    resolver: factsResolver(now, fields),
  });
  const [atMs, setAt] = useState<number | null>(epochMs(now.at));
  const [about, setAbout] = useState(now.about ?? false);
  const [because, setBecause] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const end = (r: WriteResult): void => (r.ok ? onClose() : setTrouble(r.why));
  const why = because.trim() === '' ? {} : { because: because.trim() };
  const amend = async (draft: FactsDraft): Promise<void> => {
    if (!isKind(now.kind)) return;
    if (atMs === null) return setTrouble(NO_TIME);
    const facts = factsFrom(fields, draft, now.facts);
    const same = JSON.stringify(facts) === JSON.stringify(now.facts) && atMs === epochMs(now.at);
    if (same && about === (now.about ?? false) && because.trim() === '')
      return setTrouble('Nothing is changed yet. Change what was noted or its time, or say why.');
    const more = { atMs, amends: now.id, ...(about ? { about } : {}), ...why };
    end(await writeAll([{ kind: now.kind, subject: now.subject, facts, more }]));
  };
  const [asked, setAsked] = useState(false);
  const begins = isBeginning(line);
  const hanging = begins ? sayHanging(hangingOn(book, now.subject)) : '';
  const spokenOf = now.kind === 'member.joined' || now.kind === 'box.added';
  const strike = async (): Promise<void> => {
    if (begins && !asked) return setAsked(true);
    end(await write('log.struck', now.subject, {}, { strikes: line.first.id, ...why }));
  };
  return (
    <Dialog title="Correct this entry" open onClose={onClose}>
      <p className="pb-2 border-b text-ink-2 border-rule-2">{sayEntry(now, names)}</p>
      <SentByNote entry={now.id} />
      <FactsForm fields={fields} form={{ register, control, errors: formState.errors }} />
      <DateTimeField label="When" valueMs={atMs} onChange={setAt} />
      <label className="check">
        <input type="checkbox" className="checkbox" checked={about} onChange={(e) => setAbout(e.target.checked)} /> the
        time is estimated
      </label>
      <TextField label="Reason (optional)" id="because" value={because} onChange={(e) => setBecause(e.target.value)} />
      {asked && (
        <p className="alert alert-warning" role="alert">
          <b>This entry starts {hanging ? 'what other entries depend on' : 'the whole'}.</b>{' '}
          {spokenOf
            ? `${hanging ? `${capital(hanging)} speak of it; they stay, without a name. ` : ''}To stop offering it, retire it instead.`
            : hanging
              ? `${capital(hanging)} would no longer count either.`
              : 'It would no longer count.'}{' '}
          Everything stays readable, and can be restored.
        </p>
      )}
      <Trouble says={trouble} />
      <div className="keys">
        {isKind(now.kind) && (
          <Key
            act
            onClick={(e) => void handleSubmit(amend)(e)}
            name="Correct it"
            note="the old entry stays, crossed out"
          />
        )}
        <Key
          onClick={() => void strike()}
          name={asked ? 'Cross it out anyway' : 'Cross it out'}
          note={asked ? 'can be restored' : 'it did not happen'}
        />
      </div>
    </Dialog>
  );
}
