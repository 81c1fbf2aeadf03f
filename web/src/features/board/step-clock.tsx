import type { CutStep } from '@dagboek/core/cut';
import { saySpan } from '@dagboek/core/time';
import { nowMs } from '../../ui/clock.ts';
import { Key } from '../../ui/key.tsx';
import { useKept } from '../../ui/use-kept.ts';
import { useNow } from '../../ui/use-now.ts';

const MIN_MS = 60_000;

/** A clock for a step that takes a while, one at a time; it survives a reload, and says when it is enough and when it is too long. */
export function StepClock({ of, clock }: { of: string; clock: NonNullable<CutStep['clock']> }) {
  const [kept, keep] = useKept<{ of: string; since: number } | null>('board.clock', null);
  const since = kept?.of === of ? kept.since : null;
  const setSince = (ms: number | null): void => keep(ms === null ? null : { of, since: ms });
  const now = useNow(1000);
  const range = `${clock.fromMin} to ${clock.toMin} min`;
  if (since === null)
    return <Key small name={`Start the clock: ${clock.of}`} note={range} onClick={() => setSince(nowMs())} />;
  const min = (now - since) / MIN_MS;
  const says =
    min < clock.fromMin ? `enough at ${clock.fromMin} min` : min <= clock.toMin ? 'enough now' : 'long enough: go on';
  return (
    <p className="text-[1.125rem]" role="timer">
      <b className="num text-[1.75rem]">{saySpan(Math.max(0, now - since))}</b> {clock.of}, {says}.{' '}
      <Key small name="Stop" onClick={() => setSince(null)} />
    </p>
  );
}
