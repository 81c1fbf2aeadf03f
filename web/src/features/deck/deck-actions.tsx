import { isNotBled, killBleeds, bleedingMinutes } from '@dagboek/core/handling';
import type { Verdict } from '@dagboek/core/rules';
import { bleedingOf, type FishState, massOf, nextStep, type NextStep, partBack, type Writing } from '@dagboek/journal';
import { type ReactNode, useState } from 'react';
import type { Species } from '../../asked/catalogue.ts';
import { Knot } from '../../fish/custody/knot.tsx';
import { CalliperMark, DeckKey, TurnMark } from '../../lines/deck-key.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import type { WriteResult } from '../../asked/use-write.ts';
import { lazySoon } from '../../ui/lazy-soon.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { useNow } from '../../ui/use-now.ts';
import { minutesSeconds } from '../../ui/minutes-seconds.ts';
import { BleedingClock } from './bleeding-clock.tsx';
import { DeckFoot } from './deck-foot.tsx';
import { Handling } from './handling.tsx';
import { LetGoKey, useBackInWater } from './let-go.tsx';
import { StrikeKey } from './strike-key.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { HowAndWhenKey, useHowAndWhen } from './ways-fields.tsx';

const SplitLotKey = lazySoon(async () => ({ default: (await import('./split-lot.tsx')).SplitLotKey }));

const KnotMark = ({ kind }: { kind: 'dispatched' | 'bled' | 'iced' }) => (
  <svg width="44" height="36" viewBox="-22 -18 44 36" aria-hidden="true">
    <Knot kind={kind} x={0} y={0} r={11} color="currentColor" ground="transparent" />
  </svg>
);

const sentence = (...parts: string[]): string => parts.filter(Boolean).join(', ');

/** The keys under the open entry: one orange, the next thing to do; each writes the entry it is named after. */
export function DeckActions({
  fish,
  verdict,
  species,
  onMeasure,
  onRename,
  onBegun,
  onDone,
}: {
  fish: FishState;
  verdict: Verdict | null;
  species: Species | null;
  onMeasure: (() => void) | null;
  onRename: (() => void) | null;
  onBegun: () => void;
  onDone: () => void;
}) {
  const { book } = useBook();
  const { write, writeAll } = useUndoWrite();
  const [keepAnyway, setKeepAnyway] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [iceEarly, setIceEarly] = useState(false);
  const next = nextStep(fish, verdict, keepAnyway);
  const how = useHowAndWhen(fish, species, next);
  // By the second only while something runs.
  const bleeding = bleedingOf(fish, species, useNow(fish.bled && !fish.iced ? 1000 : 60_000));
  const back = useBackInWater(fish, verdict, onDone);
  // Of which the rules say nothing: to keep it and to let it go stand alike.
  const noRule = verdict?.noRuleFound === true && verdict.outcome === 'keep';
  const part = next === 'release' || next === 'measure' ? partBack(fish, verdict) : null;
  // An invasive fish is not offered the way back.
  const mayGoBack = verdict?.outcome !== 'mustNotReturn';
  const after = (r: WriteResult, done = false): void => {
    setTrouble(r.ok ? null : r.why);
    if (!r.ok) return;
    how.clear();
    if (done) onDone();
    else onBegun();
  };
  const at = (): { atMs: number } => ({ atMs: how.atMs() });
  const mass = massOf(fish, species);
  const range = mass ? bleedingMinutes(mass.g) : null;
  const snapped = killBleeds(species, how.kill);

  const dispatched = (): void => {
    const { signsSeen, wired, gutPierced } = how.marks;
    const facts = {
      how: how.kill,
      ...(signsSeen ? { signsSeen } : {}),
      ...(wired ? { wired } : {}),
      ...(gutPierced ? { gutPierced } : {}),
    };
    const list: Writing[] = [{ kind: 'fish.dispatched', subject: fish.id, facts, more: at() }];
    // In what it bled nobody chose: it bleeds on in the ice.
    if (snapped) list.push({ kind: 'fish.bled', subject: fish.id, facts: { cut: how.kill }, more: at() });
    void writeAll(list).then((r) => after(r));
  };
  const bled = (): void =>
    void write('fish.bled', fish.id, { cut: how.cut, medium: how.medium }, at()).then((r) => after(r));
  const notBled = (): void => void write('fish.bled', fish.id, { cut: 'none' }, at()).then((r) => after(r));
  const iced = (): void =>
    void write('fish.iced', fish.id, { box: how.box, how: how.icing }, at()).then((r) => after(r, true));

  const unbled = isNotBled(species);
  const boxName = book.get('box', how.box)?.name ?? 'a box';
  const runs = bleeding?.state === 'runs';
  const notBledKey = (act: boolean) => (
    <DeckKey
      act={act}
      type="button"
      name="Not bled"
      note={unbled ? 'nothing to bleed in this species' : 'left out, and said so'}
      onClick={notBled}
    />
  );
  const bledKey = (act: boolean) => (
    <DeckKey
      act={act}
      mark={<KnotMark kind="bled" />}
      name="Bled"
      note={sentence(how.cut, how.medium, how.ago || (range ? `${range[0]} to ${range[1]} min` : 'then onto ice'))}
      onClick={bled}
    />
  );
  // Before its time it is asked about once: a fish that goes on ice at once keeps its blood.
  const iceKey = (act: boolean) => (
    <DeckKey
      act={act}
      mark={<KnotMark kind="iced" />}
      name={iceEarly && runs ? 'Onto ice now' : 'Onto ice'}
      note={
        iceEarly && runs && bleeding
          ? `it has bled ${minutesSeconds(bleeding.goneMs)} of ${bleeding.leastMin} min. Press again to ice it now`
          : sentence(`into ${boxName}`, how.icing, how.ago)
      }
      onClick={() => (runs && !iceEarly ? setIceEarly(true) : iced())}
    />
  );
  const lead: Record<NextStep, ReactNode> = {
    dispatch: (
      <DeckKey
        act={(verdict?.outcome !== 'ask' && !noRule) || keepAnyway}
        mark={<KnotMark kind="dispatched" />}
        name={snapped ? 'Dispatched and bled' : 'Dispatched'}
        note={
          verdict?.outcome === 'ask'
            ? 'the rules ask something first'
            : noRule
              ? 'kept on your own word'
              : sentence(how.kill, how.ago || (snapped ? 'then onto ice' : 'then bleed it'))
        }
        onClick={dispatched}
      />
    ),
    bleed: unbled ? notBledKey(true) : bledKey(true),
    ice: runs ? (
      <DeckKey act name="Next fish" note="this one bleeds on, and stays in sight" onClick={onDone} />
    ) : (
      iceKey(true)
    ),
    // Before there is a name, the next thing to do is to name it: the key is there, but not the orange one.
    release: species ? (
      <DeckKey
        act={part === null}
        mark={<TurnMark />}
        name={part ? 'All of it back' : 'Back in the water'}
        note="writes that it went back"
        onClick={() => void back().then(setTrouble)}
      />
    ) : (
      <LetGoKey
        fish={fish}
        verdict={verdict}
        name="Back in the water"
        note="writes that it went back"
        onDone={onDone}
      />
    ),
    name: <DeckKey act name="What is it?" note="settle the name first" onClick={() => onRename?.()} />,
    measure: (
      <DeckKey
        act
        mark={<CalliperMark />}
        name="Measure again"
        note="nose to the stop, mouth shut"
        onClick={() => onMeasure?.()}
      />
    ),
  };
  const timed = next === 'dispatch' || next === 'bleed' || next === 'ice' ? next : null;
  const inSheet: Partial<Record<NextStep, ReactNode>> = { ...lead, bleed: bledKey(true), ice: iceKey(true) };
  return (
    <>
      {bleeding && <BleedingClock bleeding={bleeding} />}
      {timed && <Handling fish={fish} species={species} next={timed} />}
      <DeckFoot
        tripId={fish.trip}
        but={fish.id}
        step={`${next}${runs ? ' runs' : ''}`}
        trouble={<Trouble says={trouble} />}
      >
        {part && next === 'release' && <SplitLotKey fish={fish} part={part} />}
        {lead[next]}
        {runs && iceKey(false)}
        {timed && <HowAndWhenKey how={how} act={inSheet[timed]} trouble={<Trouble says={trouble} />} />}
        {next === 'bleed' && (unbled ? bledKey(false) : notBledKey(false))}
        {next !== 'release' && mayGoBack && !fish.dispatched && !fish.bled && (
          <LetGoKey fish={fish} verdict={verdict} onDone={onDone} />
        )}
        {next === 'release' && species && <LetGoKey fish={fish} verdict={verdict} name="Why, when" onDone={onDone} />}
        {next !== 'measure' && onMeasure && !fish.bled && (
          <DeckKey mark={<CalliperMark />} name={fish.length ? 'Measure again' : 'Measure it'} onClick={onMeasure} />
        )}
        {(next === 'release' || next === 'measure' || next === 'name') && species && (
          <DeckKey name="Kept anyway" onClick={() => setKeepAnyway(true)} />
        )}
        <StrikeKey fish={fish} />
      </DeckFoot>
    </>
  );
}
