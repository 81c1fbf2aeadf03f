import { readRule, type ReadRulePack, type Rule, type RulePack, withVersions } from '@dagboek/core/rules';
import { type RulesState, standingLine, strikeLine } from '@dagboek/journal';
import { sayDate } from '@dagboek/core/time';
import { useRef, useState } from 'react';
import { v5 } from 'uuid';
import { useCatalogue } from '../../asked/catalogue.ts';
import { nowMs } from '../../ui/clock.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { plural, useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { saveFile } from '../../ui/save-file.ts';
import { FileInput } from '../../ui/file-input.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { DayField } from '../../asked/when.tsx';
import { LineKey } from '../../ui/key.tsx';
import { useReading } from '../../offline/workers/reading.tsx';

/** Files above this are no rule pack. */
const MOST_CHARS = 400_000;
/** Changed rules shown before one asks for all of them. */
const SHOWN = 12;

/** Rules as files: this book's saved as JSON, a pack read in, looked at, and written as a version that holds from a day on. */
export function RuleFiles({ rules }: { rules: RulePack | null }) {
  const { book } = useBook();
  const { all } = useCatalogue();
  const { dayOfMs } = useFormat();
  const { write } = useWrite();
  const input = useRef<HTMLInputElement>(null);
  const reading = useReading('readRuleFile');
  const [read, setRead] = useState<ReadRulePack | null>(null);
  const [from, setFrom] = useState('');
  const [said, setSaid] = useState<{ trouble: string | null; done: string | null }>({ trouble: null, done: null });
  const open = async (file: File): Promise<void> => {
    setRead(null);
    setSaid({ trouble: null, done: null });
    const trouble = (why: string): void => setSaid({ trouble: why, done: null });
    if (file.size > MOST_CHARS) return trouble('This file is too large for a rule pack. At most 400 kB.');
    try {
      const r = await reading.read({ text: await file.text(), species: all.map((s) => s.id) });
      if (!r) return;
      if (!r.ok) return trouble(r.why);
      setRead(r);
    } catch (e) {
      return trouble((e as Error).message);
    }
    setFrom(dayOfMs(nowMs()));
  };
  const add = async (): Promise<void> => {
    if (!read) return;
    const { pack } = read;
    const r = await write('rules.added', v5(`dagboek rules ${pack.id} ${pack.version} ${from}`, v5.URL), {
      pack: pack as object as Record<string, unknown>,
      from,
    });
    if (!r.ok) return setSaid({ trouble: r.why, done: null });
    setRead(null);
    setSaid({
      trouble: null,
      done: `Written: ${pack.name}, ${pack.version}, from ${sayDate(from)} ${from.slice(0, 4)} on.`,
    });
  };
  const versions = book.all('rules');
  return (
    <>
      <h2>As files</h2>
      <p>
        Rules are kept as JSON, by a schema that is served at <code>/api/rulebook/schema</code>. A new pack applies from
        the day you choose. Earlier catches keep their verdicts.
      </p>
      <FileInput ref={input} accept="application/json,.json" label="Rule pack" onFile={(file) => void open(file)} />
      <div className="keys">
        <DeckKey name="Read a rule file" note="you see it before it is saved" onClick={() => input.current?.click()} />
        {rules && (
          <DeckKey
            name="Save these rules"
            note="as JSON, with your own rules"
            onClick={() =>
              saveFile(`${rules.id}-${rules.version}.json`, `${JSON.stringify(rules, null, 2)}\n`, 'application/json')
            }
          />
        )}
      </div>
      {reading.shown}
      <Trouble says={said.trouble} />
      {said.done && <p role="status">{said.done}</p>}
      {read && (
        <section className="rule-file mt-4.5" aria-label="The file">
          <Preview read={read} rules={rules} from={from} />
          <DayField label="Holds from" value={from} onChange={setFrom} />
          <div className="keys">
            <DeckKey act name="Save this version" note="nothing is overwritten" onClick={() => void add()} />
            <DeckKey name="Leave it" note="nothing is saved" onClick={() => setRead(null)} />
          </div>
        </section>
      )}
      {versions.length > 0 && <Versions versions={versions} waters={rules?.id ?? null} />}
    </>
  );
}

/** What the file says it is, and what would change against the rules of the book. */
function Preview({ read, rules, from }: { read: ReadRulePack; rules: RulePack | null; from: string }) {
  const { pack, warnings } = read;
  const same = rules?.id === pack.id;
  const then = same && rules && from !== '' ? withVersions(rules, [{ pack, from }]) : pack;
  const has = (list: readonly Rule[], r: Rule): boolean => list.some((x) => JSON.stringify(x) === JSON.stringify(r));
  const begins = then.rules
    .filter((r) => !same || !has(rules?.rules ?? [], r))
    .filter((r) => !same || r.inForce?.from === from || !r.inForce?.to);
  const ends = same && rules ? rules.rules.filter((r) => !has(then.rules, r)) : [];
  return (
    <>
      <h3>
        {pack.name}, {pack.version}
      </h3>
      <p>
        {pack.authority}; checked {sayDate(pack.checked)} {pack.checked.slice(0, 4)}.{' '}
        {plural(pack.rules.length, 'rule')} in {plural(pack.zones.length, 'zone')}.
        {pack.sample ? ' Sample, not law.' : ' The local authority’s text decides.'}
      </p>
      {warnings.map((w) => (
        <p key={w} className="alert alert-warning">
          {w}
        </p>
      ))}
      {same ? (
        <>
          <RuleList title={begins.length === 0 ? 'No rule would begin' : 'Would begin'} rules={begins} pack={then} />
          <RuleList
            title={ends.length === 0 ? 'No rule would end' : 'Would end the day before'}
            rules={ends}
            pack={then}
          />
        </>
      ) : (
        <>
          <p>These are other waters than this book uses. They are saved, and you can switch the book to them below.</p>
          <RuleList title="It says" rules={pack.rules} pack={pack} />
        </>
      )}
    </>
  );
}

function RuleList({ title, rules, pack }: { title: string; rules: readonly Rule[]; pack: RulePack }) {
  const { byId } = useCatalogue();
  const [every, setEvery] = useState(false);
  const names = {
    species: (id: string) => byId(id)?.name ?? id.replace(/-/g, ' '),
    zone: (id: string) => pack.zones.find((z) => z.id === id)?.name ?? id.replace(/-/g, ' '),
  };
  return (
    <>
      <h4 className="mt-3 font-bold">{title}</h4>
      <ul className="plain-list">
        {(every ? rules : rules.slice(0, SHOWN)).map((r) => (
          <li key={r.id}>{readRule(r, names)}</li>
        ))}
      </ul>
      {!every && rules.length > SHOWN && <LineKey onClick={() => setEvery(true)}>All {rules.length}</LineKey>}
    </>
  );
}

/** Every version that was read in, to be struck; and packs of other waters, to which the book can be moved. */
function Versions({ versions, waters }: { versions: readonly RulesState[]; waters: string | null }) {
  const { book } = useBook();
  const { writeAll, amend } = useWrite();
  const [trouble, setTrouble] = useState<string | null>(null);
  const strike = async (v: RulesState): Promise<void> => {
    const line = standingLine(v, 'rules.added');
    if (!line) return;
    const r = await writeAll([strikeLine(line)]);
    setTrouble(r.ok ? null : r.why);
  };
  const move = async (id: string): Promise<void> => {
    const of = book.all('book')[0];
    if (!of) return;
    const r = await amend(of, 'book.opened', { waters: id }, { because: 'other waters' });
    setTrouble(r.ok ? null : r.why);
  };
  return (
    <>
      <h3>Read from files</h3>
      <ul className="plain-list" aria-label="Read from files">
        {versions.map((v) => {
          const name = `${String(v.pack['name'])}, ${String(v.pack['version'])}`;
          const id = String(v.pack['id']);
          return (
            <li className="gap-3 flex justify-between" key={v.id}>
              <span>
                <b>{name}</b>
                <small>
                  from {sayDate(v.from)} {v.from.slice(0, 4)} on
                </small>
              </span>
              <span className="line-keys">
                {id !== waters && <LineKey onClick={() => void move(id)}>Go by {String(v.pack['name'])}</LineKey>}
                <LineKey aria-label={`Cross out: ${name}`} onClick={() => void strike(v)}>
                  Cross out
                </LineKey>
              </span>
            </li>
          );
        })}
      </ul>
      <Trouble says={trouble} />
    </>
  );
}
