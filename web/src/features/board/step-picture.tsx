import { type StepDue } from '@dagboek/core/cut';
import { type Species } from '../../asked/catalogue.ts';
import { BladeSection, CutPicture, linesOf } from './cut-picture.tsx';
import { type useSteaks } from './use-steaks.ts';

/** Where the blade goes in this step: on the whole fish and in section, with what to spare and what to have at hand. */
export function StepPicture({
  step,
  species,
  width,
  steps,
  done,
  steaks,
}: {
  step: StepDue;
  species: Species;
  width: number;
  steps: readonly StepDue[];
  done: ReadonlySet<string>;
  steaks: ReturnType<typeof useSteaks>;
}) {
  return (
    <>
      {step.lines && (
        <CutPicture
          species={species}
          size={Math.min(720, Math.max(280, width - 40))}
          cuts={{
            ...linesOf(
              steps.filter((s) => s === step || (done.has(s.id) && s.lines && !s.weigh)),
              step,
              done,
              (s) => steps.indexOf(s) + 1,
            ),
            ...(steaks ? { steakU: steaks.u } : {}),
          }}
        />
      )}
      <div className="step-side flex items-center gap-y-2 gap-x-5">
        <BladeSection species={species} at={step} />
        <div>
          {step.spare && (
            <p>
              <b>Do not cut:</b> {step.spare}
            </p>
          )}
          {step.tools && (
            <p className="hint">
              <b>At hand:</b> {step.tools.join(', ')}.
            </p>
          )}
        </div>
      </div>
    </>
  );
}
