import {
  type Answers,
  CANNOT_TELL,
  certaintyOf,
  keyTable,
  likelihoodWord,
  nextTraits,
  NONE,
  rankSpecies,
  splitPair,
  stillPossible,
  type Trait,
  whyFell,
} from '@dagboek/core/key';
import type { FishState } from '@dagboek/journal';
import { useMemo, useState } from 'react';
import { type Species, useCatalogue } from '../kit/catalogue.ts';
import { DeckKey } from '../kit/deck-key.tsx';
import { FigureView } from '../kit/figure-view.tsx';
import { HazardStrip } from '../kit/hazard-strip.tsx';
import { useKept } from './use-kept.ts';

/** At most this many candidates in view. */
const IN_VIEW = 5;
/** Names that an unsettled fish may carry; an entry holds no more. */
const MOST_NAMES = 6;
const CERTAINTY_WORDS = { open: 'Open', leaning: 'Leaning', nearly: 'Nearly settled', settled: 'Settled' } as const;

/**
 * The key: asks the most telling question next, takes any answer in any order, and says how sure it is.
 * `prior`: shares of the species before looking. Answers are kept with the fish on this device until it has a name.
 */
export function KeyPanel({
  fish,
  prior,
  onChoose,
}: {
  fish: FishState;
  prior: Readonly<Record<string, number>>;
  onChoose: (s: Species, orElse?: readonly string[]) => void;
}) {
  const { all, traits, byId } = useCatalogue();
  const [answers, setAnswers] = useKept<Answers>(`key.${fish.id}`, {});
  const [asked, setAsked] = useState<string | null>(null);
  const table = useMemo(() => keyTable({ traits, species: all }), [traits, all]);
  const ranking = useMemo(
    () => rankSpecies(table, answers, prior, fish.length?.mm ?? null),
    [table, answers, prior, fish.length],
  );
  const { certainty, stillToSee } = certaintyOf(table, ranking, answers);
  const best = ranking.candidates[0];
  const second = ranking.candidates[1];
  const pair =
    best && second && best.id !== NONE && second.id !== NONE && second.p >= 0.05
      ? splitPair(table, best.id, second.id)
      : null;
  const next =
    traits.find((t) => t.id === asked && !(t.id in answers)) ??
    (stillToSee && !(stillToSee.id in answers) ? stillToSee : null) ??
    nextTraits(table, ranking, answers)[0]?.trait ??
    null;
  const leader = byId(best?.id);
  const possible = stillPossible(ranking);
  const likeliest = byId(possible[0]);
  // Danger outranks odds: what may hurt, at five in a hundred or more, is said before there is a name.
  const danger = ranking.candidates
    .filter((c) => c.p >= 0.05)
    .flatMap((c) => byId(c.id)?.hazards.filter((h) => h.kind === 'venomous') ?? []);
  const answer = (trait: Trait, state: string): void => {
    setAnswers({ ...answers, [trait.id]: state });
    setAsked(null);
  };
  return (
    <div className="key-panel">
      {danger.length > 0 && <HazardStrip hazards={danger} />}
      <div className="key-columns">
        <section aria-label="The question">
          {next ? (
            <>
              <h3>{next.question}</h3>
              {pair && pair.trait.id === next.id && leader && second && (
                <p className="hint">
                  This parts {leader.name.toLowerCase()} from {byId(second.id)?.name.toLowerCase()}.
                </p>
              )}
              <div className="key-choices">
                {next.states.map((s) => (
                  <DeckKey key={s.id} name={s.words} onClick={() => answer(next, s.id)} />
                ))}
                <DeckKey name="Cannot tell" onClick={() => answer(next, CANNOT_TELL)} />
              </div>
            </>
          ) : (
            <p>Nothing more to ask. Choose from the candidates, or stop here and name it at home.</p>
          )}
          <OtherQuestions traits={traits.filter((t) => !(t.id in answers) && t.id !== next?.id)} onAsk={setAsked} />
          <AnswerLines
            answers={answers}
            traits={traits}
            onWithdraw={(id) => setAnswers(Object.fromEntries(Object.entries(answers).filter(([k]) => k !== id)))}
          />
        </section>
        <section aria-label="Candidates" aria-live="polite">
          <h3>
            {CERTAINTY_WORDS[certainty]}
            <small>{stillToSee ? ' until the splitting mark is seen' : ''}</small>
          </h3>
          <ol className="candidates">
            {ranking.candidates.slice(0, IN_VIEW).map((c) => (
              <Candidate
                key={c.id}
                p={c.p}
                species={byId(c.id)}
                why={
                  best && c.id !== best.id && c.p < 0.05 && c.id !== NONE
                    ? sayWhy(whyFell(table, c.id, best.id, answers))
                    : null
                }
                onChoose={onChoose}
              />
            ))}
          </ol>
          {leader && best && (
            <div className="keys">
              <DeckKey
                act={certainty === 'settled'}
                name={leader.name}
                note={
                  certainty === 'settled'
                    ? `${likelihoodWord(best.p)}: writes the name`
                    : `${likelihoodWord(best.p)}; you may name it so`
                }
                onClick={() => onChoose(leader)}
              />
            </div>
          )}
          {certainty !== 'settled' && likeliest && possible.length > 1 && (
            <div className="keys">
              <DeckKey
                name={`${possible
                  .slice(0, MOST_NAMES)
                  .map((id, i) => (i === 0 ? byId(id)?.name : byId(id)?.name.toLowerCase()))
                  .join(' or ')}`}
                note="not settled: the stricter rule applies"
                onClick={() => onChoose(likeliest, possible.slice(1, MOST_NAMES))}
              />
            </div>
          )}
          {certainty !== 'settled' && (
            <p className="hint">
              Not settled: stop here, and the fish stays in the log without a name. Until you know what it is, treat it
              by the stricter rule of what it may be.
            </p>
          )}
        </section>
      </div>
    </div>
  );
}

const sayWhy = (w: ReturnType<typeof whyFell>): string | null =>
  w
    ? `${w.trait.question.replace(/\?$/, '')}: you saw “${w.trait.states.find((s) => s.id === w.stateId)?.words}”`
    : null;

function Candidate({
  p,
  species,
  why,
  onChoose,
}: {
  p: number;
  species: Species | null;
  why: string | null;
  onChoose: (s: Species) => void;
}) {
  const percent = p >= 0.995 ? '99+' : p < 0.005 ? '<1' : String(Math.round(p * 100));
  const body = (
    <>
      <span className="icon">{species ? <FigureView spec={species.figure} size={64} plain /> : <OutlineFish />}</span>
      <span className="name">
        {species?.name ?? 'None of these'}
        <small>{why ?? (species ? likelihoodWord(p) : 'not in this catalogue')}</small>
      </span>
      <span className="num">
        {percent}
        <u>%</u>
      </span>
      <svg className="odds" viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true">
        <path d="M0 4H100" stroke="var(--rule)" strokeWidth="1" />
        <path d={`M0 4H${p * 100}`} stroke="var(--teal)" strokeWidth="7" />
        <path d="M95 0V8" stroke="var(--ink)" strokeWidth="0.8" strokeDasharray="2 1" />
      </svg>
    </>
  );
  return (
    <li>
      {species ? (
        <button
          type="button"
          className="candidate"
          aria-label={`${species.name}, ${likelihoodWord(p)}, ${percent} %: name it so`}
          onClick={() => onChoose(species)}
        >
          {body}
        </button>
      ) : (
        <div className="candidate">{body}</div>
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

function OtherQuestions({ traits, onAsk }: { traits: readonly Trait[]; onAsk: (id: string) => void }) {
  if (traits.length === 0) return null;
  return (
    <div className="field">
      <label htmlFor="strikes-you">Something else strikes you?</label>
      <select id="strikes-you" className="select" value="" onChange={(e) => onAsk(e.target.value)}>
        <option value="" disabled>
          answer it in any order
        </option>
        {traits.map((t) => (
          <option key={t.id} value={t.id}>
            {t.question}
          </option>
        ))}
      </select>
    </div>
  );
}

function AnswerLines({
  answers,
  traits,
  onWithdraw,
}: {
  answers: Answers;
  traits: readonly Trait[];
  onWithdraw: (id: string) => void;
}) {
  const lines = Object.entries(answers).flatMap(([id, state]) => {
    const trait = traits.find((t) => t.id === id);
    return trait
      ? [
          {
            trait,
            words: state === CANNOT_TELL ? 'cannot tell' : (trait.states.find((s) => s.id === state)?.words ?? state),
          },
        ]
      : [];
  });
  if (lines.length === 0) return null;
  return (
    <ol className="plain-list answers" aria-label="Answers">
      {lines.map((l, i) => (
        <li key={l.trait.id}>
          <span>
            <b>{i + 1}</b> {l.trait.question} <b>{l.words}</b>
          </span>
          <button
            type="button"
            className="line-key"
            aria-label={`Withdraw: ${l.trait.question} ${l.words}`}
            onClick={() => onWithdraw(l.trait.id)}
          >
            Withdraw
          </button>
        </li>
      ))}
    </ol>
  );
}
