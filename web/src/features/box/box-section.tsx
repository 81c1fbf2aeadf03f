import { useAsked } from '../../asked/asked.ts';
import {
  boxAdvice,
  boxAt,
  boxRoom,
  type BoxState,
  coreTemperatureOf,
  currentFilling,
  custodyOf,
  type Filling,
  fishInBoxAt,
  fishOnIce,
  fishNumbers,
  type FishState,
  fleshHistory,
  freshnessOfFish,
  levelsIn,
  sayIce,
} from '@dagboek/journal';
import { stamp } from '@dagboek/core/time';
import { useId, useState } from 'react';
import { useCatalogue } from '../../asked/catalogue.ts';
import { sayFish, useNames } from '../../asked/names.ts';
import { plural, useFormat } from '../../asked/format.ts';
import { LogLines } from '../../lines/log-lines.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { useReckoningBeside } from '../../offline/journal-context.tsx';
import { capital } from '../../ui/names-in-text.ts';
import { Row } from '../../frame/page.tsx';
import { LineKey } from '../../ui/key.tsx';
import { heavyNumber, HEAVY_UNIT, sayVolume, units } from '../../asked/units.ts';
import { BoxChart } from './box-chart.tsx';
import { BoxFish } from './box-fish.tsx';
import { BoxKeys } from './box-keys.tsx';
import { type DrawnInBox, BoxView } from './box-view.tsx';
import { boxHeadline, sayAdd, sayAt, sayHowSure, sayIceCourse, sayRest } from './box-words.ts';
import { BoxKnown } from './melt-test.tsx';
import { MoveFish } from './move-fish.tsx';

const HOUR_MS = 3_600_000;
/** Looked ahead so far at least, and so long after the ice is gone, at most so far. */
const [AHEAD_H, AFTER_H, MOST_H] = [6, 3, 60];
/** So many fish and lots are drawn; the rest stand in the list. */
const MOST_DRAWN = 60;
/** Lines of fish in the chart: more would be a thicket. */
const MOST_LINES = 6;
const STEP_MS = 600_000;

/** A box that holds something, or went along: drawn in elevation, with what to do by when, and its ice and fish over time. */
export function BoxSection({ box, boxes, now }: { box: BoxState; boxes: readonly BoxState[]; now: number }) {
  const asked = useAsked(now);
  const filling = currentFilling(asked, box.id);
  return (
    <section aria-label={box.name} className="border-b-2 border-ink">
      {filling ? (
        <Filled filling={filling} boxes={boxes} now={now} />
      ) : (
        <Row className="pad box-head">
          <h2>
            {capital(box.name)} <small>{sayVolume(box.litres)}</small>
          </h2>
          <p>Nothing in it yet.</p>
        </Row>
      )}
    </section>
  );
}

function Filled({ filling, boxes, now }: { filling: Filling; boxes: readonly BoxState[]; now: number }) {
  const { book } = useBook();
  const { byId } = useCatalogue();
  const asked = useAsked(now);
  const names = useNames();
  const format = useFormat();
  const { box, trip } = filling;
  const beside = useReckoningBeside();
  const [looked, setLooked] = useState<number | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const [moving, setMoving] = useState<FishState | null>(null);
  const current = boxAt(filling, now);
  const at = looked ?? now;
  const then = looked === null ? current : boxAt(filling, at);
  const advice = boxAdvice(asked, filling);
  const add = sayAdd(advice, format, now);
  const lying = fishOnIce(book)
    .filter((f) => f.iced?.box === box.id)
    .sort((a, b) => Date.parse(a.iced?.at ?? '') - Date.parse(b.iced?.at ?? ''));
  // What was laid in a moment ago, by a clock that goes ahead, lies in it too.
  const inIt = looked === null ? lying : fishInBoxAt(book, filling, at);
  const numbers = new Map([...new Set(inIt.map((f) => f.trip))].flatMap((t) => [...fishNumbers(book, t)]));
  const drawn: DrawnInBox[] = inIt.slice(0, MOST_DRAWN).map((fish) => {
    const core = coreTemperatureOf({ ...asked, nowMs: at }, fish.id);
    const clock = freshnessOfFish({ ...asked, nowMs: at }, fish.id)?.histamine ?? null;
    const number = numbers.get(fish.id) ?? '?';
    return { fish, number, coreC: core?.coreC ?? null, cold: core?.cold ?? true, danger: clock?.state === 'over' };
  });
  const asksIce = advice.some((a) => a.kind === 'ice not noted');
  const nameOf = (id: string): string => {
    const f = book.getAny('fish', id);
    return f ? `No. ${fishNumbers(book, f.trip).get(id) ?? '?'}, ${sayFish(f, names)},` : 'A fish';
  };
  const here = chosen === null ? null : (drawn.find((d) => d.fish.id === chosen) ?? null);
  const room = boxRoom(asked, box, trip?.endedAt ? null : trip);
  const gone = current.goneMs ?? current.withoutMs ?? now;
  const end = Math.min(now + MOST_H * HOUR_MS, Math.max(now + AHEAD_H * HOUR_MS, gone + AFTER_H * HOUR_MS));
  const start = Math.max(filling.fromMs, now - MOST_H * HOUR_MS);
  const word = lastWord(filling, format, now);
  const lines = box.log.filter((l) => Date.parse(l.now.at) >= filling.fromMs);
  return (
    <>
      <Row
        className="box-top"
        time={
          <b className="[font:700_25px/1.2_var(--serif,Aleo),serif] max-tablet:text-[19px]">
            {format.time(stamp(now, format.zone))}
          </b>
        }
      >
        <div className="box-said reckoned">
          <h2>
            {capital(box.name)}{' '}
            <small className="text-[length:var(--t-body,15px)] text-ink-2">{sayVolume(box.litres)}</small>
          </h2>
          <p className={`box-state${advice.some((a) => a.kind === 'no ice') ? ' none' : ''}`}>{boxHeadline(advice)}</p>
          <p className="num huge-num mx-0 mt-0.5 mb-1 leading-none text-[52px]">
            {heavyNumber(Math.round(then.iceKg * 10) / 10)}
            <u className="ml-2 text-[17px] no-underline text-ink-2">
              {HEAVY_UNIT}{' '}
              {looked === null ? (asksIce ? 'of ice assumed' : 'of ice left') : `of ice at ${sayAt(at, format, now)}`}
            </u>
          </p>
          <p>{sayIceCourse(current, filling, format, now, asksIce)}</p>
          {beside && <p role="status">Calculating.</p>}
          {word && <p className="hint">{word}</p>}
          {sayRest(advice, nameOf).map((s) => (
            <p key={s} className="alert alert-warning">
              {s}
            </p>
          ))}
          <BoxKeys
            box={box}
            add={add}
            asksIce={asksIce}
            waterKg={current.waterKg}
            sun={filling.sun}
            mediumC={current.mediumC}
            chosen={
              here && here.coreC !== null
                ? { fish: here.fish, name: sayFish(here.fish, names), coreC: here.coreC }
                : null
            }
          />
        </div>
        <div className="box-drawn reckoned">
          <BoxView
            filling={filling}
            now={then}
            fish={drawn}
            more={inIt.length - drawn.length}
            levels={levelsIn(then, inIt, byId)}
            chosen={chosen}
            onChoose={(id) => setChosen(chosen === id ? null : id)}
          />
          <p className="hint">
            {inIt.length === 0
              ? 'No fish in it yet.'
              : `Drawn to scale: the fish take up about ${sayVolume(Math.round(room.fishL))}. Drag a fish by its number to another layer or box, or tap it.`}
            {room.unweighed > 0 ? ` ${plural(room.unweighed, 'fish', 'fish')} without a weight are not counted.` : ''}
          </p>
          {here && (
            <p className="line-keys">
              <b>
                {here.number}, {sayFish(here.fish, names)}
              </b>
              <LineKey onClick={() => setMoving(here.fish)}>Move it</LineKey>
            </p>
          )}
        </div>
      </Row>
      <Row className="pad box-time reckoned">
        <BoxChart
          filling={filling}
          fish={inIt.slice(-MOST_LINES).flatMap((f) => {
            const line = custodyOf(book, f.id);
            if (!line) return [];
            const history = fleshHistory(asked, line);
            const iced = Date.parse(f.iced?.at ?? '');
            return [{ id: f.id, label: numbers.get(f.id) ?? '', fromMs: iced, history }];
          })}
          fromMs={start}
          toMs={end}
          nowMs={now}
          atMs={at}
        />
        <TimeSlider from={start} to={end} now={now} at={looked} onChange={setLooked} />
        <details className="mt-1.5">
          <summary className="inline-flex items-center min-h-11 cursor-pointer underline [text-decoration-style:dotted]">
            How sure is this?
          </summary>
          <p>{sayHowSure(current, filling)}</p>
          <BoxKnown box={box} />
        </details>
        {lines.length > 0 && (
          <details className="mt-1.5">
            <summary className="inline-flex items-center min-h-11 cursor-pointer underline [text-decoration-style:dotted]">
              {plural(lines.length, 'entry', 'entries')} of this box since {sayAt(filling.fromMs, format, now)}
            </summary>
            <LogLines lines={lines} from={stamp(filling.fromMs, format.zone)} />
          </details>
        )}
      </Row>
      <BoxFish lines={lying} now={now} />
      {moving && <MoveFish fish={moving} name={sayFish(moving, names)} boxes={boxes} onClose={() => setMoving(null)} />}
    </>
  );
}

/** What was last found out about the ice, and by how much the reckoning was off. */
function lastWord(f: Filling, format: ReturnType<typeof useFormat>, now: number): string | null {
  const c = f.course.corrected.findLast((x) => x.atMs <= now);
  if (!c) {
    const kg = f.trip?.box === f.box.id ? f.trip.iceKg : null;
    return kg === null
      ? null
      : `${capital(sayIce({ kg, seen: null }, units).replace(' added', ''))} at ${sayAt(f.fromMs, format, now)}; not checked since.`;
  }
  const at = sayAt(c.atMs, format, now);
  const off = Math.abs(c.reckonedKg - c.isKg);
  const found = f.found.find((x) => x.atMs === c.atMs && x.kind === c.kind);
  const what =
    found?.kind === 'seen'
      ? `Seen at ${at}: ${sayIce({ kg: null, seen: found.word }, units)}`
      : found?.kind === 'weighed'
        ? `Weighed at ${at}: ${heavyNumber(found.kg)} ${HEAVY_UNIT}`
        : `Read at ${at}`;
  if (off < 0.15) return `${what}, as estimated.`;
  return `${what}. The estimate was wrong by ${heavyNumber(Math.round(off * 10) / 10)} ${HEAVY_UNIT} and has been corrected.`;
}

/** Moves through the hours of a box: as it was, is, and will be if nothing is done. */
function TimeSlider({
  from,
  to,
  now,
  at,
  onChange,
}: {
  from: number;
  to: number;
  now: number;
  at: number | null;
  onChange: (ms: number | null) => void;
}) {
  const id = useId();
  const format = useFormat();
  const ms = at ?? now;
  const said =
    at === null
      ? 'now'
      : at < now
        ? `as it was at ${sayAt(at, format, now)}`
        : `as it will be at ${sayAt(at, format, now)}, if you do nothing`;
  return (
    <div className="flex flex-wrap gap-y-1 gap-x-4 items-center">
      <label htmlFor={id}>
        The box <b>{said}</b>
      </label>
      <input
        className="min-h-11 flex-[1_1_300px] accent-ink"
        id={id}
        type="range"
        min={from}
        max={to}
        step={STEP_MS}
        value={ms}
        aria-valuetext={at === null ? 'now' : sayAt(ms, format, now)}
        onChange={(e) => {
          const v = Number(e.target.value);
          onChange(Math.abs(v - now) < STEP_MS ? null : v);
        }}
      />
      {at !== null && <LineKey onClick={() => onChange(null)}>Back to now</LineKey>}
    </div>
  );
}
