import { likelihoodWord, stillPossible, type Trait } from '@dagboek/core/key';
import type { FishState } from '@dagboek/journal';
import { type Species, useCatalogue } from '../../../asked/catalogue.ts';
import { DeckKey } from '../../../lines/deck-key.tsx';
import { inSentence, orNames } from '../../../ui/names-in-text.ts';
import { AnswerLines } from './answer-lines.tsx';
import { Candidates } from './candidates.tsx';
import { PictureKey } from '../photo/picture-key.tsx';
import { FellList } from './fell-list.tsx';
import { FishSoFar } from './fish-so-far.tsx';
import { MayHurt } from './may-hurt.tsx';
import { QuestionPanel } from './question-panel.tsx';
import { REGIONS, regionOf } from './regions.ts';
import { SuspectField } from './suspect-field.tsx';
import { forgetKey, type Key, useKey } from './use-key.ts';
import { WhatHangs } from './what-hangs.tsx';
import { SelectField } from '../../../ui/text-field.tsx';

/** Names that an unsettled fish may carry; an entry holds no more. */
const MOST_NAMES = 6;
const CERTAINTY_WORDS = { open: 'Open', leaning: 'Leaning', nearly: 'Nearly settled', settled: 'Settled' } as const;

/** What is chosen from the key: the species, what else it may be, and what was seen. */
export interface Naming {
  readonly species: Species;
  readonly orElse: readonly string[];
  readonly seen: Readonly<Record<string, string>>;
}

/**
 * The key: asks the most telling question next, takes any answer in any order, and says how sure it is.
 * `prior`: shares of the species before looking. Answers are kept with the fish on this device until it has a name, and
 * are written with the name.
 */
export function KeyPanel({
  fish,
  prior,
  onChoose,
}: {
  fish: FishState;
  prior: Readonly<Record<string, number>>;
  onChoose: (n: Naming) => void;
}) {
  const keyed = useKey(fish, prior);
  const choose = (species: Species, orElse: readonly string[] = []): void => {
    onChoose({ species, orElse, seen: keyed.answers });
    if (orElse.length === 0) forgetKey(fish.id);
  };
  return (
    <div className="key-panel">
      <MayHurt keyed={keyed} />
      <div className="pt-2.5 grid grid-cols-[minmax(0,1.55fr)_minmax(240px,1fr)] grid-rows-[auto_1fr] gap-y-3.5 gap-x-6.5 max-tablet:grid-cols-[minmax(0,1fr)] max-tablet:grid-rows-[none]">
        <section className="the-question" aria-label="The question">
          <QuestionPanel keyed={keyed} />
          <OtherQuestions keyed={keyed} />
        </section>
        <section
          className="col-[2] row-[1_/_span_2] max-tablet:col-[1] max-tablet:row-[auto]"
          aria-label="Candidates"
          aria-live="polite"
        >
          <Certainty keyed={keyed} />
          <Candidates keyed={keyed} onChoose={choose} />
          <NameKeys keyed={keyed} onChoose={choose} />
          {keyed.splitting && <WhatHangs fish={fish} pair={keyed.splitting.pair} />}
          <FellList keyed={keyed} />
        </section>
        <section className="so-far" aria-label="What was seen">
          <FishSoFar keyed={keyed} />
          <SuspectField keyed={keyed} prior={prior} />
          <AnswerLines keyed={keyed} lengthMm={fish.length?.mm ?? null} />
          {fish.count === 1 && (
            <div className="keys">
              <PictureKey fish={fish} species={null} wants={null} note="its proportions count as well" />
            </div>
          )}
        </section>
      </div>
    </div>
  );
}

function Certainty({ keyed }: { keyed: Key }) {
  const { certainty, stillToSee, ranking } = keyed;
  const { byId } = useCatalogue();
  const best = byId(ranking.candidates[0]?.id);
  const leader = best ? inSentence(best.name) : 'none of these';
  return (
    <h3>
      {certainty === 'leaning' ? `Probably ${leader}` : CERTAINTY_WORDS[certainty]}
      <small className="font-normal text-cap leading-[normal] font-text text-ink-2">
        {stillToSee ? ': check one more feature to be sure' : ''}
      </small>
    </h3>
  );
}

function NameKeys({ keyed, onChoose }: { keyed: Key; onChoose: (s: Species, orElse?: readonly string[]) => void }) {
  const { byId } = useCatalogue();
  const { certainty, ranking } = keyed;
  const best = ranking.candidates[0];
  const leader = byId(best?.id);
  const possible = stillPossible(ranking);
  const likeliest = byId(possible[0]);
  const settled = certainty === 'settled';
  return (
    <>
      {leader && best && (
        <div className="keys">
          <DeckKey
            act={settled}
            name={leader.name}
            note={
              settled
                ? `${likelihoodWord(best.p)}: saves the name`
                : `${likelihoodWord(best.p)}; sure enough to name it`
            }
            onClick={() => onChoose(leader)}
          />
        </div>
      )}
      {!settled && likeliest && possible.length > 1 && (
        <div className="keys">
          <DeckKey
            name={orNames(possible.slice(0, MOST_NAMES).flatMap((id) => byId(id)?.name ?? []))}
            note="not identified: the stricter rule applies"
            onClick={() => onChoose(likeliest, possible.slice(1, MOST_NAMES))}
          />
        </div>
      )}
      {!settled && (
        <p className="hint">
          Not identified: stop here, and the fish stays in the log without a name. Until it is identified, the stricter
          rule of the possible species applies.
        </p>
      )}
    </>
  );
}

/** Every open question by the part it looks at, to be answered in any order. */
function OtherQuestions({ keyed }: { keyed: Key }) {
  const open = keyed.traits.filter((t) => !(t.id in keyed.answers) && t.id !== keyed.next?.id);
  if (open.length === 0) return null;
  const groups: [string, Trait[]][] = REGIONS.map((r) => [r.name, open.filter((t) => regionOf(t.part)?.id === r.id)]);
  return (
    <SelectField label="Noticed something else?" id="strikes-you" value="" onChange={(e) => keyed.ask(e.target.value)}>
      <option value="" disabled>
        answer any question, in any order
      </option>
      {groups.map(
        ([name, list]) =>
          list.length > 0 && (
            <optgroup key={name} label={name}>
              {list.map((t) => (
                <option key={t.id} value={t.id}>
                  {t.question}
                </option>
              ))}
            </optgroup>
          ),
      )}
    </SelectField>
  );
}
