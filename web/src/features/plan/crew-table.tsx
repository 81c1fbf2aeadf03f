import { sayDate } from '@dagboek/core/time';
import { type Book, type FishState, type Names, type TripState } from '@dagboek/journal';

const sayLicences = (list: readonly { name: string; until: string }[] | null): string =>
  list === null
    ? 'not noted'
    : list.length === 0
      ? 'none'
      : list.map((l) => `${l.name} to ${sayDate(l.until)} ${l.until.slice(0, 4)}`).join(', ');

/** Who is aboard, with licences and the gear used. */
export function CrewTable({
  trip,
  names,
  book,
  fish,
}: {
  trip: TripState;
  names: Names;
  book: Book;
  fish: FishState[];
}) {
  const papers = trip.crew.some((m) => book.get('member', m)?.licences);
  return (
    <section>
      <h2>Aboard</h2>
      <table className="w-full border-collapse">
        <thead>
          <tr>
            <th scope="col">Name</th>
            {papers && <th scope="col">Licences</th>}
            <th scope="col">Gear used</th>
          </tr>
        </thead>
        <tbody>
          {trip.crew.map((m) => (
            <tr key={m}>
              <th className="font-bold" scope="row">
                {names.member(m)}
              </th>
              {papers && <td>{sayLicences(book.get('member', m)?.licences ?? null)}</td>}
              <td>
                {[...new Set(fish.filter((f) => f.angler === m).flatMap((f) => f.gear ?? []))].join(', ') || 'none yet'}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
