import { likelihoodWord, NONE } from '@dagboek/core/key';
import { type Species, useCatalogue } from '../../../asked/catalogue.ts';
import { FigureView } from '../../../fish/figure-view.tsx';
import { isDangerous } from '@dagboek/core/harm';
import { WarningTriangle } from '../../../fish/hazard-strip.tsx';
import type { Key } from './use-key.ts';

/** At most this many candidates in view. */
const IN_VIEW = 5;

/** The likeliest, each with its probability in words and a number, and a tick where it stood before the last answer. */
export function Candidates({ keyed, onChoose }: { keyed: Key; onChoose: (s: Species) => void }) {
  const { byId } = useCatalogue();
  const { ranking, before, answers } = keyed;
  const was = new Map(before.candidates.map((c) => [c.id, c.p]));
  const moved = Object.keys(answers).length > 0;
  return (
    <>
      <ol className="candidates">
        {ranking.candidates.slice(0, IN_VIEW).map((c) => (
          <Candidate
            key={c.id}
            p={c.p}
            was={moved ? (was.get(c.id) ?? null) : null}
            species={byId(c.id)}
            onChoose={onChoose}
          />
        ))}
      </ol>
      <p className="hint text-cap">
        Dashed line: 96 %, enough to name it.{moved && ' Small mark: before your last answer.'}
        {!ranking.candidates.slice(0, IN_VIEW).some((c) => c.id === NONE) &&
          ` None of these: ${inHundred(ranking.candidates.find((c) => c.id === NONE)?.p ?? 0)} %.`}
      </p>
    </>
  );
}

const inHundred = (p: number): string => (p >= 0.995 ? '99+' : p < 0.005 ? '<1' : String(Math.round(p * 100)));

function Candidate({
  p,
  was,
  species,
  onChoose,
}: {
  p: number;
  was: number | null;
  species: Species | null;
  onChoose: (s: Species) => void;
}) {
  const percent = inHundred(p);
  const hurts = species !== null && isDangerous(species);
  const word = species ? likelihoodWord(p) : 'not in the catalogue';
  const body = (
    <>
      <span className="icon">{species ? <FigureView spec={species.figure} size={64} plain /> : <OutlineFish />}</span>
      <span className="name font-semibold leading-[1.15]">
        {species?.name ?? 'None of these'}
        <small>
          {hurts && (
            <span className="hurts">
              <WarningTriangle size={12} />{' '}
            </span>
          )}
          {word}
          {was !== null && `; was ${inHundred(was)}`}
        </small>
      </span>
      <span className="num text-[1.5rem]">
        {percent}
        <u>%</u>
      </span>
      <svg className="col-span-full w-full h-2" viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true">
        <path d="M0 4H100" stroke="var(--rule)" strokeWidth="1" />
        {species ? (
          <path d={`M0 4H${p * 100}`} stroke="var(--teal)" strokeWidth="7" />
        ) : (
          <rect
            x="0.3"
            y="1"
            width={p * 100}
            height="6"
            fill="none"
            stroke="var(--ink)"
            strokeWidth="1"
            vectorEffect="non-scaling-stroke"
          />
        )}
        {was !== null && (
          <path
            d={`M${Math.min(99.6, was * 100)} 0V8`}
            stroke="var(--ink)"
            strokeWidth="2"
            vectorEffect="non-scaling-stroke"
          />
        )}
        <path d="M96 0V8" stroke="var(--ink)" strokeWidth="1" strokeDasharray="2 1" vectorEffect="non-scaling-stroke" />
      </svg>
    </>
  );
  return (
    <li>
      {species ? (
        <button
          type="button"
          className="candidate py-1 px-0 border-b grid grid-cols-[64px_minmax(0,1fr)_auto] gap-x-2.5 items-center w-full min-h-14 text-left cursor-pointer border-rule"
          aria-label={`${species.name}, ${word}, ${percent} %: choose this name`}
          onClick={() => onChoose(species)}
        >
          {body}
        </button>
      ) : (
        <div className="candidate py-1 px-0 border-b grid grid-cols-[64px_minmax(0,1fr)_auto] gap-x-2.5 items-center w-full min-h-14 text-left border-rule">
          {body}
        </div>
      )}
    </li>
  );
}

const OutlineFish = () => (
  <svg width="64" height="26" viewBox="0 0 64 26" aria-hidden="true">
    <path
      d="M3 14C12 4 30 3 44 10L60 4V23L44 17C30 24 12 23 3 14Z"
      fill="none"
      stroke="var(--ink-2)"
      strokeWidth="1.6"
      strokeDasharray="3 3"
    />
  </svg>
);
