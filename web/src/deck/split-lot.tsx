import type { Verdict } from '@dagboek/core/rules';
import { type FishState, nextFishNumber, RELEASE_STATES } from '@dagboek/journal';
import { useState } from 'react';
import { DeckKey, TurnMark } from '../kit/deck-key.tsx';
import { useBook } from '../kit/journal/journal-context.tsx';
import { newId, useWrite, type Writing } from '../kit/journal/use-write.ts';
import { Chips, plain } from '../kit/ui/chips.tsx';
import { Dialog } from '../kit/ui/dialog.tsx';
import { Quantity } from '../kit/ui/quantity.tsx';
import { Trouble } from '../kit/ui/trouble.tsx';
import { typedNumber } from '../kit/ui/typed-number.ts';

/** How many of a lot are over what is left; 0 when all of it may stay, or none of it may. */
export function overBy(fish: FishState, verdict: Verdict | null): number {
  if (fish.count < 2 || verdict?.outcome !== 'letGo') return 0;
  // Only where allowances alone are against it: a lot that is too short goes back whole.
  const against = verdict.findings.filter((f) => f.outcome === 'letGo').map((f) => f.ruleId);
  const bags = verdict.allowances.filter((a) => against.includes(a.ruleId));
  if (bags.length < against.length) return 0;
  const left = Math.min(...bags.map((a) => a.left));
  return left > 0 && left < fish.count ? fish.count - left : 0;
}

/** The entries that part a lot: the lot with fewer fish, and those that went back as an entry of their own, named alike. */
export function splitWritings(
  fish: FishState,
  back: number,
  state: (typeof RELEASE_STATES)[number],
  id: string,
  /** Number of the fish that went back, within the trip. */
  number: number,
): Writing[] {
  const line = fish.log.find((l) => l.first.kind === 'fish.landed' && !l.struck);
  if (!line) return [];
  const atMs = Date.parse(line.now.at);
  const about = line.now.about ? { about: true } : {};
  return [
    {
      kind: 'fish.landed',
      subject: fish.id,
      facts: { ...line.now.facts, count: fish.count - back },
      more: { atMs, ...about, amends: line.now.id, because: `${back} of ${fish.count} went back` },
    },
    { kind: 'fish.landed', subject: id, facts: { ...line.now.facts, number, count: back }, more: { atMs, ...about } },
    ...(fish.species
      ? [
          {
            kind: 'fish.named' as const,
            subject: id,
            facts: { species: fish.species, ...(fish.orElse.length > 0 ? { orElse: [...fish.orElse] } : {}) },
          },
        ]
      : []),
    { kind: 'fish.released', subject: id, facts: { reason: 'over the bag', state } },
  ];
}

/** Part of a lot goes back: how many, and how they swam off. */
export function SplitLotKey({ fish, over }: { fish: FishState; over: number }) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState(String(over));
  const [state, setState] = useState<(typeof RELEASE_STATES)[number]>('swam off');
  const [trouble, setTrouble] = useState<string | null>(null);
  const { writeAll } = useWrite();
  const { book } = useBook();
  const back = typedNumber(text);
  const split = async (): Promise<void> => {
    if (back === null || !Number.isInteger(back) || back < 1 || back >= fish.count)
      return setTrouble(`A whole number from 1 to ${fish.count - 1}.`);
    const r = await writeAll(splitWritings(fish, back, state, newId(), nextFishNumber(book, fish.trip)));
    setTrouble(r.ok ? null : r.why);
    if (r.ok) setOpen(false);
  };
  return (
    <>
      <DeckKey
        act
        mark={<TurnMark />}
        name={`${over} of ${fish.count} back`}
        note="the others stay, as a lot of their own"
        onClick={() => (setText(String(over)), setOpen(true))}
      />
      <Dialog title="Part of the lot goes back" open={open} onClose={() => setOpen(false)}>
        <Quantity label="How many go back" unit={`of ${fish.count}`} value={text} onChange={setText} />
        <Chips label="How" options={plain(RELEASE_STATES)} value={state} onChange={setState} />
        <Trouble says={trouble} />
        <div className="keys">
          <button type="button" className="key act" onClick={() => void split()}>
            <span>
              They went back<small>two lines: those that stay, those that went</small>
            </span>
          </button>
        </div>
      </Dialog>
    </>
  );
}
