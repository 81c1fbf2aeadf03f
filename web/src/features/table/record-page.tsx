import { useNow } from '../../ui/use-now.ts';
import { useAsked } from '../../asked/asked.ts';
import { sayEntry, mealRecord } from '@dagboek/journal';
import { sayDate, saySpan } from '@dagboek/core/time';
import { useParams } from 'react-router';
import { MissingPage } from '../../frame/missing-page.tsx';
import { useCatalogue } from '../../asked/catalogue.ts';
import { sayFish, useNames } from '../../asked/names.ts';
import { useFormat, sayAll, plural } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { PrintPage } from '../../frame/print-page.tsx';
import { sayMass, sayTemperature } from '../../asked/units.ts';

/** The record of a meal's fish from the water on, on one sheet for a doctor. No place: that is the book's own. */
export function RecordPage() {
  const { id = '' } = useParams();
  const { book } = useBook();
  const { byId } = useCatalogue();
  const asked = useAsked(useNow(60_000));
  const names = useNames();
  const { day, time } = useFormat();
  const meal = book.getAny('meal', id);
  if (!meal) return <MissingPage />;
  const record = mealRecord(asked, meal);
  const on = day(meal.servedAt);
  return (
    <PrintPage
      back={{ to: `/table/${meal.id}`, name: 'Back to the meal' }}
      title="A meal of fish, for a doctor"
      aside={
        <>
          Not written by a doctor.
          <br />
          What is not on record is not known.
        </>
      }
      cells={[
        ['Dish', meal.name],
        ['Served', `${sayDate(on)} ${on.slice(0, 4)}, ${time(meal.servedAt)}`],
        [
          'Cooked',
          `${meal.method}${meal.coreC !== null ? `, ${sayTemperature(meal.coreC)} in the middle` : ', middle not read'}`,
        ],
        [
          'Eaten by',
          sayAll([...meal.eaters.map(names.member), ...(meal.guests ? [plural(meal.guests, 'guest')] : [])]),
        ],
        ['With', meal.beside.length > 0 ? meal.beside.join(', ') : 'not noted'],
        [
          'Fell ill',
          record.ill.length > 0
            ? record.ill.map((i) => `${i.who ? names.member(i.who) : 'a guest'}, ${time(i.at)}`).join('; ')
            : 'nobody noted',
        ],
      ]}
      foot={[
        'Times by the clock of the waters.',
        record.waterToPlateMs !== null
          ? `${saySpan(record.waterToPlateMs)} from the water to the plate`
          : 'Caught when: not known',
      ]}
    >
      {record.packs.map((p) => {
        const s = byId(p.pack.species);
        return (
          <section key={p.pack.id}>
            <h2>
              Pack {p.number}: {p.pack.what}, {sayMass(p.massG)}
            </h2>
            <p>
              {s ? `${s.name} (${s.latin})` : 'Species not known'}; {p.pack.form}.{' '}
              {p.histamine
                ? `Histamine clock: ${p.histamine.hours.toFixed(1)} h of ${p.histamine.limitH} h, ${p.histamine.state === 'over' ? 'OVER the limit' : p.histamine.state === 'near' ? 'near the limit' : 'within'}.`
                : 'This species forms no histamine, or nothing is known.'}
            </p>
            {s && s.hazards.length > 0 && (
              <p>Known about the species: {s.hazards.map((h) => `${h.part}: ${h.does}`).join(' ')}</p>
            )}
            {p.found.length > 0 && <p>Found on the board: {p.found.join(' ')}</p>}
            <table className="w-full border-collapse">
              <thead>
                <tr>
                  <th>Time</th>
                  <th>What was done</th>
                </tr>
              </thead>
              <tbody>
                {[
                  ...p.fish.flatMap((l) => l.fish.log.map((x) => ({ x, of: sayFish(l.fish, names) }))),
                  ...p.pack.log.map((x) => ({ x, of: 'Pack' })),
                ]
                  .filter(({ x }) => !x.struck)
                  .sort((a, b) => (a.x.now.at < b.x.now.at ? -1 : 1))
                  .map(({ x, of }) => (
                    <tr key={x.first.id}>
                      <td>
                        {day(x.now.at)} {time(x.now.at)}
                      </td>
                      <td>
                        {of}: {sayEntry(x.now, names)}
                      </td>
                    </tr>
                  ))}
              </tbody>
            </table>
          </section>
        );
      })}
      <section>
        <h2>The meal</h2>
        <table className="w-full border-collapse">
          <tbody>
            {meal.log.map((l) => (
              <tr key={l.first.id}>
                <td>{time(l.now.at)}</td>
                <td>{l.struck ? <s>{sayEntry(l.now, names)}</s> : sayEntry(l.now, names)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
    </PrintPage>
  );
}
