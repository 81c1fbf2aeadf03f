import type { Species } from '@dagboek/catalogue';
import type { DrawnFish, Pt } from '@dagboek/figure';
import { useMemo } from 'react';
import { figureOf, figureUrl } from '../../fish/figure-view.tsx';
import type { PairMark } from './pair-marks.ts';

/** Height of the strip in which the links run, px. */
const STRIP = 64;
/** Neither fish is drawn taller than this, px, so that both are in sight at once. */
const TALL = 250;

/**
 * Two species, noses in line and of equal length, one above the other, the same parts linked through the words between
 * them: a solid line for a mark that decides, a dotted one for a hint.
 */
export function LinkedPair({
  pair,
  marks,
  width,
}: {
  pair: readonly [Species, Species];
  marks: readonly PairMark[];
  width: number;
}) {
  const widest = Math.min(760, width - 20);
  const tallest = Math.max(...pair.map((s) => figureOf(s.figure, { size: 320 }).height)) / 320;
  const size = Math.round(Math.min(widest, TALL / tallest));
  const fish = pair.map((s) => figureOf(s.figure, { size }));
  // Columns in the order in which the parts lie, so that the links cross as little as can be.
  const order = useMemo(() => {
    const at = (m: PairMark): number => fish.reduce((x, f) => x + f.parts[m.part][0], 0);
    return marks.map((m, i) => ({ m, i })).sort((a, b) => at(a.m) - at(b.m));
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the figures follow from pair and size
  }, [marks, pair, size]);
  const column = (k: number): number => ((k + 0.5) * width) / Math.max(1, order.length);
  const [above, below] = fish;
  if (!above || !below) return null;
  return (
    <div className="linked-pair" style={{ width }}>
      <PairFish species={pair[0]} fish={above} width={width}>
        {order.map(({ m }, k) => (
          <Link
            key={m.trait.id}
            from={shift(above.parts[m.part], width, above)}
            to={[column(k), above.height + STRIP]}
            decides={m.decides}
          />
        ))}
      </PairFish>
      <ol
        className="pair-words py-1 px-0 gap-1.5 grid list-none text-center leading-[1.2]"
        style={{ gridTemplateColumns: `repeat(${Math.max(1, order.length)}, minmax(0, 1fr))` }}
      >
        {order.map(({ m, i }) => (
          <li key={m.trait.id} className={m.decides ? 'decides' : undefined}>
            <span className="first:self-end">{m.words[0]}</span>
            <b className="font-bold text-m leading-[1.1] font-head">
              <i
                className="size-5.5 place-items-center border-[1.6px] border-ink inline-grid rounded-[50%] font-bold text-cap leading-[normal] font-text [.pair-words_.decides_&]:bg-ink [.pair-words_.decides_&]:text-paper"
                aria-hidden="true"
              >
                {i + 1}
              </i>{' '}
              {m.trait.name ?? m.part}
              <span className="sr-only">
                : {m.trait.question} {m.decides ? 'decides' : 'hints'}
              </span>
            </b>
            <span>{m.words[1]}</span>
          </li>
        ))}
      </ol>
      <PairFish species={pair[1]} fish={below} width={width} under>
        {order.map(({ m }, k) => {
          const [x, y] = shift(below.parts[m.part], width, below);
          return <Link key={m.trait.id} from={[x, y + STRIP]} to={[column(k), 0]} decides={m.decides} />;
        })}
      </PairFish>
    </div>
  );
}

const shift = ([x, y]: Pt, width: number, fish: DrawnFish): Pt => [x + (width - fish.width) / 2, y];

function PairFish({
  species,
  fish,
  width,
  under = false,
  children,
}: {
  species: Species;
  fish: DrawnFish;
  width: number;
  under?: boolean;
  children: React.ReactNode;
}) {
  return (
    <svg
      className="block max-w-full"
      width={width}
      height={fish.height + STRIP}
      role="img"
      aria-label={`${species.name}, with the marks linked to their words`}
    >
      <image
        className="drawn"
        href={figureUrl(fish)}
        x={(width - fish.width) / 2}
        y={under ? STRIP : 0}
        width={fish.width}
        height={fish.height}
      />
      {children}
    </svg>
  );
}

function Link({ from, to, decides }: { from: Pt; to: Pt; decides: boolean }) {
  const mid = (from[1] + to[1]) / 2;
  const d = `M${from[0]} ${from[1]}C${from[0]} ${mid} ${to[0]} ${mid} ${to[0]} ${to[1]}`;
  return (
    <>
      <path d={d} fill="none" stroke="var(--paper)" strokeWidth={decides ? 6 : 4} opacity=".75" />
      <path
        d={d}
        fill="none"
        stroke={decides ? 'var(--teal)' : 'var(--ink-2)'}
        strokeWidth={decides ? 3 : 1.8}
        strokeDasharray={decides ? undefined : '2 5'}
        strokeLinecap="round"
      />
      <circle
        cx={from[0]}
        cy={from[1]}
        r="5"
        fill="var(--paper-open)"
        stroke={decides ? 'var(--teal)' : 'var(--ink-2)'}
        strokeWidth="2.4"
      />
    </>
  );
}
