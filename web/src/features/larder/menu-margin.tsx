import { type Menu, type MenuWishes, sayUnplanned } from '@dagboek/core/menu';
import { weekday } from '@dagboek/core/time';
import { type MenuAsked, type Writing } from '@dagboek/journal';
import { Link } from 'react-router';
import { plural } from '../../asked/format.ts';
import { massParts } from '../../asked/units.ts';
import { Chips } from '../../ui/chips.tsx';
import { LineKey } from '../../ui/key.tsx';
import { FreezerWish } from './freezer-wish.tsx';
import { LENGTHS } from './menu-lengths.ts';
import type { Shown } from './menu-shown.ts';
import { type MenuFound } from './use-menu.ts';

/** What has no meal in these days: what that means, and a way to give it one. */
function Unplanned({
  menu,
  wishes,
  days,
  onMove,
}: {
  menu: { readonly unplanned: MenuWishes['packs'] };
  wishes: MenuWishes;
  days: readonly string[];
  onMove: (pack: string, to: string) => void;
}) {
  const { unplanned } = menu;
  const pressing = unplanned.flatMap((p) => sayUnplanned(wishes, p) ?? []);
  const grams = unplanned.reduce((g, p) => g + p.meatG, 0);
  if (unplanned.length === 0) return <p>Every pack has a meal.</p>;
  return (
    <>
      {pressing.map((says) => (
        <p key={says} className="alert alert-warning">
          {says}
        </p>
      ))}
      <details className="why-days">
        <summary>
          {plural(unplanned.length, 'pack')} without a meal, {massParts(grams).join(' ')}
        </summary>
        <ul className="plain-list">
          {unplanned.map((p) => (
            <li key={p.id}>
              <Link to={`/larder/${p.id}`}>
                <b>{p.number}</b> {p.name}
              </Link>
              <label className="put-on">
                <span className="sr-only">Put pack {p.number} on</span>
                <select className="select min-h-11 w-auto" value="" onChange={(e) => onMove(p.id, e.target.value)}>
                  <option value="">no day</option>
                  {days.map((d) => (
                    <option key={d} value={d}>
                      {weekday(d)}
                    </option>
                  ))}
                </select>
              </label>
            </li>
          ))}
        </ul>
      </details>
    </>
  );
}

/** Beside the meals ahead: for how many days, what is left over, and by which wishes it is planned. */
export function MenuMargin({
  length,
  setLength,
  fits,
  keep,
  busy,
  shown,
  menu,
  pale,
  plan,
  move,
  list,
  about,
  setEats,
}: {
  length: '3' | '7' | '10';
  setLength: (to: '3' | '7' | '10') => void;
  fits: boolean;
  keep: Writing[];
  busy: boolean;
  shown: Shown;
  menu: Menu | null;
  pale: boolean;
  plan: MenuFound | null;
  move: (pack: string, to: string) => Promise<void>;
  list: string[];
  about: MenuAsked;
  setEats: (to: boolean) => void;
}) {
  return (
    <aside className="margin">
      <h2>The plan</h2>
      <Chips
        label="Days ahead"
        options={LENGTHS.map((value) => ({ value, text: value }))}
        value={length}
        onChange={setLength}
      />
      {fits && keep.length === 0 && !busy && shown.meals.length > 0 && <p>This plan is saved.</p>}
      {fits && menu && plan && !pale && (
        <Unplanned menu={menu} wishes={plan.of} onMove={(p, to) => void move(p, to)} days={list} />
      )}
      {about.beyond > 0 && (
        <p className="hint">
          {plural(about.beyond, 'pack')} more are less urgent and not planned: they keep longer than these days.
        </p>
      )}
      <h2 className="ruled">Wishes</h2>
      <FreezerWish />
      <p>
        <LineKey onClick={() => setEats(true)}>Who eats what</LineKey>
      </p>
      <p className="hint">
        The plan first avoids waste, then small plates. Then it eats fish at its best, avoids the same species twice in
        a row, and empties packs. Mercury is counted per person and month, roughly as authorities advise. People at risk
        get nothing high in mercury, and one plate a week of fish with some.
      </p>
      <p>
        <Link to="/larder">Back to the larder</Link>
      </p>
    </aside>
  );
}
