import { bleedingOf, type FishState } from '@dagboek/journal';
import { stamp } from '@dagboek/core/time';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useFormat } from '../../asked/format.ts';
import { Row } from '../../frame/page.tsx';
import { useNow } from '../../ui/use-now.ts';
import { minutesSeconds } from '../../ui/minutes-seconds.ts';
import { BLEEDING_SAYS } from './bleeding-clock.tsx';

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
}) {
  return (
    <>
      {bleeding.map((f) => (
        <Bleeding key={f.id} fish={f} number={numberOf(f.id)} onChoose={() => onChoose(f.id)} />
      ))}
      {waiting.map((f, i) => (
        <Waiting
          key={f.id}
          fish={f}
          first={i === 0 && waiting.length > 1 && f.dispatched !== null}
          number={numberOf(f.id)}
          onChoose={() => onChoose(f.id)}
        />
      ))}
    </>
  );
}

/** A running bleed. It is reckoned from its entry, so a reload does not stop it. */
function Bleeding({ fish, number, onChoose }: { fish: FishState; number: string; onChoose: () => void }) {
  const { byId } = useCatalogue();
  const { time, zone } = useFormat();
  const species = byId(fish.species);
  const now = useNow(1000);
  const b = bleedingOf(fish, species, now);
  if (!b) return null;
  const left = Math.ceil(b.toMostMs / 60_000);
  return (
    <Row
      className="to-come"
      time={
        <>
          <b>{time(stamp(now - b.goneMs + b.mostMin * 60_000, zone))}</b>
          <span>{left > 0 ? `in ${left} min` : 'over'}</span>
        </>
      }
    >
      <button
        type="button"
        className="py-[5px] px-0 gap-4 grid grid-cols-[minmax(150px,250px)_minmax(80px,1fr)_auto] items-center w-full min-h-14 text-left cursor-pointer max-tablet:grid-cols-[minmax(0,1fr)_auto]"
        onClick={onChoose}
      >
        <span>
          <b>
            {number} {species?.name ?? 'Fish'}, bleeding
          </b>
          <br />
          {BLEEDING_SAYS[b.state]}
        </span>
        <span className="come-clock">
          <span className="num text-[1.625rem]">{minutesSeconds(b.goneMs)}</span> of {b.leastMin} to {b.mostMin} min
        </span>
      </button>
    </Row>
  );
}

function Waiting({
  fish,
  first,
  number,
  onChoose,
}: {
  fish: FishState;
  /** Of several it loses most by waiting. */
  first: boolean;
  number: string;
  onChoose: () => void;
}) {
  const { byId } = useCatalogue();
  const { time } = useFormat();
  return (
    <Row className="to-come" time={<b>{time(fish.landed.at)}</b>}>
      <button
        type="button"
        className="py-[5px] px-0 gap-4 grid grid-cols-[minmax(150px,250px)_minmax(80px,1fr)_auto] items-center w-full min-h-14 text-left cursor-pointer max-tablet:grid-cols-[minmax(0,1fr)_auto]"
        onClick={onChoose}
      >
        <span>
          <b>
            {number} {byId(fish.species)?.name ?? 'Not yet named'}, in hand
          </b>
          <br />
          {first ? 'this one first: waiting costs it most' : 'continue with it'}
        </span>
      </button>
    </Row>
  );
}
