import { type OwnRule, readRule, type Rule, type RuleKind, ruleTrouble, withOwnRules } from '@dagboek/core/rules';
import { addDays, civilDay, sayDate } from '@dagboek/core/time';
import type { FishState } from '@dagboek/journal';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { v5 } from 'uuid';
import { sayFish, useCatalogue, useNames, useRules } from '../kit/catalogue.ts';
import { nowMs } from '../kit/clock.ts';
import { DeckKey } from '../kit/deck-key.tsx';
import { speciesFinder } from '../kit/find-species.ts';
import { cm, plural, useFormat } from '../kit/format.ts';
import { useBook } from '../kit/journal/journal-context.tsx';
import { useWrite } from '../kit/journal/use-write.ts';
import { judgeFish } from '../kit/judge-fish.ts';
import { Page, Row } from '../kit/page.tsx';
import { ManyChips } from '../kit/ui/chips.tsx';
import { Trouble } from '../kit/ui/trouble.tsx';
import { RuleBlanks } from './rule-blanks.tsx';
import { bodyOf, draftOfRule, RULE_FORMS, type RuleDraft } from './rule-fields.ts';

/** How far back a rule is tried. */
const TRIED_DAYS = 31;
const OUTCOME_WORDS = {
  keep: 'keep',
  ask: 'ask',
  measureAgain: 'measure again',
  letGo: 'let go',
  mustNotReturn: 'not back alive',
} as const;

/** A rule being written: a new one, or one that takes over from another. */
interface Editing {
  readonly replaces: Rule | null;
  readonly kind: RuleKind;
  readonly draft: RuleDraft;
  readonly species: readonly string[];
  readonly zones: readonly string[];
  readonly from: string;
  readonly source: string;
}

/** The rules this book goes by, each read out of its data; and a rule of one's own, tried on past catches before it is written. */
export function RulesPage() {
  const rules = useRules();
  const names = useNames();
  const { book } = useBook();
  const { dayOfMs } = useFormat();
  const { write } = useWrite();
  const today = dayOfMs(nowMs());
  const [find, setFind] = useState('');
  const [edit, setEdit] = useState<Editing | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  if (!rules)
    return (
      <Page
        title="Rules"
        first={{ label: 'Rules', value: 0 }}
        cells={[{ label: 'Plan', value: <Link to="/plan">Back</Link> }]}
      >
        <Row className="pad">
          <h2>No rules</h2>
          <p>This book goes by no rule pack, or it has not reached this device yet.</p>
        </Row>
      </Page>
    );
  const own = new Map(book.all('rule').map((s) => [String(s.rule['id']), s]));
  const begin = (replaces: Rule | null): void => {
    setTrouble(null);
    setEdit({
      replaces,
      kind: replaces?.kind ?? 'minimumSize',
      draft: replaces ? draftOfRule(replaces) : {},
      species: replaces?.species ?? [],
      zones: replaces?.zones ?? [],
      from: today,
      source: '',
    });
  };
  const save = async (rule: Rule): Promise<void> => {
    const r = await write('rule.set', v5(`dagboek rule ${rules.id} ${rule.id}`, v5.URL), {
      waters: rules.id,
      rule: rule as object as Record<string, unknown>,
      ...(edit?.replaces ? { replaces: edit.replaces.id } : {}),
    });
    setTrouble(r.ok ? null : r.why);
    if (r.ok) setEdit(null);
  };
  const strike = async (id: string): Promise<void> => {
    const line = own.get(id)?.log.find((l) => !l.struck);
    if (line) await write('log.struck', line.first.subject, {}, { strikes: line.first.id });
  };
  const said = rules.rules.map((r) => ({ r, says: readRule(r, names) }));
  const shown = said.filter(({ r, says }) => `${says} ${r.sentence}`.toLowerCase().includes(find.trim().toLowerCase()));
  return (
    <Page
      title="Rules"
      first={{ label: 'Rules', value: rules.rules.length }}
      cells={[
        { label: 'Plan', value: <Link to="/plan">Back to the plan</Link> },
        { label: 'Pack', value: `${rules.name}, ${rules.version}` },
        { label: 'Checked', value: `${sayDate(rules.checked)} ${rules.checked.slice(0, 4)}` },
      ]}
    >
      <Row className="pad">
        <h2>{edit ? (edit.replaces ? 'From a day on it says' : 'A rule of your own') : 'What this book goes by'}</h2>
        <p>
          {rules.sample ? 'Sample rules, not law. ' : ''}The local authority’s text decides. Each rule is read here out
          of its data, as the book judges by it.
        </p>
        {!edit && (
          <div className="keys">
            <DeckKey name="Write a rule" note="tried on past catches before it holds" onClick={() => begin(null)} />
          </div>
        )}
        {edit && (
          <RuleEditor
            edit={edit}
            onEdit={setEdit}
            onSave={(r) => void save(r)}
            onClose={() => setEdit(null)}
            trouble={trouble}
          />
        )}
      </Row>
      <Row className="pad ruled">
        <div className="field">
          <label htmlFor="find-rule">Find a rule</label>
          <input
            id="find-rule"
            className="input"
            type="search"
            value={find}
            onChange={(e) => setFind(e.target.value)}
          />
        </div>
        {shown.length === 0 && <p>No rule speaks of “{find}”.</p>}
        <ul className="plain-list rule-list">
          {shown.map(({ r, says }) => (
            <li key={r.id}>
              <span>
                <b>{r.sentence}</b>
                {says !== r.sentence && <small>{says}</small>}
                <small>
                  {own.has(r.id) ? 'Your own. ' : ''}
                  {r.source}
                </small>
              </span>
              <span className="line-keys">
                {RULE_FORMS.some((f) => f.kind === r.kind) && (
                  <button
                    type="button"
                    className="line-key"
                    aria-label={`Change from a day on: ${r.sentence}`}
                    onClick={() => (begin(r), scrollTo(0, 0))}
                  >
                    Change
                  </button>
                )}
                {own.has(r.id) && (
                  <button
                    type="button"
                    className="line-key"
                    aria-label={`Strike: ${r.sentence}`}
                    onClick={() => void strike(r.id)}
                  >
                    Strike
                  </button>
                )}
              </span>
            </li>
          ))}
        </ul>
      </Row>
    </Page>
  );
}

function RuleEditor({
  edit,
  onEdit,
  onSave,
  onClose,
  trouble,
}: {
  edit: Editing;
  onEdit: (e: Editing) => void;
  onSave: (r: Rule) => void;
  onClose: () => void;
  trouble: string | null;
}) {
  const rules = useRules();
  const names = useNames();
  const [told, setTold] = useState(false);
  if (!rules) return null;
  const draft = {
    id: `own-${edit.kind}-${edit.species.join('-') || 'all'}-${edit.zones.join('-') || 'everywhere'}-${edit.from}`,
    ...bodyOf(edit.kind, edit.draft),
    species: edit.species,
    ...(edit.zones.length > 0 ? { zones: edit.zones } : {}),
    inForce: { from: edit.from },
    sentence: '',
    source: edit.source.trim() || 'written into this book',
  } as unknown as Rule;
  const wrong = ruleTrouble(draft, rules);
  // The sentence of an own rule is what its data say, so that the two can never differ.
  const sentence = wrong ? null : readRule(draft, names);
  const rule = sentence ? ({ ...draft, sentence } as Rule) : null;
  return (
    <div className="rule-editor">
      <div className="by-row">
        <div className="field grow">
          <label htmlFor="rule-kind">What it says</label>
          <select
            id="rule-kind"
            className="select"
            value={edit.kind}
            disabled={edit.replaces !== null}
            onChange={(e) => onEdit({ ...edit, kind: e.target.value as RuleKind, draft: {} })}
          >
            {RULE_FORMS.map((f) => (
              <option key={f.kind} value={f.kind}>
                {f.say}
              </option>
            ))}
          </select>
        </div>
        <div className="field">
          <label htmlFor="rule-from">Holds from</label>
          <input
            id="rule-from"
            className="input"
            type="date"
            value={edit.from}
            onChange={(e) => onEdit({ ...edit, from: e.target.value })}
          />
        </div>
      </div>
      <RuleBlanks kind={edit.kind} draft={edit.draft} onDraft={(draft) => onEdit({ ...edit, draft })} />
      <SpeciesOfRule species={edit.species} onSpecies={(species) => onEdit({ ...edit, species })} />
      <ManyChips
        label="Only in"
        options={rules.zones.map((z) => ({ value: z.id, text: z.name }))}
        values={[...edit.zones]}
        onChange={(zones) => onEdit({ ...edit, zones })}
      />
      <div className="field">
        <label htmlFor="rule-source">Where it is written</label>
        <input
          id="rule-source"
          className="input"
          maxLength={200}
          value={edit.source}
          placeholder="notice, page, day"
          onChange={(e) => onEdit({ ...edit, source: e.target.value })}
        />
      </div>
      {sentence ? (
        <p className="lead rule-sentence" role="status">
          {sentence}
        </p>
      ) : (
        <p className="hint" role="status">
          {wrong}
        </p>
      )}
      {rule && <Tried rule={rule} replaces={edit.replaces} />}
      {told && <Trouble says={wrong} />}
      <Trouble says={trouble} />
      <div className="keys">
        <DeckKey
          act
          name="Write the rule"
          note={edit.replaces ? 'the old one stands for earlier catches' : 'and strike it any time'}
          onClick={() => (rule ? onSave(rule) : setTold(true))}
        />
        <DeckKey name="Put it aside" note="nothing changes" onClick={onClose} />
      </div>
    </div>
  );
}

function SpeciesOfRule({ species, onSpecies }: { species: readonly string[]; onSpecies: (ids: string[]) => void }) {
  const { all } = useCatalogue();
  const names = useNames();
  const [word, setWord] = useState('');
  const finder = useMemo(() => speciesFinder(all), [all]);
  const found =
    word.trim().length > 1
      ? finder(word)
          .filter((f) => !species.includes(f.species.id))
          .slice(0, 5)
      : [];
  return (
    <>
      <div className="field">
        <label htmlFor="rule-species">For which kinds; none means every one</label>
        <input
          id="rule-species"
          className="input"
          type="search"
          value={word}
          onChange={(e) => setWord(e.target.value)}
        />
      </div>
      <div className="suspects">
        {found.map((f) => (
          <button
            key={f.species.id}
            type="button"
            className="key small-key"
            onClick={() => (onSpecies([...species, f.species.id]), setWord(''))}
          >
            Add {f.species.name}
          </button>
        ))}
        {species.map((id) => (
          <button
            key={id}
            type="button"
            className="line-key"
            aria-label={`Leave out ${names.species(id)}`}
            onClick={() => onSpecies(species.filter((x) => x !== id))}
          >
            {names.species(id)} ×
          </button>
        ))}
      </div>
    </>
  );
}

/** What the rule would have said of the last month's catches, as if it had held then. */
function Tried({ rule, replaces }: { rule: Rule; replaces: Rule | null }) {
  const rules = useRules();
  const { book } = useBook();
  const { byId } = useCatalogue();
  const names = useNames();
  const { dayOfMs, shortDay, day } = useFormat();
  const tried = useMemo(() => {
    if (!rules) return [];
    const today = dayOfMs(nowMs());
    const since = addDays(today, -TRIED_DAYS);
    const then: OwnRule = { rule: { ...rule, id: 'tried', inForce: { from: since } }, replaces: replaces?.id ?? null };
    const changed = withOwnRules(rules, [then]);
    return book
      .all('fish')
      .filter((f) => f.species && civilDay(f.landed.at, rules.timeZone) >= since)
      .flatMap((fish: FishState) => {
        const around = { byId, names };
        const before = judgeFish(book, rules, fish, around, today)?.verdict.outcome;
        const after = judgeFish(book, changed, fish, around, today)?.verdict;
        if (!before || !after) return [];
        const by = after.findings.find((f) => f.ruleId === 'tried');
        return [{ fish, before, after: after.outcome, because: by ? `${by.lead} ${by.because}` : null }];
      });
  }, [rules, book, rule, replaces, byId, names, dayOfMs]);
  const other = tried.filter((t) => t.before !== t.after);
  const about = tried.filter((t) => t.because);
  return (
    <section className="tried" aria-label="Tried on past catches">
      <h3>Tried on the last {TRIED_DAYS} days</h3>
      <p>
        {tried.length === 0
          ? 'Nothing was landed in that time.'
          : `It would have looked at ${plural(about.length, 'entry', 'entries')} of ${tried.length}, and judged ${other.length === 0 ? 'none of them' : plural(other.length, 'of them', 'of them')} otherwise.`}
      </p>
      <ul className="plain-list">
        {other.slice(0, 8).map((t) => (
          <li key={t.fish.id}>
            {shortDay(day(t.fish.landed.at))}, {sayFish(t.fish, names)}
            {t.fish.length ? `, ${cm(t.fish.length.mm)} cm` : ''}: {OUTCOME_WORDS[t.before]}, now{' '}
            <b>{OUTCOME_WORDS[t.after]}</b>
            {t.because && <small>{t.because}</small>}
          </li>
        ))}
      </ul>
      {other.length > 8 && <p className="hint">And {other.length - 8} more.</p>}
    </section>
  );
}
