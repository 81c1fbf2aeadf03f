import { sayAll } from '../../asked/format.ts';
import { type RulePack } from '@dagboek/core/rules';
import { bagsOn, keptDays, type Book, type Names, type TripState } from '@dagboek/journal';
import { useCatalogue } from '../../asked/catalogue.ts';

/** What was kept against the allowance of each person and of the boat, a day at a time. */
export function AllowanceTable({
  trip,
  names,
  shortDay,
  rules,
  book,
}: {
  trip: TripState;
  names: Names;
  shortDay: (day: string) => string;
  rules: RulePack | null;
  book: Book;
}) {
  const { byId } = useCatalogue();
  // A trip that passes midnight has a bag for each day, as its verdicts have.
  const days = rules ? keptDays({ book, zone: rules.timeZone }, trip.id) : [];
  const bags = days.flatMap((d) =>
    (rules ? bagsOn(book, rules, d, trip.crew, null, trip.boat) : []).map((b) => ({ ...b, day: d })),
  );
  const rows = [...new Set(bags.map((b) => `${b.day} ${b.ruleId}`))].map((id) =>
    bags.filter((b) => `${b.day} ${b.ruleId}` === id),
  );
  const ofBoat = bags.some((b) => b.anglerId === null);
  return (
    <section>
      <h2>Kept, compared with the limit</h2>
      <table className="w-full border-collapse">
        <thead>
          <tr>
            <th scope="col">Species</th>
            {trip.crew.map((m) => (
              <th scope="col" key={m}>
                {names.member(m)}
              </th>
            ))}
            {ofBoat && <th scope="col">Boat</th>}
          </tr>
        </thead>
        <tbody>
          {rows.map((list) => {
            const [first] = list;
            if (!first) return null;
            const of = (who: string | null) => list.find((b) => b.anglerId === who);
            return (
              <tr key={`${first.day} ${first.ruleId}`}>
                <th className="font-bold" scope="row">
                  {first.together.length === 0
                    ? 'All species'
                    : sayAll(first.together.map((id) => byId(id)?.name ?? id))}
                  {first.kind === 'possession' ? ', in hand' : first.kind === 'yearlyBag' ? ', this year' : ''}
                  {days.length > 1 ? `, ${shortDay(first.day)}` : ''}
                </th>
                {trip.crew.map((m) => (
                  <td key={m}>{of(m) ? `${of(m)?.used} of ${of(m)?.most}` : '0'}</td>
                ))}
                {ofBoat && <td>{of(null) ? `${of(null)?.used} of ${of(null)?.most}` : ''}</td>}
              </tr>
            );
          })}
        </tbody>
      </table>
      {rows.length === 0 && <p>Nothing kept so far counts.</p>}
    </section>
  );
}
