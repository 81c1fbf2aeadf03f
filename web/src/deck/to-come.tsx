import { BLEEDING_LIMIT_MIN, bleedingMinutes } from '@dagboek/core/handling';
import { type FishState, massOf, type TripState } from '@dagboek/journal';
import { stamp } from '@dagboek/core/time';
import { useCatalogue } from '../kit/catalogue.ts';
import { FloatMark, Knot } from '../kit/custody/knot.tsx';
import { useFormat } from '../kit/format.ts';
import { Row } from '../kit/page.tsx';
import { Ticking } from '../kit/ticking.tsx';
import { useNow } from '../kit/use-now.ts';
import { useWidth } from '../kit/use-width.ts';

/** What runs and what waits, below the open entry: bleeding fish with their clocks, and other fish in hand. */
export function ToCome({
  bleeding,
  waiting,
  numberOf,
  onChoose,
}: {
  bleeding: readonly FishState[];
  waiting: readonly FishState[];
  numberOf: (id: string) => string;
  onChoose: (id: string) => void;
  trip: TripState;
}) {
  return (
    <>
      {bleeding.map((f) => (
        <Bleeding key={f.id} fish={f} number={numberOf(f.id)} onChoose={() => onChoose(f.id)} />
      ))}
      {waiting.map((f) => (
        <Waiting key={f.id} fish={f} number={numberOf(f.id)} onChoose={() => onChoose(f.id)} />
      ))}
    </>
  );
}

const clock = (ms: number): string => {
  const s = Math.max(0, Math.floor(ms / 1000));
  return `${String(Math.floor(s / 60)).padStart(2, '0')}:${String(s % 60).padStart(2, '0')}`;
};

/** A running bleed. It is reckoned from its entry, so a reload does not stop it. */
function Bleeding({ fish, number, onChoose }: { fish: FishState; number: string; onChoose: () => void }) {
  const { byId } = useCatalogue();
  const { time, zone } = useFormat();
  const [ref, width] = useWidth(300);
  const now = useNow(5000);
  const species = byId(fish.species);
  const startMs = Date.parse(fish.bled?.at ?? fish.landed.at);
  const [least, most] = bleedingMinutes(massOf(fish, species)?.g ?? 800);
  const gone = now - startMs;
  const left = Math.ceil((startMs + most * 60_000 - now) / 60_000);
  const share = Math.min(1, gone / (most * 60_000));
  const long = gone > BLEEDING_LIMIT_MIN * 60_000;
  return (
    <Row
      className="to-come"
      time={
        <>
          <b>{time(stamp(startMs + most * 60_000, zone))}</b>
          <span>{left > 0 ? `in ${left} min` : `${-left} min over`}</span>
        </>
      }
    >
      <button type="button" className="come-row" onClick={onChoose}>
        <span>
          <b>
            {number} {species?.name ?? 'Fish'}, bleeding
          </b>
          <br />
          {long ? 'warm too long: onto ice now' : share >= least / most ? 'enough; onto the ice' : 'then onto the ice'}
        </span>
        <span ref={ref} className="come-line" aria-hidden="true">
          <svg width={width} height="36" viewBox={`0 0 ${width} 36`}>
            <path d={`M16 18H${16 + share * (width - 44)}`} stroke="var(--teal)" strokeWidth="3" />
            <path
              d={`M${16 + share * (width - 44)} 18H${width - 16}`}
              stroke="var(--teal)"
              strokeWidth="2"
              strokeDasharray="2 7"
              strokeLinecap="round"
            />
            <Knot kind="bled" x={14} y={18} r={7} />
            <Knot kind="iced" x={width - 14} y={18} r={7} look={share >= 1 ? 'now' : 'open'} />
            <FloatMark x={16 + share * (width - 44)} y={18} waits={share >= least / most} />
          </svg>
        </span>
        <span className="come-clock">
          <span className="num">
            <Ticking say={(ms) => clock(ms - startMs)} />
          </span>{' '}
          of {least} to {most} min
        </span>
      </button>
    </Row>
  );
}

function Waiting({ fish, number, onChoose }: { fish: FishState; number: string; onChoose: () => void }) {
  const { byId } = useCatalogue();
  const { time } = useFormat();
  return (
    <Row className="to-come" time={<b>{time(fish.landed.at)}</b>}>
      <button type="button" className="come-row" onClick={onChoose}>
        <span>
          <b>
            {number} {byId(fish.species)?.name ?? 'Not yet named'}, in hand
          </b>
          <br />
          take it up again
        </span>
      </button>
    </Row>
  );
}
