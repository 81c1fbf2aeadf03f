import { FoldKey } from '../../ui/fold-key.tsx';
import { NowTime } from '../../ui/now-time.tsx';
import type { Verdict } from '@dagboek/core/rules';
import { custodyOf, type DeckStep, deckStep, type FishState, placeAt, type TripState } from '@dagboek/journal';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { type Species, useCatalogue } from '../../asked/catalogue.ts';
import { sayFish, useNames, useRules } from '../../asked/names.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { FirstMark } from '../../fish/first-mark.tsx';
import { FishOnBoard } from './fish-on-board.tsx';
import { useFormat } from '../../asked/format.ts';
import { HazardStrip } from '../../fish/hazard-strip.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { lazySoon } from '../../ui/lazy-soon.tsx';
import { Row } from '../../frame/page.tsx';
import { Ticking } from '../../ui/ticking.tsx';
import { useNarrow } from '../../ui/use-width.ts';
import { AskGear, AskOrigin, originMatters } from './ask-landing.tsx';
import { AskPapers } from './ask-papers.tsx';
import { ChooseSpecies } from './choose-species.tsx';
import type { Naming } from './key/key-panel.tsx';
import { DeckActions } from './deck-actions.tsx';
import { DeckFoot } from './deck-foot.tsx';
import { OnBoard, Reading } from './on-board.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { useDepthOf } from './let-go.tsx';
import { useVerdict } from './use-verdict.ts';
import { VerdictPanel } from './verdict-panel.tsx';

/** A fish has no length before it has a name: the form comes a second after the page. */
const MeasureForm = lazySoon(async () => ({ default: (await import('./measure-form.tsx')).MeasureForm }), 1000);

const since = (ms: number, narrow: boolean): string => {
  const s = Math.max(0, Math.floor(ms / 1000));
  if (narrow && s < 3600) return `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`;
  return s < 3600
    ? `${Math.floor(s / 60)} min ${String(s % 60).padStart(2, '0')} s`
    : `${Math.floor(s / 3600)} h ${Math.floor((s % 3600) / 60)} min`;
};

const VERDICT_WORDS = {
  keep: 'Keep',
  ask: 'Not yet decided',
  measureAgain: 'Measure again',
  letGo: 'Let go',
  mustNotReturn: 'Must not be released',
} as const;

/** The verdict as it is read out: its word, and the first reason. */
function sayVerdict(v: Verdict): string {
  if (v.noRuleFound && v.outcome === 'keep') return 'No rule found.';
  const first = v.findings.find((f) => f.outcome === v.outcome);
  return `${VERDICT_WORDS[v.outcome]}. ${first ? `${first.lead} ${first.because}` : ''}`;
}

/** The open entry: one fish from "what is it" to "onto ice" or back in the water. */
export function FishInHand({
  fish,
  number,
  trip,
  onBegun,
  onDone,
}: {
  fish: FishState;
  number: string;
  trip: TripState;
  /** Something was done with it: it stays in hand, whatever else is aboard. */
  onBegun: () => void;
  onDone: () => void;
}) {
  const { byId } = useCatalogue();
  const { book } = useBook();
  const { time } = useFormat();
  const { write } = useUndoWrite();
  const species = byId(fish.species);
  const judged = useVerdict(fish);
  const verdict = judged?.verdict ?? null;
  const narrow = useNarrow();
  const [again, setAgain] = useState<DeckStep | null>(null);
  const [unmeasured, setUnmeasured] = useState(false);
  const line = custodyOf(book, fish.id);
  // While it is not settled, what any of them may do is said.
  const may = [species, ...fish.orElse.map(byId)].flatMap((s) => s ?? []);
  const hazards = may.flatMap((s) => s.hazards);
  const needs = verdict?.asks?.fact === 'length' ? verdict.asks.kind : null;
  const step = again ?? deckStep(fish, verdict, unmeasured);
  const top = useRef<HTMLDivElement>(null);
  // What stands first (its name, what can hurt) comes to the top of a small screen with every step. Scrolling is the browser's.
  useEffect(() => {
    if (narrow) top.current?.scrollIntoView({ block: 'start' });
  }, [narrow, step, fish.dispatched, fish.bled]);
  const name = async ({ species: s, orElse, seen }: Naming): Promise<void> => {
    const r = await write('fish.named', fish.id, {
      species: s.id,
      ...(orElse.length > 0 ? { orElse: [...orElse] } : {}),
      ...(Object.keys(seen).length > 0 ? { seen } : {}),
    });
    if (r.ok) setAgain(null);
  };
  return (
    <Row
      className="open-entry in-hand"
      time={
        <>
          <NowTime>{time(fish.landed.at)}</NowTime>
          <span>{line?.where === 'bleeding' ? 'landed' : 'in hand'}</span>
          <b className="text-cap">
            <Ticking say={(now) => since(now - Date.parse(fish.landed.at), narrow)} />
          </b>
        </>
      }
    >
      <div ref={top} />
      {/* Always there, so that what is put into it is read out. */}
      <p className="sr-only" role="status">
        {verdict && fish.length ? sayVerdict(verdict) : ''}
      </p>
      <Heading
        fish={fish}
        number={number}
        species={species}
        onRename={step === 'name' ? null : () => setAgain('name')}
      />
      {step !== 'name' && species && (
        <HazardStrip
          hazards={hazards}
          aid={fish.species ?? ''}
          grips={may.map((s) => s.grip)}
          short={narrow || step === 'act'}
        />
      )}
      {step !== 'name' && <FirstMark fish={fish} />}
      {step === 'name' && <ChooseSpecies fish={fish} trip={trip} onChoose={(n) => void name(n)} />}
      {step === 'name' && species && (
        <DeckFoot tripId={fish.trip} but={fish.id} step="rename">
          <DeckKey name="Keep the name" note="as it was" onClick={() => setAgain(null)} />
        </DeckFoot>
      )}
      {step === 'measure' && species && (
        <Measuring
          fish={fish}
          species={species}
          needs={needs}
          verdict={verdict}
          onLeave={again ? () => setAgain(null) : null}
          onUnmeasured={() => (setUnmeasured(true), setAgain(null))}
          onGone={onDone}
        />
      )}
      {step === 'act' && species && (
        <Acting
          decidedBy={judged?.decidedBy ?? null}
          fish={fish}
          species={species}
          verdict={verdict}
          onMeasure={() => setAgain('measure')}
          onRename={() => setAgain('name')}
          onBegun={onBegun}
          onDone={onDone}
        />
      )}
      {step === 'name' && !species && (
        <DeckActions
          fish={fish}
          verdict={null}
          species={null}
          onMeasure={null}
          onRename={null}
          onBegun={onBegun}
          onDone={onDone}
        />
      )}
    </Row>
  );
}

function Heading({
  fish,
  number,
  species,
  onRename,
}: {
  fish: FishState;
  number: string;
  species: Species | null;
  onRename: (() => void) | null;
}) {
  const names = useNames();
  const trip = useBook().book.get('trip', fish.trip);
  const narrow = useNarrow();
  const [open, setOpen] = useState(false);
  return (
    <div className="hand-head py-2 px-0 flex flex-wrap items-baseline justify-between gap-y-0.5 gap-x-5 max-tablet:py-0.5 max-tablet:px-0 max-tablet:flex-wrap max-tablet:items-center">
      <h2 className="text-[2.25rem] max-tablet:flex-1 max-tablet:min-w-0 max-tablet:text-[1.5rem]">
        <small className="mr-1 font-bold text-[1.25rem] leading-[normal] font-head text-ink">{number}</small>{' '}
        {sayFish(fish, names, fish.count > 1 ? `${fish.count} fish: what are they?` : 'What is it?')}
      </h2>
      {narrow && (
        <button
          type="button"
          className="min-w-14 min-h-11 underline underline-offset-3 cursor-pointer"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          {open ? 'Less' : 'More'}
        </button>
      )}
      {(open || !narrow) && (
        <p className="text-ink-2 flex-1 min-w-70 text-right max-tablet:text-left max-tablet:basis-full">
          Caught by {names.member(fish.angler)}
          {fish.gear ? `, ${fish.gear}` : ''}
          {trip && trip.moves.length > 0 ? `, in ${names.zone(placeAt(trip, fish.landed.at).zone)}` : ''}.{' '}
          {onRename && <FoldKey onClick={onRename}>Not this? Change the species</FoldKey>}
          {species && (
            <Link
              className="py-0 px-0.5 ml-3 font-normal text-[length:inherit] leading-none font-text text-ink underline underline-offset-3 min-h-7 cursor-pointer inline-flex items-center max-tablet:min-h-11"
              to={`/catalogue/${species.id}`}
            >
              More about it
            </Link>
          )}
        </p>
      )}
    </div>
  );
}

function Measuring({
  fish,
  species,
  needs,
  verdict,
  onLeave,
  onUnmeasured,
  onGone,
}: {
  fish: FishState;
  species: Species;
  needs: Parameters<typeof MeasureForm>[0]['wants'];
  verdict: Verdict | null;
  onLeave: (() => void) | null;
  onUnmeasured: () => void;
  onGone: () => void;
}) {
  const least = verdict?.findings.find((f) => f.leastMm !== undefined)?.leastMm ?? null;
  const ask = verdict?.findings.find((f) => f.outcome === 'ask') ?? null;
  const narrow = useNarrow();
  return (
    <>
      {!narrow && (
        <FishOnBoard
          spec={species.figure}
          lengthMm={fish.length?.mm ?? least ?? species.usualMm[0]}
          leastMm={least}
          danger={species.hazards.length > 0}
          tall={150}
          caption={
            fish.length ? 'As measured before.' : least ? 'Drawn at the minimum size.' : 'Drawn at a usual size.'
          }
        />
      )}
      {ask && fish.length && (
        <p className="alert alert-warning" role="status">
          <b>{ask.lead}</b> {ask.because}
        </p>
      )}
      {/* Begun anew when the rule asks for another kind of length. */}
      <MeasureForm
        key={`${needs ?? ''}${fish.length?.at ?? ''}`}
        fish={fish}
        species={species}
        wants={needs}
        verdict={verdict}
        {...(fish.length ? {} : { onUnmeasured })}
        {...(onLeave ? { onDone: onLeave } : {})}
        onGone={onGone}
      />
    </>
  );
}

function Acting({
  onRename,
  decidedBy,
  fish,
  species,
  verdict,
  onMeasure,
  onBegun,
  onDone,
}: {
  /** The species whose rule decided, while it is not settled. */
  decidedBy: string | null;
  fish: FishState;
  species: Species;
  verdict: Verdict | null;
  onMeasure: () => void;
  onRename: () => void;
  onBegun: () => void;
  onDone: () => void;
}) {
  const depthM = useDepthOf(fish);
  const rules = useRules();
  const { byId } = useCatalogue();
  // Once it is killed the verdict has been followed: how it is bled and cooled takes its place.
  const decided = fish.dispatched !== null || fish.bled !== null;
  return (
    <>
      {decided ? (
        <Reading fish={fish} species={species} verdict={verdict} />
      ) : (
        <div className="pt-2.5 gap-5.5 grid grid-cols-[minmax(0,1.55fr)_minmax(220px,1fr)] max-tablet:pt-2 max-tablet:gap-1.5 max-tablet:grid-cols-[minmax(0,1fr)]">
          <OnBoard fish={fish} species={species} verdict={verdict} />
          <div className="max-tablet:-order-1">
            <VerdictPanel
              verdict={verdict}
              unsettled={fish.orElse.length > 0 ? decidedBy : null}
              species={[species, ...fish.orElse.flatMap((id) => byId(id) ?? [])]}
              depthM={depthM}
            />
            {originMatters(rules, species.id) && <AskOrigin fish={fish} />}
            {verdict?.asks?.fact === 'gear' && <AskGear fish={fish} />}
            {(verdict?.asks?.fact === 'age' || verdict?.asks?.fact === 'licence') && <AskPapers fish={fish} />}
          </div>
        </div>
      )}
      <DeckActions
        fish={fish}
        verdict={verdict}
        species={species}
        onMeasure={onMeasure}
        onRename={onRename}
        onBegun={onBegun}
        onDone={onDone}
      />
    </>
  );
}
