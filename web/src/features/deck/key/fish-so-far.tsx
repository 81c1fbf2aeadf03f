import { figureSoFar } from '@dagboek/figure';
import { useMemo } from 'react';
import { figureOf, figureUrl } from '../../../fish/figure-view.tsx';
import { useWidth } from '../../../ui/use-width.ts';
import { type Region, REGIONS, regionOf } from './regions.ts';
import type { Key } from './use-key.ts';

const STRIP = 30;

/** The fish as the answers draw it, with its regions to tap: the part that strikes one is asked about next. */
export function FishSoFar({ keyed }: { keyed: Key }) {
  const { body, answers, traits, region, next, askRegion } = keyed;
  const [ref, width] = useWidth(320);
  const spec = useMemo(() => (body ? figureSoFar(body, answers) : null), [body, answers]);
  if (!spec) return null;
  const size = Math.min(420, width - 10);
  const fish = figureOf(spec, { size });
  const left = (width - fish.width) / 2;
  // Regions run from head to tail, whichever way the fish looks.
  const ordered = (side: Region['side']): Region[] => {
    const list = REGIONS.filter((r) => r.side === side);
    return spec.facing === 'right' ? list.reverse() : list;
  };
  const numbers = (r: Region): number[] =>
    Object.keys(answers).flatMap((id, i) =>
      regionOf(traits.find((t) => t.id === id)?.part)?.id === r.id ? [i + 1] : [],
    );
  const now = regionOf(next?.part)?.id;
  const row = (side: Region['side']) => (
    <div className="regions gap-2 grid grid-cols-[repeat(4,minmax(0,1fr))] first-of-type:mt-1.5">
      {ordered(side).map((r) => {
        const open = traits.some((t) => !(t.id in answers) && regionOf(t.part)?.id === r.id);
        return (
          <button
            key={r.id}
            type="button"
            className={r.id === now ? 'now' : undefined}
            aria-pressed={r.id === region}
            disabled={!open}
            onClick={() => askRegion(r.id === region ? null : r.id)}
          >
            {r.name}
            {numbers(r).map((n) => (
              <i
                className="ml-[3px] place-items-center inline-grid min-w-[19px] h-[19px] rounded-[50%] bg-ink text-paper-open font-bold text-[0.75rem] leading-[normal] font-text"
                key={n}
              >
                {n}
              </i>
            ))}
          </button>
        );
      })}
    </div>
  );
  const line = (r: Region, k: number, of: number) => {
    const [x, y] = fish.parts[r.point];
    const from = ((k + 0.5) * width) / of;
    return (
      <g key={r.id}>
        <path
          d={`M${from} ${r.side === 'above' ? 0 : fish.height + 2 * STRIP}L${x + left} ${y + STRIP}`}
          stroke="var(--ink-2)"
          strokeWidth={r.id === now ? 2.4 : 1}
          strokeDasharray={r.id === now ? '1 5' : undefined}
          strokeLinecap="round"
        />
        <circle cx={x + left} cy={y + STRIP} r="3.4" fill="var(--paper-open)" stroke="var(--ink-2)" strokeWidth="1.6" />
      </g>
    );
  };
  return (
    <section ref={ref} className="pt-2.5 border-t border-rule-2" aria-label="Your answers so far">
      <h4 className="font-bold text-m leading-[normal] font-head">
        Your answers so far{' '}
        <small className="font-normal text-cap leading-[normal] font-text">
          Noticed something? Tap that part to be asked about it next. Teal: as you answered.
        </small>
      </h4>
      {row('above')}
      <svg className="block max-w-full" width={width} height={fish.height + 2 * STRIP} aria-hidden="true">
        <image className="drawn" href={figureUrl(fish)} x={left} y={STRIP} width={fish.width} height={fish.height} />
        {(['above', 'below'] as const).flatMap((side) => ordered(side).map((r, k, a) => line(r, k, a.length)))}
      </svg>
      {row('below')}
    </section>
  );
}
