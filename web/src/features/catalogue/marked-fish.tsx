import type { FigureSpec, Part, Pt } from '@dagboek/figure';
import { figureOf, figureUrl } from '../../fish/figure-view.tsx';

/** A mark on a drawing: filled number = it decides; open = a hint. */
export interface FishMark {
  readonly part: Part;
  readonly decides: boolean;
}

const R = 12;

/** Lays numbers out in the gutters above and below, each near what it marks, none upon another. */
function place(points: readonly Pt[], height: number, width: number): Pt[] {
  const out: Pt[] = points.map((p) => p);
  for (const top of [true, false]) {
    const list = points
      .map((p, i) => ({ i, x: p[0], y: p[1] }))
      .filter((p) => p.y < height / 2 === top)
      .sort((a, b) => a.x - b.x);
    list.forEach((p, k) => {
      const before = list[k - 1];
      p.x = Math.max(p.x, R + 1, before ? before.x + 2 * R + 8 : 0);
    });
    for (let k = list.length - 1, limit = width - R - 1; k >= 0; k--) {
      const p = list[k];
      if (!p) continue;
      p.x = Math.min(p.x, limit);
      limit = p.x - 2 * R - 8;
      out[p.i] = [p.x, top ? -R - 4 : height + R + 4];
    }
  }
  return out;
}

/** A drawn fish with numbered marks and lines to what they mean. */
export function MarkedFish({ spec, size, marks }: { spec: FigureSpec; size: number; marks: readonly FishMark[] }) {
  const fish = figureOf(spec, { size });
  const points = marks.map((m) => fish.parts[m.part]);
  const at = place(points, fish.height, fish.width);
  const gutter = 2 * R + 8;
  return (
    <svg
      className="max-w-full h-auto"
      viewBox={`0 ${-gutter} ${fish.width} ${fish.height + 2 * gutter}`}
      width={fish.width}
      role="img"
      aria-label={`${spec.name}, with numbered marks`}
    >
      <image className="drawn" href={figureUrl(fish)} width={fish.width} height={fish.height} />
      {marks.map((m, i) => {
        const p = points[i] ?? [0, 0];
        const q = at[i] ?? [0, 0];
        return (
          <g key={i}>
            <path d={`M${q[0]} ${q[1]}L${p[0]} ${p[1]}`} stroke="var(--paper)" strokeWidth="4" opacity=".7" />
            <path
              d={`M${q[0]} ${q[1]}L${p[0]} ${p[1]}`}
              stroke="var(--ink)"
              strokeWidth="1.3"
              strokeDasharray={m.decides ? undefined : '2 4'}
            />
            <circle cx={p[0]} cy={p[1]} r="3" fill="var(--ink)" />
            <circle
              cx={q[0]}
              cy={q[1]}
              r={R}
              fill={m.decides ? 'var(--ink)' : 'var(--paper)'}
              stroke="var(--ink)"
              strokeWidth="1.6"
            />
            <text
              x={q[0]}
              y={q[1] + 5}
              textAnchor="middle"
              style={{ fill: m.decides ? 'var(--paper)' : 'var(--ink)', fontWeight: 700 }}
            >
              {i + 1}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
