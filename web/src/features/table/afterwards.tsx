import { type MealRecord, type MealState, nextPackNumber, packLeft, packNumber } from '@dagboek/journal';
import { recipeOf } from '@dagboek/journal';
import { useState } from 'react';
import { Link } from 'react-router';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { newId } from '../../asked/use-write.ts';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { Key, KeyLink } from '../../ui/key.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { asTyped, sayGrams, sayMass, typedAmount } from '../../asked/units.ts';

/** More cannot be left than so much of the fish that went in: with sauce and all. */
const MOST_LEFT = 1.5;

/** What to change, what is left, and where it goes. */
export function Afterwards({ meal, record }: { meal: MealState; record: MealRecord }) {
  const { book } = useBook();
  const { write } = useUndoWrite();
  const [text, setText] = useState('');
  const [grams, setGrams] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const leftovers = book.naming('pack', meal.id);
  const taken = meal.packs.reduce((g, p) => g + p.massG, 0);
  const still = record.packs.map((p) => ({ ...p, leftG: packLeft(book, p.pack).leftG })).filter((p) => p.leftG >= 1);
  const [main] = record.packs;
  const dinner = book.getAny('dinner', meal.dinner);
  const leads = recipeOf(book, dinner?.dishes.find((x) => meal.dish === null || x.id === meal.dish)?.recipe ?? null)
    ?.leadsTo ?? ['cakes'];
  const note = async (): Promise<void> => {
    const r = await write('meal.noted', meal.id, { text: text.trim() });
    setTrouble(r.ok ? null : r.why);
    if (r.ok) setText((now) => (now === text ? '' : now));
  };
  const keep = async (): Promise<void> => {
    const read = typedAmount('mass', grams);
    if (!read || Number.isNaN(read.value))
      return setTrouble(`Enter the weight of what is left, for example ${sayGrams(200)}.`);
    const massG = read.value;
    if (massG + leftovers.reduce((g, p) => g + p.massG, 0) > taken * MOST_LEFT)
      return setTrouble(
        `More is left than was cooked: ${sayGrams(taken)} of fish went in. Even with sauce, it cannot be more than one and a half times that.`,
      );
    const r = await write('pack.stored', newId(), {
      number: nextPackNumber(book),
      what: `${meal.name}, left over`,
      species: main?.pack.species ?? 'unknown',
      form: 'cooked',
      massG,
      wrapping: 'box',
      place: 'fridge',
      fish: [],
      meal: meal.id,
      ...asTyped({ massG: read }),
    });
    setTrouble(r.ok ? null : r.why);
    if (r.ok) setGrams('');
  };
  return (
    <>
      <h2>What to change</h2>
      {meal.notes.map((n) => (
        <p key={n.at + n.text} className="py-1.5 px-0 border-b border-rule">
          <b>{n.text}</b>
        </p>
      ))}
      <form
        className="remark mt-2 gap-3 flex items-stretch max-tablet:flex-col"
        onSubmit={(e) => {
          e.preventDefault();
          void note();
        }}
      >
        <label className="sr-only" htmlFor="change">
          What to change
        </label>
        <textarea
          id="change"
          className="textarea flex-1 min-w-0"
          rows={2}
          maxLength={2000}
          value={text}
          onChange={(e) => setText(e.target.value)}
          placeholder="a minute less, butter a shade less"
        />
        <Key type="submit" name="Note it" note="shown next time" />
      </form>
      <h2 className="ruled">Leftovers</h2>
      {leftovers.length === 0 && still.length === 0 && <p>According to the book, everything was eaten.</p>}
      {still.map((p) => (
        <p key={p.pack.id}>
          <Link to={`/larder/${p.pack.id}`}>
            Pack {p.number} still has {sayMass(p.leftG)}
          </Link>
          .
        </p>
      ))}
      {leftovers.map((p) => (
        <p key={p.id}>
          <Link to={`/larder/${p.id}`}>
            Pack {packNumber(book, p)}: {p.what}, {sayMass(p.massG)}
          </Link>
        </p>
      ))}
      <div className="by-row">
        <Quantity label="Cooked, left over" amount="mass" value={grams} onChange={setGrams} />
        <DeckKey name="Back to the larder" note="keeps two days in the fridge" onClick={() => void keep()} />
      </div>
      <Trouble says={trouble} />
      {leads.length > 0 && (
        <div className="keys">
          {leads.flatMap((id) => {
            const r = recipeOf(book, id);
            return r ? <KeyLink key={id} small to={`/table/recipes/${id}`} name={r.name} /> : [];
          })}
        </div>
      )}
    </>
  );
}
