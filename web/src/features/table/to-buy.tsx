import { sayPortion } from '@dagboek/core/recipes';
import { type DinnerState, dinnerShopping } from '@dagboek/journal';
import { useBook } from '../../offline/journal-context.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { LineKey } from '../../ui/key.tsx';

/** What must be bought, what the house has, and what must be declared. */
export function ToBuy({ d }: { d: DinnerState }) {
  const { book } = useBook();
  const { write } = useWrite();
  const own = book.all('book')[0];
  const has = own?.pantry ?? [];
  const list = dinnerShopping(book, d);
  if (!list) return null;
  const { buy, have, allergens } = list;
  const put = (name: string, inHouse: boolean): void => {
    if (own)
      void write('book.pantry', own.id, {
        has: inHouse ? [...has, name] : has.filter((n) => n.toLowerCase() !== name.toLowerCase()),
      });
  };
  return (
    <section aria-label="To buy">
      <h2 className="ruled">To buy</h2>
      {buy.length === 0 && <p>Nothing: everything is in the house.</p>}
      <ul className="plain-list">
        {buy.map((p) => (
          <li className="gap-3 border-b flex justify-between items-center border-rule" key={p.name + p.unit}>
            {sayPortion(p)}
            <LineKey aria-label={`${p.name} is in the house`} onClick={() => put(p.name, true)}>
              in the house
            </LineKey>
          </li>
        ))}
      </ul>
      {have.length > 0 && (
        <p>
          In the house:{' '}
          {have.map((p, i) => (
            <span key={p.name}>
              {i > 0 ? ', ' : ''}
              <LineKey aria-label={`${p.name} is not in the house`} onClick={() => put(p.name, false)}>
                {sayPortion(p)}
              </LineKey>
            </span>
          ))}
          .
        </p>
      )}
      {allergens && <p>{allergens}</p>}
    </section>
  );
}
