import { NowTime } from '../../ui/now-time.tsx';
import type { StageOf } from '@dagboek/core/cut';
import { saySpan } from '@dagboek/core/time';
import { bracketsOf, type CutProgress, type CutState, onTheBoard, stepsToward } from '@dagboek/journal';
import type { Species } from '../../asked/catalogue.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { HazardStrip } from '../../fish/hazard-strip.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { Row } from '../../frame/page.tsx';
import { useWidth } from '../../ui/use-width.ts';
import { KeyLink } from '../../ui/key.tsx';
import { sayGrams, sayGramsRange } from '../../asked/units.ts';
import { CutPicture, linesOf } from './cut-picture.tsx';
import { OthersOnTheBoard } from './others-on-the-board.tsx';
import { Histamine } from './histamine.tsx';
import { SteaksPlanned } from './steaks-planned.tsx';
import { StepList } from './step-list.tsx';
import { useSteaks } from './use-steaks.ts';
import { useWeighing } from './use-weighing.ts';
import { Asked, WeighField } from './weigh-field.tsx';

/** The weighing that comes next: what to do before it, drawn on this fish, and the weight. */
export function WeighingEntry({
  cut,
  progress,
  stage,
  species,
  known,
  weighed,
  startedAt,
  since,
}: {
  cut: CutState;
  progress: CutProgress;
  stage: StageOf;
  species: Species;
  /** What was known of the fish before, g. */
  known: number | null;
  weighed: boolean;
  startedAt: string;
  since: number;
}) {
  const weighing = useWeighing(cut, species, stage.stage, known, weighed);
  const [ref, width] = useWidth(490);
  const { book } = useBook();
  const steaks = useSteaks(cut, species, onTheBoard(book, cut.fish, species));
  const { steps: cuts, at } = stepsToward(progress, stage.stage);
  const numberOf = (s: { id: string }): number => progress.steps.findIndex((x) => x.id === s.id) + 1;
  const brackets = bracketsOf(cut, species, stage.stage, cut.stages.round?.massG ?? known);
  const { caution } = stage;
  const aboutG = stage.stage === 'round' ? known : (brackets?.midG ?? null);
  return (
    <Row
      className="open-entry"
      time={
        <>
          <NowTime>{startedAt}</NowTime>
          <span>on the board</span>
          <b className="text-cap">{saySpan(since)}</b>
        </>
      }
    >
      <h2 className="step-sentence py-2.5 px-0 text-[2.25rem] max-tablet:text-[1.75rem]">{stage.todo}</h2>
      <HazardStrip hazards={species.hazards} aid={species.id} />
      <OthersOnTheBoard cut={cut} />
      {stage.stage === 'round' && <Histamine cut={cut} />}
      {caution && (
        <div className="hazard-strip grid-cols-[auto_minmax(0,1fr)]" role="note">
          <strong className="font-bold text-[1.1875rem] leading-[normal] font-head">Blade</strong>
          <p className="leading-[1.3] text-[1rem] max-tablet:col-span-full max-tablet:text-[0.9375rem]">{caution}</p>
        </div>
      )}
      <div className="pt-2.5 gap-6 grid grid-cols-[minmax(0,1fr)_auto] items-center max-tablet:gap-2 max-tablet:grid-cols-[minmax(0,1fr)]">
        <div className="cut-figure" ref={ref}>
          <CutPicture
            species={species}
            size={Math.min(560, Math.max(300, width))}
            cuts={{ ...linesOf(cuts, at, progress.done, numberOf), ...(steaks ? { steakU: steaks.u } : {}) }}
          />
          <StepList steps={cuts} at={at} done={progress.done} numberOf={numberOf} />
        </div>
        <WeighField
          label={stage.name}
          of={cut.id}
          weighing={weighing}
          aboutG={aboutG}
          autoFocus
          onEnter={() => void weighing.weigh()}
          hint={
            weighing.suggested !== null
              ? 'Weighed on deck. Weigh again if water has run out since.'
              : weighing.estimateG !== null
                ? `From its length about ${sayGrams(Math.round(weighing.estimateG))}. This is an estimate, not a weight.`
                : brackets
                  ? `Expected ${sayGramsRange(brackets.lowG, brackets.highG)}.`
                  : undefined
          }
        />
      </div>
      {steaks && stage.stage !== 'round' && (
        <SteaksPlanned plan={steaks.plan} thickMm={steaks.thickMm} onThick={steaks.setThickMm} />
      )}
      <Asked asked={weighing.asked} />
      <div className="keys foot-keys mt-2.5 max-tablet:mt-2 max-tablet:gap-2 min-[1000px]:flex-nowrap min-[1000px]:[&:has(.foot-fields)]:flex-wrap">
        <DeckKey
          act
          again={weighing.asked}
          name={`${stage.short ?? stage.name} weighed`}
          note={weighing.asked ? 'saves it as typed' : 'saves the weight'}
          onClick={() => void weighing.weigh()}
        />
        {weighing.empty && (
          <DeckKey name="Not weighed" note="continues without it" onClick={() => void weighing.pass()} />
        )}
        <KeyLink to={`/board/${cut.id}/steps`} name="Step by step" note="one step per screen, for gloves" />
      </div>
    </Row>
  );
}
