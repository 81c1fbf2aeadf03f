import type { PackLabel } from '@dagboek/journal';
import { sayShortDate, weekday } from '@dagboek/core/time';
import { renderSVG } from 'uqr';
import type { Species } from '../../asked/catalogue.ts';
import { Knot } from '../../fish/custody/knot.tsx';
import { FigureView } from '../../fish/figure-view.tsx';
import { plural, useFormat } from '../../asked/format.ts';
import { massParts } from '../../asked/units.ts';

/** The line on a label, px. */
const [W, Y] = [230, 12];
/** So many knots stand on it; the hour is written under the first, the one on ice, and the last. */
const MOST_KNOTS = 8;

/** In this year by its weekday, later with the year. */
const dayOf = (day: string, today: string): string =>
  Date.parse(day) - Date.parse(today) < 12 * 86_400_000
    ? `${weekday(day).slice(0, 3)} ${sayShortDate(day)}`
    : `${sayShortDate(day)} ${day.slice(0, 4)}`;

/** A code that opens the pack in this book, wherever it is opened. */
export const codeOf = (id: string): string => `${location.origin}/larder/${id}`;

/** One label, black on white, 99 by 68 mm: number, kind, day, the line of its fish, what to do with it, a code that opens the pack. */
export function LabelCard({ label, species, today }: { label: PackLabel; species: Species | null; today: string }) {
  const { knotTime } = useFormat();
  const [n, u] = massParts(label.massG);
  const knots = label.knots.slice(-MOST_KNOTS);
  const x = (i: number): number => 10 + (i * (W - 60)) / Math.max(1, MOST_KNOTS - 1);
  // Two hours that stand too near to each other are no hours.
  const timed = (i: number): boolean =>
    i === 0 || i === knots.length - 1 || (knots[i]?.kind === 'iced' && i >= 2 && i <= knots.length - 3);
  return (
    <article
      className="py-[4mm] px-[4.5mm] overflow-hidden border border-dashed border-[#777] w-[99mm] h-[68mm] flex flex-col justify-between bg-white text-black print:border-transparent print:[print-color-adjust:exact] print:[break-inside:avoid]"
      aria-label={`Label of pack ${label.number}`}
    >
      <header className="pb-[2mm] gap-2.5 border-b-2 grid grid-cols-[auto_minmax(0,1fr)_auto] border-black">
        <b className="font-bold text-[2.5rem] leading-none font-text">{label.number}</b>
        <div>
          <h2 className="overflow-hidden font-bold text-[1.25rem] leading-[1.1] font-head text-ellipsis">
            {label.kind}
          </h2>
          <p className="overflow-hidden text-[0.8125rem] leading-[1.25] text-black [display:-webkit-box] line-clamp-2">
            {label.what}
          </p>
        </div>
        <div className="text-right text-[0.8125rem]">
          <b className="block text-[1.5rem] leading-[1.1]">
            {n}
            <u className="text-[0.875rem] no-underline">{u}</u>
          </b>
          {label.plates !== null && <span>{plural(label.plates, 'plate')}</span>}
        </div>
      </header>
      <div className="label-mid gap-2 flex justify-between items-center">
        <div>
          {label.by ? (
            <>
              <small className="text-[0.8125rem] leading-[1.25] text-black block">{label.by.word}</small>
              <b className="block font-bold text-[1.375rem] leading-[1.15] font-head">{dayOf(label.by.day, today)}</b>
              <small className="text-[0.8125rem] leading-[1.25] text-black block">
                authority {sayShortDate(label.by.authority)}
                {label.caught ? `; caught ${sayShortDate(label.caught)}` : ''}
              </small>
            </>
          ) : (
            <b className="block font-bold text-[1.375rem] leading-[1.15] font-head">{label.does}</b>
          )}
        </div>
        {species && <FigureView spec={species.figure} size={150} plain />}
      </div>
      <div className="gap-2 flex justify-between items-end">
        <div>
          <svg width={W} height="34" aria-hidden="true">
            <path d={`M${x(0)} ${Y}H${x(Math.max(0, knots.length - 1))}`} stroke="#000" strokeWidth="2.4" />
            {knots.map((k, i) => (
              <Knot key={k.kind} kind={k.kind} x={x(i)} y={Y} color="#000" ground="#fff" />
            ))}
            {knots.map((k, i) =>
              timed(i) ? (
                <text key={k.kind} x={x(i)} y={32} textAnchor={i === 0 ? 'start' : 'middle'} style={{ fill: '#000' }}>
                  {knotTime(k.at, knots[i - 1]?.at)}
                </text>
              ) : null,
            )}
          </svg>
          <p className="text-[0.8125rem] leading-[1.25] text-black">
            {label.by && <b>{label.does}</b>} {label.minds}
          </p>
        </div>
        {/* Drawn from our own address alone. */}
        <div className="label-code" dangerouslySetInnerHTML={{ __html: renderSVG(codeOf(label.id), { border: 1 }) }} />
      </div>
    </article>
  );
}
