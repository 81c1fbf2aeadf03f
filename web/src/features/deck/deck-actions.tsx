import { bleedingMinutes, isNotBled, killBleeds } from '@dagboek/core/handling';
import type { Verdict } from '@dagboek/core/rules';
import { bleedingOf, type FishState, massOf, nextStep, type NextStep, partBack } from '@dagboek/journal';
import { type ReactNode, useState } from 'react';
import type { Species } from '../../asked/catalogue.ts';
import { Knot } from '../../fish/custody/knot.tsx';
import { CalliperMark, DeckKey, TurnMark } from '../../lines/deck-key.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { lazySoon } from '../../ui/lazy-soon.tsx';
import { minutesSeconds } from '../../ui/minutes-seconds.ts';
import { Trouble } from '../../ui/trouble.tsx';
import { useNow } from '../../ui/use-now.ts';
import { BleedingClock } from './bleeding-clock.tsx';
import { DeckFoot } from './deck-foot.tsx';
import { Handling } from './handling.tsx';
import { LetGoKey, useBackInWater } from './let-go.tsx';
import { StrikeKey } from './strike-key.tsx';
import { useHandlingWrites } from './use-handling-writes.ts';
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
  const mass = massOf(fish, species);
  const range = mass ? bleedingMinutes(mass.g) : null;
  const snapped = killBleeds(species, how.kill);

  const { dispatched, bled, notBled, iced } = useHandlingWrites(fish, how, snapped, (r, done = false) => {
    setTrouble(r.ok ? null : r.why);
    if (r.ok) (done ? onDone : onBegun)();
  });
  const unbled = isNotBled(species);
  const boxName = book.get('box', how.box)?.name ?? 'a box';
  const runs = bleeding?.state === 'runs';
  const notBledKey = (act: boolean) => (
    <DeckKey
      act={act}
      type="button"
      name="Not bled"
      note={unbled ? 'nothing to bleed in this species' : 'skipped, and noted'}
      onClick={notBled}
    />
  );
  const bledKey = (act: boolean) => (
    <DeckKey
      act={act}
      mark={<KnotMark kind="bled" />}
      name="Bled"
      note={sentence(how.cut, how.medium, how.ago || (range ? `${range[0]} to ${range[1]} min` : 'then put it on ice'))}
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
          ? `it has bled ${minutesSeconds(bleeding.goneMs)} of ${bleeding.leastMin} min. Tap again to ice it anyway`
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
        name={snapped ? 'Killed and bled' : 'Killed'}
        note={
          verdict?.outcome === 'ask'
            ? 'answer the rules’ question first'
            : noRule
              ? 'your own decision'
              : sentence(how.kill, how.ago || (snapped ? 'then put it on ice' : 'then bleed it'))
        }
        onClick={dispatched}
      />
    ),
    bleed: unbled ? notBledKey(true) : bledKey(true),
    ice: runs ? (
      <DeckKey act name="Next fish" note="this fish keeps bleeding; its timer stays on screen" onClick={onDone} />
    ) : (
      iceKey(true)
    ),
    release: (
      <ReleaseKey
        fish={fish}
        verdict={verdict}
        named={species !== null}
        partly={part !== null}
        onDone={onDone}
        onBack={() => void back().then(setTrouble)}
      />
    ),
    name: <DeckKey act name="What is it?" note="identify it first" onClick={() => onRename?.()} />,
    measure: (
      <DeckKey
        act
        mark={<CalliperMark />}
        name="Measure again"
        note="nose against the stop, mouth closed"
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
          <DeckKey name="Keep it anyway" onClick={() => setKeepAnyway(true)} />
        )}
        <StrikeKey fish={fish} />
      </DeckFoot>
    </>
  );
}

/** It goes back. Before there is a name, the next thing to do is to name it: the key is there, but not the orange one. */
function ReleaseKey({
  fish,
  verdict,
  named,
  partly,
  onDone,
  onBack,
}: {
  fish: FishState;
  verdict: Verdict | null;
  named: boolean;
  /** Only a part of the lot goes back. */
  partly: boolean;
  onDone: () => void;
  onBack: () => void;
}) {
  if (!named)
    return (
      <LetGoKey
        fish={fish}
        verdict={verdict}
        name="Back in the water"
        note="saves that it was released"
        onDone={onDone}
      />
    );
  return (
    <DeckKey
      act={!partly}
      mark={<TurnMark />}
      name={partly ? 'Release all' : 'Back in the water'}
      note="saves that it was released"
      onClick={onBack}
    />
  );
}
