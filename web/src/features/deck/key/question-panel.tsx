import { CANNOT_TELL, type Trait } from '@dagboek/core/key';
import { bareBody, type FigureSpec, type Part, plainFigure, stateFigure } from '@dagboek/figure';
import { useMemo } from 'react';
import { type Species, useCatalogue } from '../../../asked/catalogue.ts';
import { DeckKey } from '../../../lines/deck-key.tsx';
import { figureOf, figureUrl } from '../../../fish/figure-view.tsx';
import { likeliestState } from '../../../asked/state-words.ts';
import type { Key, Splitting } from './use-key.ts';
import { capital, inSentence, withArticle } from '../../../ui/names-in-text.ts';
import { Explained } from '../../../ui/words/term.tsx';

/** The question now, with its answers drawn; the splitting look drawn on the two that are left. */
export function QuestionPanel({ keyed }: { keyed: Key }) {
  const { next, splitting, against, suspect, answer } = keyed;
  if (!next) return <p>No more questions. Choose one of the candidates, or stop here and identify it at home.</p>;
  return (
    <>
      <h3>
        <Explained text={next.question} />
      </h3>
      {splitting && (
        <p className="hint">
          Two are left. This separates {inSentence(splitting.pair[0].name)} from {inSentence(splitting.pair[1].name)}.
        </p>
      )}
      {against && suspect && (
        <p className="hint">
          If it is {withArticle(suspect.name)}, this distinguishes it from {withArticle(against.name)}.
        </p>
      )}
      {next.help && (
        <p className="hint">
          <Explained text={next.help} />
        </p>
      )}
      {splitting ? <SplitChoices keyed={keyed} splitting={splitting} /> : <Choices keyed={keyed} trait={next} />}
      <div className="key-choices">
        <DeckKey name="Cannot tell" note="costs nothing; asks another" onClick={() => answer(next, CANNOT_TELL)} />
      </div>
    </>
  );
}

/** One drawing a state, all on one plain body so that the eye is not led; words alone where a drawing would say less. */
function Choices({ keyed, trait }: { keyed: Key; trait: Trait }) {
  const { byId } = useCatalogue();
  const { body, answer } = keyed;
  const drawings = useMemo(
    () =>
      trait.states.map((s): { spec: FigureSpec; crop?: { part: Part; span: number } } | null => {
        const own = byId(s.body)?.figure;
        if (own) return { spec: plainFigure({ ...bareBody(own), id: `${own.id}-build` }, ['body']) };
        return body ? stateFigure(body, trait.id, s.id) : null;
      }),
    [trait, body, byId],
  );
  const drawn = drawings.filter(Boolean).length >= 2;
  return (
    <div className={`key-choices${drawn ? ' drawn-choices' : ''}${trait.states.length > 4 ? ' many' : ''}`}>
      {trait.states.map((s, i) => {
        const d = drawings[i];
        const fish = d && drawn ? figureOf(d.spec, { size: 168, ...(d.crop ? { crop: d.crop } : {}) }) : null;
        return (
          <button
            key={s.id}
            type="button"
            className="btn key choice in-[.many]:text-s in-[.drawn-choices]:px-2.5 in-[.drawn-choices]:pt-1.5 in-[.drawn-choices]:pb-2 in-[.drawn-choices]:gap-0.5 in-[.drawn-choices]:flex-col in-[.drawn-choices]:items-start in-[.drawn-choices]:justify-between"
            onClick={() => answer(trait, s.id)}
          >
            {drawn && (
              <span className="choice-drawing place-items-center grid w-full min-h-16 flex-1 in-[.many]:min-h-13.5">
                {fish && (
                  <img
                    className="drawn max-w-full max-h-30.5 w-auto [.many_.choice-drawing_&]:max-h-18"
                    src={figureUrl(fish)}
                    width={fish.width}
                    height={fish.height}
                    alt=""
                  />
                )}
              </span>
            )}
            <span>{capital(s.words)}</span>
          </button>
        );
      })}
    </div>
  );
}

/** The look that splits two species, cut from the drawing of each; the frame on the whole fish tells where it is. */
function SplitChoices({ keyed, splitting }: { keyed: Key; splitting: Splitting }) {
  const { trait, pair } = splitting;
  const shown = pair.map((s) => likeliestState(s.traits[trait.id]));
  const rest = trait.states.filter((s) => !shown.includes(s.id));
  return (
    <>
      <div className="mt-2.5 gap-2.5 grid grid-cols-[1fr_1fr]">
        {pair.map((s, i) => {
          const state = trait.states.find((x) => x.id === shown[i]);
          return (
            state && (
              <button
                key={s.id}
                type="button"
                className="btn key p-0 gap-0 overflow-hidden items-stretch flex-col"
                onClick={() => keyed.answer(trait, state.id)}
              >
                <Cropped species={s} part={(trait.part ?? 'flank') as Part} />
                <span className="px-3 pt-2 pb-2.5 font-bold text-[1.25rem] leading-[1.1] font-head max-tablet:text-[1.0625rem]">
                  {capital(state.words)}
                  <small className="mt-0.5 font-semibold text-s leading-[normal] font-text">{possessive(s.name)}</small>
                </span>
              </button>
            )
          );
        })}
      </div>
      {rest.length > 0 && (
        <div className="key-choices">
          {rest.map((s) => (
            <DeckKey
              key={s.id}
              name={capital(s.words)}
              note="neither of the two"
              onClick={() => keyed.answer(trait, s.id)}
            />
          ))}
        </div>
      )}
    </>
  );
}

const possessive = (name: string): string => {
  const a = withArticle(name);
  return `${capital(a)}${a.endsWith('s') ? '’' : '’s'}`;
};

const SPAN = 0.4;

function Cropped({ species, part }: { species: Species; part: Part }) {
  const near = figureOf(species.figure, { size: 260, crop: { part, span: SPAN } });
  const whole = figureOf(species.figure, { size: 120 });
  const [x, y] = whole.parts[part];
  // The same frame as the crop's: as much of the length, kept on the fish.
  const w = SPAN * whole.width;
  const h = w * 0.75;
  const into = (at: number, size: number, most: number): number =>
    size >= most ? (most - size) / 2 : Math.min(Math.max(at - size / 2, 0), most - size);
  return (
    <span className="border-b relative block border-rule-2">
      <img className="drawn w-full h-auto" src={figureUrl(near)} width={near.width} height={near.height} alt="" />
      <svg
        className="border border-rule-2 absolute right-1 bottom-1 bg-paper-open max-tablet:w-15.5 max-tablet:h-auto"
        viewBox={`-2 -2 ${whole.width + 4} ${whole.height + 4}`}
        width="92"
        aria-hidden="true"
      >
        <image className="drawn" href={figureUrl(whole)} width={whole.width} height={whole.height} />
        <rect
          x={into(x, w, whole.width)}
          y={into(y, h, whole.height)}
          width={w}
          height={h}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="1.8"
        />
      </svg>
    </span>
  );
}
