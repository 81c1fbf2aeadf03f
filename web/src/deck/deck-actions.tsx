import type { Verdict } from '@dagboek/core/rules';
import {
  BLEED_CUTS,
  BLEED_MEDIA,
  DISPATCHES,
  type FishState,
  ICINGS,
  type Logged,
  massOf,
  nextStep,
  type NextStep,
  overBy,
  RELEASE_REASONS,
  RELEASE_STATES,
  releaseReason,
} from '@dagboek/journal';
import { bleedingMinutes } from '@dagboek/core/handling';
import { type ReactNode, useRef, useState } from 'react';
import { isGrave, releaseSentences } from '@dagboek/core/harm';
import { type Species, useCatalogue } from '../kit/catalogue.ts';
import { HazardStrip } from '../kit/hazard-strip.tsx';
import { CalliperMark, DeckKey, StrikeMark, TurnMark } from '../kit/deck-key.tsx';
import { LogLines } from '../kit/facts/log-lines.tsx';
import { Knot } from '../kit/custody/knot.tsx';
import { useBook } from '../kit/journal/journal-context.tsx';
import { useWrite, type WriteResult } from '../kit/journal/use-write.ts';
import { Chips, plain } from '../kit/ui/chips.tsx';
import { Dialog } from '../kit/ui/dialog.tsx';
import { NOW, type When, WhenField, whenMs } from '../kit/ui/when.tsx';
import { Trouble } from '../kit/ui/trouble.tsx';
import { useCatchFocus } from '../kit/use-catch-focus.ts';
import { useCrew } from '../kit/crew.ts';
import { useHabit } from '../kit/use-kept.ts';
import { SplitLotKey } from './split-lot.tsx';

const KnotMark = ({ kind }: { kind: 'dispatched' | 'bled' | 'iced' }) => (
  <svg width="44" height="36" viewBox="-22 -18 44 36" aria-hidden="true">
    <Knot kind={kind} x={0} y={0} r={11} color="currentColor" ground="transparent" />
  </svg>
);

/** The keys under the open entry: one orange, the next thing to do; each writes the entry it is named after. */
export function DeckActions({
  fish,
  verdict,
  species,
  onMeasure,
  onRename,
  onDone,
}: {
  fish: FishState;
  verdict: Verdict | null;
  species: Species | null;
  onMeasure: (() => void) | null;
  onRename: (() => void) | null;
  onDone: () => void;
}) {
  const { book } = useBook();
  const { write } = useWrite();
  const [dispatch, setDispatch] = useHabit('dispatch', DISPATCHES);
  const [cut, setCut] = useHabit(
    'cut',
    BLEED_CUTS.filter((c) => c !== 'none'),
  );
  const [medium, setMedium] = useHabit('medium', BLEED_MEDIA);
  const [icing, setIcing] = useHabit('icing', ICINGS);
  const trip = book.get('trip', fish.trip);
  const { boxes } = useCrew();
  const [box, setBox] = useState(boxes.find((b) => b.id === trip?.box)?.id ?? boxes[0]?.id ?? '');
  const [when, setWhen] = useState<When>(NOW);
  const [keepAnyway, setKeepAnyway] = useState(false);
  const [releasing, setReleasing] = useState(false);
  const [striking, setStriking] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const keys = useRef<HTMLDivElement>(null);
  const next = nextStep(fish, verdict, keepAnyway);
  // Of which the rules say nothing: to keep it and to let it go stand alike.
  const noRule = verdict?.noRuleFound === true && verdict.outcome === 'keep';
  const over = next === 'release' ? overBy(fish, verdict) : 0;
  useCatchFocus(keys, `${next} ${releasing || striking}`);
  // An invasive fish is not offered the way back.
  const mayGoBack = verdict?.outcome !== 'mustNotReturn';
  const after = (r: WriteResult, done = false): void => {
    setTrouble(r.ok ? null : r.why);
    if (!r.ok) return;
    setWhen(NOW);
    if (done) onDone();
  };
  const at = (): { atMs: number } => ({ atMs: whenMs(when) });
  const mass = massOf(fish, species);
  const range = mass ? bleedingMinutes(mass.g) : null;
  const lead: Record<NextStep, ReactNode> = {
    dispatch: (
      <DeckKey
        act={(verdict?.outcome !== 'ask' && !noRule) || keepAnyway}
        mark={<KnotMark kind="dispatched" />}
        name="Dispatched"
        note={
          verdict?.outcome === 'ask'
            ? 'the rules ask something first'
            : noRule
              ? 'kept on your own word'
              : 'then bleed it'
        }
        onClick={() => void write('fish.dispatched', fish.id, { how: dispatch }, at()).then((r) => after(r))}
      />
    ),
    bleed: (
      <DeckKey
        act
        mark={<KnotMark kind="bled" />}
        name="Bled"
        note={range ? `runs ${range[0]} to ${range[1]} min, then onto ice` : 'then onto ice'}
        onClick={() => void write('fish.bled', fish.id, { cut, medium }, at()).then((r) => after(r))}
      />
    ),
    ice: (
      <DeckKey
        act
        mark={<KnotMark kind="iced" />}
        name="Onto ice"
        note={`into ${book.get('box', box)?.name ?? 'a box'}`}
        onClick={() => void write('fish.iced', fish.id, { box, how: icing }, at()).then((r) => after(r, true))}
      />
    ),
    // Before there is a name, the next thing to do is to name it: the key is there, but not the orange one.
    release: (
      <DeckKey
        act={species !== null && over === 0}
        mark={<TurnMark />}
        name={over > 0 ? 'All of it back' : 'Back in the water'}
        note="writes that it went back"
        onClick={() => setReleasing(true)}
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
  return (
    <>
      <div className="action-how">
        {next === 'dispatch' && (
          <Chips label="How" options={plain(DISPATCHES)} value={dispatch} onChange={setDispatch} />
        )}
        {next === 'bleed' && (
          <>
            <Chips label="Cut" options={plain(BLEED_CUTS.filter((c) => c !== 'none'))} value={cut} onChange={setCut} />
            <Chips label="In" options={plain(BLEED_MEDIA)} value={medium} onChange={setMedium} />
            {species && <p className="hint">{species.bleeding}</p>}
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
        {next !== 'measure' && next !== 'release' && next !== 'name' && <WhenField value={when} onChange={setWhen} />}
      </div>
      <Trouble says={trouble} />
      <div className="keys foot-keys" ref={keys} key={next} tabIndex={-1}>
        {over > 0 && <SplitLotKey fish={fish} over={over} />}
        {lead[next]}
        {next === 'bleed' && (
          <DeckKey
            name="Not bled"
            note="left out, and said so"
            onClick={() => void write('fish.bled', fish.id, { cut: 'none' }, at()).then((r) => after(r))}
          />
        )}
        {next !== 'release' && mayGoBack && !fish.dispatched && !fish.bled && (
          <DeckKey mark={<TurnMark />} name="Let go" note="by choice" onClick={() => setReleasing(true)} />
        )}
        {next !== 'measure' && onMeasure && !fish.bled && (
          <DeckKey mark={<CalliperMark />} name="Measure again" onClick={onMeasure} />
        )}
        {(next === 'release' || next === 'measure' || next === 'name') && species && (
          <DeckKey name="Kept anyway" onClick={() => setKeepAnyway(true)} />
        )}
        <DeckKey
          mark={<StrikeMark />}
          name="Strike a line"
          note="nothing is erased"
          onClick={() => setStriking(true)}
        />
      </div>
      {releasing && (
        <ReleaseDialog
          fish={fish}
          reason={releaseReason(fish, verdict)}
          onClose={() => setReleasing(false)}
          onDone={onDone}
        />
      )}
      <StrikeDialog open={striking} lines={fish.log} onClose={() => setStriking(false)} />
    </>
  );
}

/** What the fish is, or may be: all that is known of it. */
const speciesOf = (fish: FishState, byId: (id: string | null) => Species | null): Species[] =>
  [fish.species, ...fish.orElse].flatMap((id) => byId(id) ?? []);

function ReleaseDialog({
  fish,
  reason: first,
  onClose,
  onDone,
}: {
  fish: FishState;
  reason: (typeof RELEASE_REASONS)[number];
  onClose: () => void;
  onDone: () => void;
}) {
  const { write } = useWrite();
  const kinds = speciesOf(fish, useCatalogue().byId);
  const [reason, setReason] = useState(first);
  const [state, setState] = useState<(typeof RELEASE_STATES)[number]>('swam off');
  const [when, setWhen] = useState<When>(NOW);
  const [trouble, setTrouble] = useState<string | null>(null);
  const release = async (): Promise<void> => {
    const r = await write('fish.released', fish.id, { reason, state }, { atMs: whenMs(when) });
    if (r.ok) onDone();
    else setTrouble(r.why);
  };
  return (
    <Dialog title="Back in the water" open onClose={onClose}>
      <HazardStrip hazards={kinds.flatMap((s) => s.hazards.filter(isGrave))} />
      {releaseSentences(kinds).map((say) => (
        <p key={say}>
          <b>{say}</b>
        </p>
      ))}
      <p>A swollen fish from the deep goes back head first, or down on a weight.</p>
      <Chips label="Why" options={plain(RELEASE_REASONS)} value={reason} onChange={setReason} />
      <Chips label="How it went" options={plain(RELEASE_STATES)} value={state} onChange={setState} />
      <WhenField value={when} onChange={setWhen} />
      <Trouble says={trouble} />
      <div className="keys">
        <DeckKey act mark={<TurnMark />} name="It went back" note="writes the entry" onClick={() => void release()} />
      </div>
    </Dialog>
  );
}

function StrikeDialog({ open, lines, onClose }: { open: boolean; lines: readonly Logged[]; onClose: () => void }) {
  return (
    <Dialog title="Lines of this fish" open={open} onClose={onClose}>
      <p>A struck line stays readable; a corrected one keeps the old value beside the new.</p>
      <LogLines lines={lines} />
    </Dialog>
  );
}
