import { Link } from 'react-router';
import { daysBetween, sayDate } from '@dagboek/core/time';
import { memo } from 'react';
import { useCatalogue } from '../../asked/catalogue.ts';
import { FigureView } from '../../fish/figure-view.tsx';
import { fieldUnit, inField, sayOfMeat, units } from '../../asked/units.ts';
import type { NewMeal } from './use-new-meal.ts';

/** How much is taken of a pack. */
function Grams({
  number,
  value,
  onChange,
}: {
  number: string | number;
  value: string;
  onChange: (grams: string) => void;
}) {
  return (
    <span className="gap-1.5 flex items-center">
      <input
        className="input"
        aria-label={`${units.mass === 'lb' ? 'Ounces' : 'Grams'} of pack ${number}`}
        inputMode="decimal"
        value={value}
        onChange={(e) => onChange(e.target.value)}
      />
      <u className="ml-[0.16em] font-medium text-m leading-[normal] font-text no-underline text-ink-2">
        {fieldUnit('mass')}
      </u>
    </span>
  );
}

/** Packs of the larder, the first to be eaten first, and how much is taken of each. Not drawn anew while something else is typed: there may be hundreds. */
export const ChoosePacks = memo(function ChoosePacks({
  held,
  taken,
  setTaken,
  today,
}: Pick<NewMeal, 'held' | 'taken' | 'setTaken' | 'today'>) {
  const { byId } = useCatalogue();
  if (held.length === 0)
    return (
      <p className="lead">
        The larder is empty. First pack some fish on the <Link to="/board">board</Link>, or{' '}
        <Link to="/larder">add a pack</Link> that was not cut here.
      </p>
    );
  return (
    <ul className="choose-packs">
      {held.map((h) => {
        const s = byId(h.pack.species);
        const on = taken[h.pack.id] !== undefined;
        const days = daysBetween(today, h.keeps.eatBy);
        return (
          <li key={h.pack.id} className={on ? 'chosen' : undefined}>
            <label className="pl-1 gap-2.5 grid grid-cols-[30px_64px_minmax(0,1fr)] items-center min-h-14 cursor-pointer max-tablet:grid-cols-[30px_minmax(0,1fr)]">
              <input
                type="checkbox"
                className="checkbox"
                checked={on}
                onChange={(e) =>
                  setTaken(
                    e.target.checked
                      ? { ...taken, [h.pack.id]: inField('mass', Math.round(h.leftG)) }
                      : Object.fromEntries(Object.entries(taken).filter(([k]) => k !== h.pack.id)),
                  )
                }
              />
              <span className="icon max-tablet:hidden">{s && <FigureView spec={s.figure} size={64} plain />}</span>
              <span className="name">
                <b>{h.number}</b> {h.pack.what}
                <small>
                  {sayOfMeat(h.leftG, h.body.meatG)}, {h.place},{' '}
                  {days < 0
                    ? `should have been eaten by ${sayDate(h.keeps.eatBy)}`
                    : days === 0
                      ? 'eat today'
                      : `by ${sayDate(h.keeps.eatBy)}`}
                </small>
              </span>
            </label>
            {on && (
              <Grams
                number={h.number}
                value={taken[h.pack.id] ?? ''}
                onChange={(g) => setTaken({ ...taken, [h.pack.id]: g })}
              />
            )}
          </li>
        );
      })}
    </ul>
  );
});
