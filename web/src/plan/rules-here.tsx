import { concerns, type Rule } from '@dagboek/core/rules';
import { inSpan, sayDate } from '@dagboek/core/time';
import { useCatalogue, useNames, useRules } from '../kit/catalogue.ts';

const leastOf = (rules: readonly Rule[]): string => {
  const r = rules.find((x) => x.kind === 'minimumSize');
  return r?.kind === 'minimumSize' ? `${r.leastMm / 10}${r.length === 'discWidth' ? ' wide' : ''}` : '–';
};
const bagOf = (rules: readonly Rule[]): string => {
  const r = rules.find((x) => x.kind === 'dailyBag');
  return r?.kind === 'dailyBag' ? String(r.most) : '–';
};
const shutOf = (rules: readonly Rule[], day: string): string | null => {
  if (rules.some((x) => x.kind === 'retentionBan')) return 'not here';
  const c = rules.find((x) => x.kind === 'closedSeason' && inSpan(day, x.closed));
  return c?.kind === 'closedSeason' ? `closed to ${sayDate(c.closed.to)}` : null;
};

/** What holds in a zone on a day, species by species. */
export function RulesHere({ zone, day }: { zone: string | null; day: string }) {
  const rules = useRules();
  const { all } = useCatalogue();
  const names = useNames();
  if (!rules)
    return (
      <aside className="margin">
        <h2>No rules</h2>
        <p>This book goes by no rule pack: it records, and gives no verdict. Go by the local authority’s text.</p>
      </aside>
    );
  if (!zone)
    return (
      <aside className="margin">
        <h2>What holds there</h2>
        <p>Choose a zone, and its sizes, bags and closed seasons stand here.</p>
      </aside>
    );
  const rows = all.map((s) => ({ s, about: rules.rules.filter((r) => concerns(r, { speciesId: s.id, zone, day })) }));
  return (
    <aside className="margin" aria-label="What holds there">
      <h2>What holds there</h2>
      <p>
        {names.zone(zone)}, {sayDate(day)}. Least length in cm, bag per head and day.
      </p>
      <table className="rules-table">
        <thead>
          <tr>
            <th scope="col">Species</th>
            <th scope="col">least</th>
            <th scope="col">bag</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ s, about }) => {
            const shut = shutOf(about, day);
            return (
              <tr key={s.id}>
                <th scope="row">{s.name}</th>
                {shut ? (
                  <td colSpan={2}>
                    <b>{shut}</b>
                  </td>
                ) : (
                  <>
                    <td>{leastOf(about)}</td>
                    <td>{bagOf(about)}</td>
                  </>
                )}
              </tr>
            );
          })}
        </tbody>
      </table>
      <small>
        {rules.name}, {rules.version}, checked {sayDate(rules.checked)} {rules.checked.slice(0, 4)}.
        {rules.sample ? ' Sample rules, not law.' : ''} The local authority’s text decides.
      </small>
    </aside>
  );
}
