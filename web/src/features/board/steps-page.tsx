import { routeOf, type StepDue } from '@dagboek/core/cut';
import { bracketsOf, type CutState, hazardsOfStep, onTheBoard, progressOf, speciesOnBoard } from '@dagboek/journal';
import { ArrowLeft } from 'lucide-react';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { type Species, useCatalogue } from '../../asked/catalogue.ts';
import { useNames } from '../../asked/names.ts';
import { sayGrams, sayGramsRange } from '../../asked/units.ts';
import { useWrite } from '../../asked/use-write.ts';
import { useAwake } from '../../devices/alarm/use-awake.ts';
import { HazardStrip } from '../../fish/hazard-strip.tsx';
import { MissingPage } from '../../frame/missing-page.tsx';
import { Page } from '../../frame/page.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { KeyLink } from '../../ui/key.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { useWidth } from '../../ui/use-width.ts';
import { FindForm } from './find-form.tsx';
import { NotKnown } from './not-known.tsx';
import { OthersOnTheBoard } from './others-on-the-board.tsx';
import { SchoolKeys } from './school-keys.tsx';
import { SteaksPlanned } from './steaks-planned.tsx';
import { StepClock } from './step-clock.tsx';
import { StepPicture } from './step-picture.tsx';
import { StepTools } from './step-tools.tsx';
import { useSteaks } from './use-steaks.ts';
import { useStepKeys } from './use-step-keys.ts';
import { useWeighing } from './use-weighing.ts';
import { Asked, WeighField } from './weigh-field.tsx';

/** A cut one step a screen, for gloves and an arm's length: two large keys, the space bar or a pedal, the screen kept lit. */
export function StepsPage() {
  const { id = '' } = useParams();
  const { book } = useBook();
  const { byId } = useCatalogue();
  const cut = book.get('cut', id);
  if (!cut) return <MissingPage />;
  const species = speciesOnBoard(book, cut.fish, byId);
  if (species) return <Steps cut={cut} species={species} />;
  return (
    <Page title="Step by step" first={{ label: 'Step', value: '' }} cells={[]}>
      <NotKnown fishId={cut.fish[0]} />
    </Page>
  );
}

function Steps({ cut, species }: { cut: CutState; species: Species }) {
  const { book } = useBook();
  const names = useNames();
  const { steps, next, done } = progressOf(book, cut, species);
  // What is looked at: the step that comes next, until one goes back to look.
  const [looked, setLooked] = useState<string | null>(null);
  const reached = next === null ? steps.length : steps.indexOf(next);
  const back = looked === null ? -1 : steps.findIndex((s) => s.id === looked);
  const i = back >= 0 && back < reached ? back : reached;
  const step = steps[i] ?? null;
  const { count } = onTheBoard(book, cut.fish, species);
  useAwake(true);
  const go = (to: number): void => setLooked(to >= reached ? null : (steps[Math.max(0, to)]?.id ?? null));
  return (
    <Page
      strikesItself
      title={`${species.name}, step by step`}
      first={{ label: 'Step', value: step ? `${i + 1} of ${steps.length}` : 'all done' }}
      cells={[
        { label: 'On the board', value: `${count > 1 ? `${count} ` : ''}${species.name}` },
        { label: 'Way', value: `${names.member(cut.by)}, ${cut.route}` },
      ]}
    >
      {step ? (
        <Step
          key={step.id}
          cut={cut}
          species={species}
          steps={steps}
          done={done}
          step={step}
          i={i}
          isNext={i === reached}
          then={steps[i + 1] ?? null}
          go={go}
        />
      ) : (
        <div className="step-screen pt-1.5 pr-4 pb-0 pl-5 flex flex-col min-h-[calc(100dvh_-_58px)] bg-paper-open max-tablet:px-3 max-tablet:pt-1 max-tablet:pb-0 max-tablet:min-h-[calc(100dvh_-_120px)]">
          <h2 className="step-sentence py-2.5 px-0 text-[2.25rem] max-tablet:text-[1.75rem] max-tablet:[@media(max-height:720px)]:py-1 max-tablet:[@media(max-height:720px)]:px-0 max-tablet:[@media(max-height:720px)]:text-[1.375rem]">
            Every step is done.
          </h2>
          <p>Next: put the meat into packs, and note what was found inside.</p>
          <div className="step-keys pt-2.5 pr-4 pb-3 pl-5 mt-3 -mr-4 mb-0 -ml-5 gap-3 border-t-2 sticky bottom-0 z-20 grid grid-cols-[minmax(120px,1fr)_2.6fr] bg-paper-open border-ink max-tablet:py-2 max-tablet:px-3 max-tablet:-mx-3 max-tablet:mt-2 max-tablet:mb-0 max-tablet:grid-cols-[minmax(84px,1fr)_3fr] max-tablet:bottom-14">
            <DeckKey name="Back" mark={<ArrowLeft size={26} />} onClick={() => go(steps.length - 1)} />
            <KeyLink act to={`/board/${cut.id}`} name="To the packs" note={routeOf(cut.route).form} />
          </div>
        </div>
      )}
    </Page>
  );
}

function Step({
  cut,
  species,
  steps,
  done,
  step,
  i,
  isNext,
  then,
  go,
}: {
  cut: CutState;
  species: Species;
  steps: readonly StepDue[];
  done: ReadonlySet<string>;
  step: StepDue;
  i: number;
  /** It comes next in the work; else it is looked at again. */
  isNext: boolean;
  then: StepDue | null;
  go: (to: number) => void;
}) {
  const { book } = useBook();
  const { write, writeAll } = useWrite();
  const navigate = useNavigate();
  const lies = onTheBoard(book, cut.fish, species);
  const { knownG } = lies;
  const steaks = useSteaks(cut, species, lies);
  const weighing = useWeighing(cut, species, step.weigh ?? 'round', knownG, lies.weighed);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [finding, setFinding] = useState(false);
  const [ref, width] = useWidth(600);
  const hazards = hazardsOfStep(species, step);

  const sentence = step.weigh ? `On the scale: ${step.name.toLowerCase()}.` : step.todo;

  const brackets = step.weigh ? bracketsOf(cut, species, step.weigh, cut.stages.round?.massG ?? knownG) : null;
  const weighsNow = isNext && step.weigh !== undefined;
  const noteIt = async (): Promise<void> => {
    if (!isNext) return go(i + 1);
    if (weighsNow && !weighing.empty) {
      if (await weighing.weigh()) go(steps.length);
      return;
    }
    const r = await write('cut.stepped', cut.id, { step: step.id });
    if (r.ok) go(steps.length);
    else setTrouble(r.why);
  };

  useStepKeys(noteIt, () => go(i - 1));
  return (
    <div
      className="step-screen pt-1.5 pr-4 pb-0 pl-5 flex flex-col min-h-[calc(100dvh_-_58px)] bg-paper-open max-tablet:px-3 max-tablet:pt-1 max-tablet:pb-0 max-tablet:min-h-[calc(100dvh_-_120px)]"
      ref={ref}
    >
      <div className="gap-2 flex-1 grid content-start max-w-245">
        <h2
          className="step-sentence py-2.5 px-0 text-[2.25rem] max-tablet:text-[1.75rem] max-tablet:[@media(max-height:720px)]:py-1 max-tablet:[@media(max-height:720px)]:px-0 max-tablet:[@media(max-height:720px)]:text-[1.375rem]"
          aria-live="polite"
        >
          {sentence}
        </h2>
        {step.how && <p className="lead max-tablet:[@media(max-height:720px)]:text-[1rem]">{step.how}</p>}
        <HazardStrip hazards={hazards} aid={species.id} />
        {(step.id === 'hands ready' || step.weigh === 'round') && <OthersOnTheBoard cut={cut} />}
        {step.caution && (
          <div className="hazard-strip grid-cols-[auto_minmax(0,1fr)]" role="note">
            <strong className="font-bold text-[1.1875rem] leading-[normal] font-head">Blade</strong>
            <p className="leading-[1.3] text-[1rem] max-tablet:col-span-full max-tablet:text-[0.9375rem]">
              {step.caution}
            </p>
          </div>
        )}
        <StepPicture step={step} species={species} width={width} steps={steps} done={done} steaks={steaks} />
        {steaks && step.id === 'steaks cut' && (
          <SteaksPlanned plan={steaks.plan} thickMm={steaks.thickMm} onThick={steaks.setThickMm} />
        )}
        {step.clock && <StepClock of={`${cut.id}.${step.id}`} clock={step.clock} />}
        {weighsNow && (
          <WeighField
            label={step.name}
            of={cut.id}
            weighing={weighing}
            aboutG={step.weigh === 'round' ? knownG : (brackets?.midG ?? null)}
            onEnter={() => void noteIt()}
            hint={
              brackets
                ? `Expected ${sayGramsRange(brackets.lowG, brackets.highG)}.`
                : weighing.estimateG !== null
                  ? `From its length about ${sayGrams(Math.round(weighing.estimateG))}. This is an estimate, not a weight.`
                  : undefined
            }
          />
        )}
        {step.weigh && cut.stages[step.weigh] && <p>It was weighed.</p>}
        <Asked asked={weighing.asked} />
        <Trouble says={trouble} />
        <SchoolKeys cut={cut} step={step} />
        <StepTools
          setFinding={setFinding}
          isNext={isNext}
          cut={cut}
          step={step}
          sentence={sentence}
          hazards={hazards}
          writeAll={writeAll}
          setTrouble={setTrouble}
        />
      </div>
      <Dialog title="Found inside?" open={finding} wide onClose={() => setFinding(false)}>
        <FindForm cut={cut} onNoted={() => setFinding(false)} />
      </Dialog>
      <div className="step-keys pt-2.5 pr-4 pb-3 pl-5 mt-3 -mr-4 mb-0 -ml-5 gap-3 border-t-2 sticky bottom-0 z-20 grid grid-cols-[minmax(120px,1fr)_2.6fr] bg-paper-open border-ink max-tablet:py-2 max-tablet:px-3 max-tablet:-mx-3 max-tablet:mt-2 max-tablet:mb-0 max-tablet:grid-cols-[minmax(84px,1fr)_3fr] max-tablet:bottom-14">
        <DeckKey
          name="Back"
          mark={<ArrowLeft size={26} />}
          note={i === 0 ? 'to the cut' : undefined}
          onClick={() => (i === 0 ? void navigate(`/board/${cut.id}`) : go(i - 1))}
        />
        <DeckKey
          act={isNext}
          name={!isNext ? 'On' : weighsNow && weighing.empty ? 'Not weighed' : step.name}
          note={
            !isNext
              ? 'was done'
              : weighsNow
                ? weighing.empty
                  ? 'continues without it'
                  : weighing.asked
                    ? 'saves it as typed'
                    : 'saves the weight'
                : then
                  ? `then: ${then.name.toLowerCase()}`
                  : 'the last step'
          }
          onClick={() => void noteIt()}
        />
      </div>
    </div>
  );
}
