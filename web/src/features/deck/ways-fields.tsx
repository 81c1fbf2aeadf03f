import {
  type Bleed,
  BLEEDS,
  bleedsFor,
  type Kill,
  KILLS,
  killsFor,
  offeredWay,
  type Ways,
} from '@dagboek/core/handling';
import { BLEED_MEDIA, type FishState, ICINGS, type NextStep } from '@dagboek/journal';
import { type ReactNode, useState } from 'react';
import { useCrew } from '../../asked/crew.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import type { Species } from '../../asked/catalogue.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { Chips, plain } from '../../ui/chips.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { LineKey } from '../../ui/key.tsx';
import { NOW, type When, WhenField, whenMs } from '../../asked/when.tsx';
import { useHabit, useKept } from '../../ui/use-kept.ts';

/** How the next thing is done, and when: what the large key would write. */
export interface HowAndWhen {
  readonly kill: Kill;
  readonly cut: Bleed;
  readonly medium: (typeof BLEED_MEDIA)[number];
  readonly icing: (typeof ICINGS)[number];
  readonly box: string;
  readonly marks: { readonly signsSeen: boolean; readonly wired: boolean; readonly gutPierced: boolean };
  readonly atMs: () => number;
  /** "2 min ago", or nothing when it is now. */
  readonly ago: string;
  /** After it was written: now again, and no marks. */
  readonly clear: () => void;
  readonly fields: ReactNode;
}

const NO_MARKS = { signsSeen: false, wired: false, gutPierced: false };

/** The way that is offered of some, and how it is changed: the hand's habit where it suits this fish. */
function useWay<W extends string>(name: string, ways: Ways<W>, all: readonly W[]): [W, (w: W) => void] {
  const [habit, setHabit] = useKept<W | null>(name, null);
  const [chosen, choose] = useState<W | null>(null);
  const offered = offeredWay(ways, habit !== null && all.includes(habit) ? habit : null);
  return [chosen ?? offered, (w) => (choose(w), setHabit(w))];
}

/** So many ways stand in sight; the others behind a key. */
const IN_SIGHT = 4;

/** The ways that suit this fish, the chosen one among them; the rest on demand. */
function WayChips<W extends string>({
  label,
  ways: { ways, own },
  value,
  onChange,
}: {
  label: string;
  ways: Ways<W>;
  value: W;
  onChange: (w: W) => void;
}) {
  const [every, setEvery] = useState(false);
  const shown = every ? ways : ways.filter((w, i) => i < Math.max(own, IN_SIGHT) || w === value);
  return (
    <div className="flex flex-wrap items-center">
      <Chips label={label} options={plain(shown)} value={value} onChange={onChange} />
      {shown.length < ways.length && <LineKey onClick={() => setEvery(true)}>Another way</LineKey>}
    </div>
  );
}

/** What is done next with this fish, as its kind and gear suggest and the hand is used to. */
export function useHowAndWhen(fish: FishState, species: Species | null, next: NextStep): HowAndWhen {
  const { book } = useBook();
  const kills = killsFor(species, fish.gear === 'spear');
  const bleeds = bleedsFor(species);
  const [kill, setKill] = useWay('kill', kills, KILLS);
  const [cut, setCut] = useWay('bleed', bleeds, BLEEDS);
  const [medium, setMedium] = useHabit('medium', BLEED_MEDIA);
  const [icing, setIcing] = useHabit('icing', ICINGS);
  const { boxes } = useCrew();
  const trip = book.get('trip', fish.trip);
  const [box, setBox] = useState(boxes.find((b) => b.id === trip?.box)?.id ?? boxes[0]?.id ?? '');
  const [when, setWhen] = useState<When>(NOW);
  const [marks, setMarks] = useState(NO_MARKS);
  const mark = (name: keyof typeof NO_MARKS, text: string) => (
    <label className="tick">
      <input
        type="checkbox"
        className="checkbox"
        checked={marks[name]}
        onChange={(e) => setMarks({ ...marks, [name]: e.target.checked })}
      />{' '}
      {text}
    </label>
  );
  return {
    kill,
    cut,
    medium,
    icing,
    box,
    marks,
    atMs: () => whenMs(when),
    ago: when.kind === 'set' ? 'at the chosen time' : when.minutes > 0 ? `${when.minutes} min ago` : '',
    clear: () => (setWhen(NOW), setMarks(NO_MARKS)),
    fields: (
      <>
        {next === 'dispatch' && (
          <>
            <WayChips label="How" ways={kills} value={kill} onChange={setKill} />
            <div className="flex flex-wrap gap-y-0 gap-x-5.5">
              {mark('signsSeen', 'A shiver, fins flared, eyes fixed')}
              {mark('wired', 'Spinal wire after')}
              {mark('gutPierced', fish.gear === 'spear' ? 'Shot through the gut' : 'Gut pierced')}
            </div>
          </>
        )}
        {next === 'bleed' && (
          <>
            <WayChips label="Cut" ways={bleeds} value={cut} onChange={setCut} />
            <Chips label="In" options={plain(BLEED_MEDIA)} value={medium} onChange={setMedium} />
          </>
        )}
        {next === 'ice' && (
          <>
            <Chips
              label="Box"
              options={boxes.map((b) => ({ value: b.id, text: b.name }))}
              value={box}
              onChange={setBox}
            />
            <Chips label="How" options={plain(ICINGS)} value={icing} onChange={setIcing} />
          </>
        )}
        <WhenField value={when} onChange={setWhen} />
      </>
    ),
  };
}

/** How and when, behind a key of its own: the large key says what it would write, and the verdict stays in sight. */
export function HowAndWhenKey({
  how,
  act,
  trouble,
}: {
  how: HowAndWhen;
  /** The large key once more: it writes, and the sheet goes with the step. */
  act: ReactNode;
  trouble: ReactNode;
}) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <DeckKey type="button" name="How, when" onClick={() => setOpen(true)} />
      <Dialog title="How and when" open={open} onClose={() => setOpen(false)}>
        {how.fields}
        {trouble}
        <div className="keys">{act}</div>
      </Dialog>
    </>
  );
}
