import { rulesAbout, sayBag, sayLeast, sayShut } from '@dagboek/core/rules';
import { sayDate } from '@dagboek/core/time';
import { Link } from 'react-router';
import { type Species, useCatalogue } from '../../asked/catalogue.ts';
import { useNames, useRules } from '../../asked/names.ts';
import { LENGTH_UNIT, units } from '../../asked/units.ts';

/** What holds in a zone on a day, species by species. */
export function RulesHere({ zone, day }: { zone: string | null; day: string }) {
  const rules = useRules();
  const { all } = useCatalogue();
  const names = useNames();
  if (!rules)
    return (
      <aside className="margin">
        <h2>No rules</h2>
        <p>This book has no rules: it keeps records, without verdicts. Follow the local authority’s text.</p>
      </aside>
    );
  if (!zone)
    return (
      <aside className="margin">
        <h2>Rules for this area</h2>
        <p>Choose a zone to see its sizes, limits and closed seasons.</p>
      </aside>
    );
  // A lake's fish is not told of in the sea, though a rule for it may hold in all zones.
  const grounds = rules.zones.find((z) => z.id === zone)?.grounds ?? [];
  const livesHere = (s: Species): boolean =>
    grounds.length === 0 || Object.keys(s.grounds).length === 0 || grounds.some((g) => (s.grounds[g] ?? 0) > 0);
  const rows = all.filter(livesHere).flatMap((s) => {
    const about = rulesAbout(rules, s.id, zone, day);
    return about.some((r) => r.species.length > 0) ? [{ s, about, shut: sayShut(about, day) }] : [];
  });
  // What may be kept first; what goes back stands below it.
  rows.sort((a, b) => Number(a.shut !== null) - Number(b.shut !== null));
  return (
    <aside className="margin" aria-label="Rules for this area">
      <h2>Rules for this area</h2>
      <p>
        {names.zone(zone)}, {sayDate(day)}. Minimum length in {LENGTH_UNIT}, daily limit per person.
      </p>
      <table className="rules-table my-2.5 mx-0 w-full text-s">
        <thead>
          <tr className="border-b border-rule">
            <th className="first:[&:is(th,td)]:pl-0" scope="col">
              Species
            </th>
            <th scope="col">min.</th>
            <th scope="col">limit</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ s, about, shut }) => {
            return (
              <tr className="border-b border-rule" key={s.id}>
                <th className="first:[&:is(th,td)]:pl-0" scope="row">
                  {s.name}
                </th>
                {shut ? (
                  <td colSpan={2}>
                    <b>{shut}</b>
                  </td>
                ) : (
                  <>
                    <td>{sayLeast(about, units)}</td>
                    <td>{sayBag(about)}</td>
                  </>
                )}
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="line-links">
        <Link to={`/plan/briefing?zone=${zone}&day=${day}`}>Briefing (one page to print)</Link>
        <Link to="/plan/rules">All rules, and your own</Link>
      </p>
      <p className="hint">
        {rows.length === 0
          ? 'There are no rules yet: the book keeps records, without verdicts. Add the rules of your waters to get verdicts.'
          : 'There are no rules here for other species.'}
      </p>
      <small>
        {rules.name}, {rules.version}, checked {sayDate(rules.checked)} {rules.checked.slice(0, 4)}.
        {rules.sample ? ' Made-up rules, not law.' : ''} The local authority’s text decides.
      </small>
    </aside>
  );
}
