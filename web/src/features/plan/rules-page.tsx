import { standingLine, strikeLine } from '@dagboek/journal';
import { readRule, type Rule, RULE_FORMS } from '@dagboek/core/rules';
import { sayDate } from '@dagboek/core/time';
import { useState } from 'react';
import { Link } from 'react-router';
import { useNames, useRules } from '../../asked/names.ts';
import { nowMs } from '../../ui/clock.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { newId, useWrite } from '../../asked/use-write.ts';
import { Page, Row } from '../../frame/page.tsx';
import { SearchField } from '../../ui/search-field.tsx';
import { type Editing, RuleEditor } from './rule-editor.tsx';
import { RuleFiles } from './rule-files.tsx';
import { draftOfRule } from './rule-fields.ts';
import { LineKey } from '../../ui/key.tsx';
import { Explained } from '../../ui/words/term.tsx';

/** The rules this book goes by, each read out of its data; and a rule of one's own, tried on past catches before it is written. */
export function RulesPage() {
  const rules = useRules();
  const names = useNames();
  const { book } = useBook();
  const { dayOfMs } = useFormat();
  const { write, writeAll } = useWrite();
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
          <p>This book uses no rule pack that this server has.</p>
        </Row>
        <Row className="pad ruled">
          <RuleFiles rules={null} />
        </Row>
      </Page>
    );
  const own = new Map(book.all('rule').map((s) => [String(s.rule['id']), s]));
  const begin = (replaces: Rule | null): void => {
    setTrouble(null);
    setEdit({
      id: `own-${newId()}`,
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
    const r = await write('rule.set', newId(), {
      waters: rules.id,
      rule: rule as object as Record<string, unknown>,
      ...(edit?.replaces ? { replaces: edit.replaces.id } : {}),
    });
    setTrouble(r.ok ? null : r.why);
    if (r.ok) setEdit(null);
  };
  const strike = async (id: string): Promise<void> => {
    const set = own.get(id);
    const line = set && standingLine(set, 'rule.set');
    if (line) await writeAll([strikeLine(line)]);
  };
  const said = rules.rules.map((r) => ({ r, says: readRule(r, names, rules.rules) }));
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
        <h2>
          {edit ? (edit.replaces ? 'Change this rule from a certain day' : 'Your own rule') : 'Rules of this book'}
        </h2>
        <p>
          {rules.sample ? 'Made-up rules, not law. ' : ''}The local authority’s text decides. Each rule in plain words,
          exactly as the app applies it.
        </p>
        {!edit && (
          <div className="keys">
            <DeckKey name="Add a rule" note="tested on past catches before it applies" onClick={() => begin(null)} />
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
        <SearchField label="Find a rule" value={find} onChange={setFind} />
        {shown.length === 0 && <p>No rule mentions “{find}”.</p>}
        <ul className="plain-list">
          {shown.map(({ r, says }) => (
            <li className="gap-3 flex justify-between" key={r.id}>
              <span>
                <b>
                  <Explained text={r.sentence} />
                </b>
                {says !== r.sentence && <small>{says}</small>}
                <small>
                  {own.has(r.id) ? 'Your own. ' : ''}
                  {r.source}
                </small>
              </span>
              <span className="line-keys">
                {RULE_FORMS.some((f) => f.kind === r.kind) && (
                  <LineKey
                    aria-label={`Change from a certain day: ${r.sentence}`}
                    onClick={() => (begin(r), scrollTo(0, 0))}
                  >
                    Change
                  </LineKey>
                )}
                {own.has(r.id) && (
                  <LineKey aria-label={`Cross out: ${r.sentence}`} onClick={() => void strike(r.id)}>
                    Cross out
                  </LineKey>
                )}
              </span>
            </li>
          ))}
        </ul>
      </Row>
      <Row className="pad ruled">
        <RuleFiles rules={rules} />
      </Row>
    </Page>
  );
}
