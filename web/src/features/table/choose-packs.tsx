import { Link } from 'react-router';
import { daysBetween, sayDate } from '@dagboek/core/time';
import type { HeldPack } from '@dagboek/journal';
import { memo, useMemo } from 'react';
import { useCatalogue } from '../../asked/catalogue.ts';
import { FigureView } from '../../fish/figure-view.tsx';
import { fieldUnit, inField, sayGrams, sayOfMeat, typedAmount, units } from '../../asked/units.ts';
import { LineKey } from '../../ui/key.tsx';
import { type End, ShareFields } from './share-fields.tsx';
import type { NewMeal } from './use-new-meal.ts';
import type { Shares } from './use-shares.ts';

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

/** How a fish is shared out, once a part of it is meant. */
function Share({
  held,
  grams,
  end,
  shares,
  onMass,
  onEnd,
}: {
  held: HeldPack;
  grams: number;
  end: End | null;
  shares: Shares;
  onMass: (g: number) => void;
  onEnd: (end: End) => void;
}) {
  const shared = useMemo(() => shares.shareOf(held, grams, end), [shares, held, grams, end]);
  const mostG = shares.freeG(held);
  if (!shared) return null;
  return shared.shares.length > 1 ? (
    <ShareFields
      number={held.number}
      shared={shared}
      massG={grams}
      mostG={mostG}
      end={end}
      dishes={shares.dishes}
      onMass={onMass}
      onEnd={onEnd}
    />
  ) : mostG > 1 ? (
    <p className="col-span-full pl-10 max-tablet:pl-0">
      <LineKey onClick={() => onMass(Math.round(mostG / 2))}>Only a part of it</LineKey>
    </p>
  ) : null;
}

/** Packs of the larder, the first to be eaten first, and how much is taken of each. Not drawn anew while something else is typed: there may be hundreds. */
export const ChoosePacks = memo(function ChoosePacks({
  held,
  taken,
  setTaken,
  today,
  shares,
  ends,
  setEnds,
}: Pick<NewMeal, 'held' | 'taken' | 'setTaken' | 'today' | 'shares' | 'ends' | 'setEnds'>) {
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
                      ? { ...taken, [h.pack.id]: inField('mass', Math.round(shares.freeG(h) || h.leftG)) }
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
                  {shares.spokenFor(h).map((x) => (
                    <span key={`${x.dinner} ${x.dish}`} className="block">
                      {sayGrams(Math.round(x.massG))} of it for {x.dish}, planned
                    </span>
                  ))}
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
            {on && (
              <Share
                held={h}
                grams={typedAmount('mass', taken[h.pack.id] ?? '', Math.round(h.leftG))?.value || 0}
                end={ends[h.pack.id] ?? null}
                shares={shares}
                onMass={(g) => setTaken({ ...taken, [h.pack.id]: inField('mass', g) })}
                onEnd={(end) => setEnds({ ...ends, [h.pack.id]: end })}
              />
            )}
          </li>
        );
      })}
    </ul>
  );
});
