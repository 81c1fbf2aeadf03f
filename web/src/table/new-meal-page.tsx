import { formFacts, isBody } from '@dagboek/core/larder';
import { outweighs } from '@dagboek/core/cut';
import {
  COOKING,
  DONENESS,
  type HeldPack,
  isNotToEat,
  mealsInOrder,
  packsHeld,
  plannedDay,
  whyNotToEat,
} from '@dagboek/journal';
import { meatFrom, PLATE_G, platesFrom } from '@dagboek/core/plates';
import type { Amount } from '@dagboek/core/units';
import { daysBetween, sayDate, stamp } from '@dagboek/core/time';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { useCatalogue, useNames } from '../kit/catalogue.ts';
import { nowMs } from '../kit/clock.ts';
import { DeckKey } from '../kit/deck-key.tsx';
import { FigureView } from '../kit/figure-view.tsx';
import { plural, useFormat } from '../kit/format.ts';
import { useBook } from '../kit/journal/journal-context.tsx';
import { newId, useWrite } from '../kit/journal/use-write.ts';
import { AT_RISK, CORE_LINE_WORDS, CORE_LINES, leavesRaw, tableCautions } from '@dagboek/core/harm';
import { HistamineNote } from '../kit/histamine-note.tsx';
import { inSentence } from '../kit/names-in-text.ts';
import { Page, Row } from '../kit/page.tsx';
import { useCrew } from '../kit/crew.ts';
import { usePen } from '../kit/pen.ts';
import { Chips, ManyChips, plain } from '../kit/ui/chips.tsx';
import { Quantity } from '../kit/ui/quantity.tsx';
import { numberTrouble, typedNumber } from '../kit/ui/typed-number.ts';
import { DateTimeField } from '../kit/ui/when.tsx';
import { Trouble } from '../kit/ui/trouble.tsx';
import {
  amountTrouble,
  asTyped,
  degrees,
  fieldUnit,
  inField,
  sayGrams,
  sayMass,
  sayTemperature,
  typedAmount,
  units,
} from '../kit/units.ts';

/** "Pollack and mackerel", each kind once. */
function dishNames(names: readonly string[]): string {
  const [first = '', ...rest] = [...new Set(names)];
  const others = rest.map(inSentence);
  return others.length === 0 ? first : `${[first, ...others.slice(0, -1)].join(', ')} and ${others.at(-1) ?? ''}`;
}

/** A meal: from which packs, how, for whom. What is not taken stays in its pack. */
export function NewMealPage() {
  const [search] = useSearchParams();
  const { book } = useBook();
  const { byId } = useCatalogue();
  const names = useNames();
  const navigate = useNavigate();
  const { pen } = usePen();
  const { write } = useWrite();
  const { day, zone } = useFormat();
  const held = packsHeld(book, byId, day, nowMs());
  const asked = search.getAll('pack');
  const planned = plannedDay(book, search.get('day') ?? '');
  const [taken, setTaken] = useState<Readonly<Record<string, string>>>(() => {
    // Of a plan perhaps a part of the pack; without one all that is left.
    const grams = (h: HeldPack): number => planned?.packs.find((p) => p.pack === h.pack.id)?.meatG ?? h.leftG;
    return Object.fromEntries(
      held
        .filter((h) => asked.includes(h.pack.id))
        .map((h) => [
          h.pack.id,
          inField('mass', Math.round(Math.min(h.leftG, isBody(h.pack.form) ? h.leftG : grams(h)))),
        ]),
    );
  });
  const { members } = useCrew();
  const lastMeal = mealsInOrder(book)[0];
  const [method, setMethod] = useState<(typeof COOKING)[number]>(
    COOKING.find((c) => c === planned?.method) ?? 'pan-fried',
  );
  const [cook, setCook] = useState(lastMeal?.cook ?? pen ?? '');
  const [eaters, setEaters] = useState<string[]>(
    planned?.home
      ? [...planned.home]
      : lastMeal
        ? lastMeal.eaters.filter((id) => members.some((m) => m.id === id))
        : members.map((m) => m.id),
  );
  const [guests, setGuests] = useState(planned?.guests ? String(planned.guests) : '');
  const [name, setName] = useState('');
  const [doneness, setDoneness] = useState<(typeof DONENESS)[number] | null>(null);
  const [core, setCore] = useState('');
  const [atMs, setAt] = useState(nowMs);
  const [trouble, setTrouble] = useState<string | null>(null);
  const chosen = held.filter((h) => taken[h.pack.id] !== undefined);
  const taking = (h: HeldPack): Amount | null => typedAmount('mass', taken[h.pack.id] ?? '', Math.round(h.leftG));
  const grams = chosen.reduce((g, h) => g + (taking(h)?.value || 0), 0);
  const kinds = chosen.flatMap((h) => byId(h.pack.species) ?? []);
  // Of several kinds all are named, so that a dish of pollack and mackerel is not written down as pollack.
  const title = name.trim() || (kinds.length > 0 ? `${dishNames(kinds.map((s) => s.name))}, ${method}` : '');
  const today = day(stamp(nowMs(), zone));
  const past = chosen.filter((h) => today > h.keeps.authority);
  // Whole fish is mostly bone and head: it is reckoned by what it yields.
  const meat = chosen.reduce((g, h) => {
    const taken = taking(h)?.value || 0;
    const s = byId(h.pack.species);
    return g + (isBody(h.pack.form) && s ? meatFrom(s, taken) : formFacts(h.pack.form).plates === 'none' ? 0 : taken);
  }, 0);
  const plates = platesFrom(meat).plates;
  const heads = eaters.length + (typedNumber(guests) || 0);
  const serve = async (): Promise<void> => {
    const packs = chosen.map((h) => ({
      pack: h.pack.id,
      massG: taking(h)?.value ?? Number.NaN,
      typed: asTyped({ massG: taking(h) }),
      left: h.leftG,
      number: h.number,
    }));
    if (packs.length === 0) return setTrouble('Choose at least one pack.');
    const odd = packs.find((p) => !(p.massG > 0));
    const notToEat = chosen.find(isNotToEat);
    if (notToEat)
      return setTrouble(
        `Pack ${notToEat.number} is not eaten. ${whyNotToEat(notToEat)} Take it out of the meal, and throw it away.`,
      );
    if (odd) return setTrouble(`Say how much of pack ${odd.number}, such as ${sayGrams(300)}.`);
    const over = packs.find((p) => outweighs(p.massG, p.left));
    if (over)
      return setTrouble(
        `Pack ${over.number} holds ${sayMass(over.left)}; ${sayMass(over.massG)} cannot come out of it.`,
      );
    const guestCount = typedNumber(guests);
    const coreRead = typedAmount('temperature', core);
    const unread = numberTrouble(guests, 'guests') ?? amountTrouble('temperature', core, 'core');
    if (unread) return setTrouble(unread);
    const id = newId();
    const r = await write(
      'meal.served',
      id,
      {
        name: title,
        cook,
        method,
        packs: packs.map(({ pack, massG, typed }) => ({ pack, massG, ...typed })),
        eaters,
        ...(guestCount ? { guests: guestCount } : {}),
        ...(doneness ? { doneness } : {}),
        ...(coreRead ? { coreC: coreRead.value, ...asTyped({ coreC: coreRead }) } : {}),
      },
      { atMs },
    );
    if (r.ok) void navigate(`/table/${id}`);
    else setTrouble(r.why);
  };
  return (
    <Page
      title="Cook a meal"
      first={{ label: 'Meal', value: mealsInOrder(book).length + 1 }}
      cells={[
        { label: 'Dish', value: title || 'not named yet' },
        { label: 'Fish', value: grams ? sayMass(grams) : 'none chosen' },
        { label: 'Plates', value: heads },
      ]}
    >
      <div className="with-margin">
        <form
          onSubmit={(e) => {
            e.preventDefault();
            void serve();
          }}
        >
          <Row className="pad" time={<b className="q">1</b>}>
            <h2>From which packs?</h2>
            {held.length === 0 && <p className="lead">The larder is empty: pack something from the board first.</p>}
            <ul className="choose-packs">
              {held.map((h) => {
                const s = byId(h.pack.species);
                const on = taken[h.pack.id] !== undefined;
                const days = daysBetween(today, h.keeps.eatBy);
                return (
                  <li key={h.pack.id} className={on ? 'chosen' : undefined}>
                    <label>
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
                      <span className="icon">{s && <FigureView spec={s.figure} size={64} plain />}</span>
                      <span className="name">
                        <b>{h.number}</b> {h.pack.what}
                        <small>
                          {sayMass(h.leftG)}, {h.place},{' '}
                          {days < 0
                            ? `was to be eaten by ${sayDate(h.keeps.eatBy)}`
                            : days === 0
                              ? 'eat today'
                              : `by ${sayDate(h.keeps.eatBy)}`}
                        </small>
                      </span>
                    </label>
                    {on && (
                      <span className="with-unit">
                        <input
                          className="input"
                          aria-label={`${units.mass === 'lb' ? 'Ounces' : 'Grams'} of pack ${h.number}`}
                          inputMode="decimal"
                          value={taken[h.pack.id]}
                          onChange={(e) => setTaken({ ...taken, [h.pack.id]: e.target.value })}
                        />
                        <u>{fieldUnit('mass')}</u>
                      </span>
                    )}
                  </li>
                );
              })}
            </ul>
          </Row>
          <Row className="pad question" time={<b className="q">2</b>}>
            <h2>How?</h2>
            <Chips label="Cooked" hideLabel options={plain(COOKING)} value={method} onChange={setMethod} />
            {leavesRaw(method) && (
              <p className="asks">
                <b>This book does not call it safe raw.</b> It holds no freezing record with a cold core for these
                packs. Follow your food authority.
              </p>
            )}
            {tableCautions(
              kinds,
              method,
              chosen.map((h) => ({ of: `Pack ${h.number}`, follows: h.found })),
            ).map((c) => (
              <p key={c.say} className={c.grade === 'stop' ? 'asks' : 'caution'}>
                {degrees(c.say)}
              </p>
            ))}
            <div className="measure-row">
              <div className="field grow">
                <label htmlFor="dish">Name of the dish</label>
                <input
                  id="dish"
                  className="input"
                  value={name}
                  placeholder={title}
                  onChange={(e) => setName(e.target.value)}
                />
              </div>
              <Quantity label="Core, if read" amount="temperature" value={core} onChange={setCore} />
            </div>
            <Chips label="How done it was" options={plain(DONENESS)} value={doneness} onChange={setDoneness} />
          </Row>
          <Row className="pad question" time={<b className="q">3</b>}>
            <h2>Who, and when?</h2>
            <Chips
              label="Cook"
              options={members.map((m) => ({ value: m.id, text: names.member(m.id) }))}
              value={cook}
              onChange={setCook}
            />
            <ManyChips
              label="Who ate"
              options={members.map((m) => ({ value: m.id, text: names.member(m.id) }))}
              values={eaters}
              onChange={setEaters}
            />
            <div className="measure-row">
              <Quantity whole label="Guests" unit="" placeholder="0" value={guests} onChange={setGuests} />
              <DateTimeField label="Served" valueMs={atMs} onChange={setAt} />
            </div>
            {chosen.map((h) => (
              <HistamineNote key={h.pack.id} of={`Pack ${h.number}`} clock={h.histamine} />
            ))}
            {past.length > 0 && (
              <p className="asks">
                <b>Past the authority’s line:</b> pack {past.map((h) => h.number).join(', ')}. When in doubt, throw it
                out.
              </p>
            )}
            <Trouble says={trouble} />
            <div className="keys">
              <DeckKey act type="submit" name="Served" note="writes the meal; marks come after" />
            </div>
          </Row>
        </form>
        <aside className="margin">
          <h2>Is it enough?</h2>
          <p className="plates-count">
            <span className="num">{Math.min(plates, heads)}</span> of {plural(heads, 'plate')}
          </p>
          <p>
            {sayMass(Math.round(meat))} of boneless fish at {sayGrams(PLATE_G)} a plate
            {plates > heads ? `, enough for ${plates}` : ''}.{' '}
            {grams > 0 && plates < heads ? 'Thin: add a pack, or more potatoes.' : ''}
          </p>
          <h2 className="ruled">When is it done?</h2>
          <p>
            Take it off a few degrees early: it coasts on. <b>{degrees(CORE_LINE_WORDS)}</b>{' '}
            {degrees('Flakes just part at 55 to 57°, moist through at 60°: tastier, and under the line.')} Worms die at{' '}
            {sayTemperature(CORE_LINES.parasitesC)} held for a minute in the middle, and not below. {degrees(AT_RISK)}
          </p>
        </aside>
      </div>
    </Page>
  );
}
