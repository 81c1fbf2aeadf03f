import type { FreshTone } from '@dagboek/core/fresh';

/** A stretch of the line in the tone of its freshness: colour and pattern both. */
export function ToneLine({
  tone,
  x1,
  x2,
  y,
  weight = 3,
  ground = 'var(--paper)',
}: {
  tone: FreshTone;
  x1: number;
  x2: number;
  y: number;
  weight?: number;
  ground?: string;
}) {
  const d = `M${x1} ${y}H${x2}`;
  if (tone === 'fresh') return <path d={d} stroke="var(--teal)" strokeWidth={weight} />;
  if (tone === 'half')
    return (
      <>
        <path d={d} stroke="var(--ochre)" strokeWidth={weight + 3} />
        <path d={d} stroke={ground} strokeWidth="1.8" />
      </>
    );
  if (tone === 'use')
    return (
      <>
        <path d={d} stroke="var(--ink)" strokeWidth={weight + 4} />
        <path d={d} stroke="var(--buoy)" strokeWidth={weight + 1} />
      </>
    );
  let ticks = '';
  for (let x = x1 + 8; x < x2 - 4; x += 12) ticks += `M${x - 3} ${y + 5}L${x + 3} ${y - 5}`;
  return (
    <>
      <path d={d} stroke="var(--crimson)" strokeWidth={weight} />
      <path d={ticks} stroke="var(--crimson)" strokeWidth="1.8" />
    </>
  );
}
