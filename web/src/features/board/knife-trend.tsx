import { plural } from '@dagboek/core/units';
import { useNow } from '../../ui/use-now.ts';
import { useAsked } from '../../asked/asked.ts';
import { CONTROL_Z, LEAST_POINTS } from '@dagboek/core/cut';
import { knifeOf } from '@dagboek/journal';
import { PLATE_G } from '@dagboek/core/plates';
import { Link } from 'react-router';
import { type Species } from '../../asked/catalogue.ts';
import { useNames } from '../../asked/names.ts';
import { percent, useFormat } from '../../asked/format.ts';
import { inSentence } from '../../ui/names-in-text.ts';
import { useWidth } from '../../ui/use-width.ts';
import { sayGrams } from '../../asked/units.ts';

const HEIGHT = 96;
const WORDS = {
  better: 'More meat than expected.',
  worse: 'Less meat than expected.',
  'as expected': 'As expected: no change beyond chance.',
} as const;

/** One knife over its last cuts, each against what was written down before it, with limits that one in a hundred passes by chance. */
export function KnifeTrend({ by, species }: { by: string; species: Species | null }) {
  const asked = useAsked(useNow(60_000));
  const names = useNames();
  const { shortDay, day } = useFormat();
  const [ref, width] = useWidth(330);
  const knife = knifeOf(asked, by, species?.id ?? null);
  const { points, lately, trend } = knife.chart;
  const top = Math.max(CONTROL_Z + 0.4, ...points.map((p) => Math.abs(p.z)));
  const y = (z: number): number => HEIGHT / 2 - (z / top) * (HEIGHT / 2 - 6);
  const x = (i: number): number => 8 + (i * (width - 16)) / Math.max(1, points.length - 1);
  const plates = Math.round(Math.abs(knife.leftG) / PLATE_G);
  return (
    <section ref={ref} aria-label="How your filleting is going">
      <h2 className="ruled">{names.member(by)}’s knife</h2>
      {trend === null || !lately ? (
        <p>
          {points.length === 0
            ? 'No weighed cut had an expected yield yet.'
            : `${points.length} of ${LEAST_POINTS} cuts: too few to say.`}
        </p>
      ) : (
        <>
          <p>
            <b>Last {lately.n} cuts.</b> {WORDS[trend]}
          </p>
          <svg
            className="my-1.5 mx-0 block"
            width={width}
            height={HEIGHT}
            role="img"
            aria-label={`${points.length} cuts against what was expected, the newest on the right`}
          >
            <path d={`M0 ${y(0)}H${width}`} stroke="var(--ink)" strokeWidth="1.2" />
            {[CONTROL_Z, -CONTROL_Z].map((z) => (
              <path key={z} d={`M0 ${y(z)}H${width}`} stroke="var(--ink)" strokeDasharray="5 4" strokeWidth="1.2" />
            ))}
            <path
              d={`M${points.map((p, i) => `${x(i)} ${y(p.z)}`).join('L')}`}
              fill="none"
              stroke="var(--teal)"
              strokeWidth="1.6"
            />
            {points.map((p, i) =>
              p.outside ? (
                <rect
                  key={i}
                  x={x(i) - 4.5}
                  y={y(p.z) - 4.5}
                  width="9"
                  height="9"
                  fill="var(--paper)"
                  stroke="var(--ink)"
                  strokeWidth="2"
                />
              ) : (
                <circle key={i} cx={x(i)} cy={y(p.z)} r="3.4" fill="var(--teal)" />
              ),
            )}
          </svg>
          <small>
            Line: as expected. Dashed lines: crossed by chance in 1 % of cuts.
            {points.some((p) => p.outside) ? ' Squares passed them.' : ''}
          </small>
          <p>
            {knife.leftG > 0
              ? `${sayGrams(knife.leftG)} more stayed on the frames`
              : `${sayGrams(-knife.leftG)} more came off`}{' '}
            than expected over {points.length} cuts
            {plates > 0 ? `: ${plural(plates, 'plate')}` : ''}.
          </p>
        </>
      )}
      {species && (
        <p>
          <Link to={`/board/yields?kind=${species.id}`}>Effect of stiffness, season and size</Link>
        </p>
      )}
      {knife.best && species && (
        <p>
          Best on {inSentence(species.name)}: <b>{percent(knife.best.share)}</b>,{' '}
          <Link to={`/board/${knife.best.cut.id}`}>{shortDay(day(knife.best.cut.startedAt))}</Link>.
        </p>
      )}
    </section>
  );
}
