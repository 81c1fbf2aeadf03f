import { isOnTheBone, massBalance, routeOf, stagesOf } from '@dagboek/core/cut';
import { PLATE_G } from '@dagboek/core/plates';
import { againstExpected, bracketsOf, type CutState, sidesOfCut, weighingsOf } from '@dagboek/journal';
import { useBook } from '../../offline/journal-context.tsx';
import { percent } from '../../asked/format.ts';
import type { Species } from '../../asked/catalogue.ts';
import { useWidth } from '../../ui/use-width.ts';
import { massParts, sayGrams, sayGramsRange, units } from '../../asked/units.ts';
import { Term } from '../../ui/words/term.tsx';

/** Weights by stage on one axis in grams, the usual as square brackets; a dotted line where a stage has not been weighed. */
export function YieldBars({ cut, species, known }: { cut: CutState; species: Species | null; known: number | null }) {
  const [ref, width] = useWidth(330);
  const round = cut.stages.round?.massG ?? known;
  const result = massBalance(weighingsOf(cut), undefined, units);
  const balance = result.ok ? result.balance : null;
  const top = Math.max(round ?? 0, ...Object.values(cut.stages).map((s) => s.massG), 1);
  const route = routeOf(cut.route);
  const onBone = isOnTheBone(route);
  const judged = againstExpected(cut);
  const sides = sidesOfCut(useBook().book, cut);
  const written = cut.expected.length > 0 ? Math.max(...cut.expected.map((e) => e.n)) : null;
  const x = (g: number): number => (g / top) * (width - 4) + 2;
  return (
    <div ref={ref} className="yield">
      <h2>
        <Term of="Yield">Yield</Term>
      </h2>
      {round === null && <p>Weigh it whole first: every later weight is compared with that.</p>}
      {stagesOf(route, cut.stages).map(({ stage, name }) => {
        const g = cut.stages[stage]?.massG ?? null;
        const brackets = bracketsOf(cut, species, stage, round);
        const usual = brackets && ([brackets.lowG, brackets.highG] as const);
        const [n, u] = massParts(g ?? 0);
        return (
          <div key={stage} className="mt-2">
            <p className="m-0 gap-3 flex items-baseline">
              <span className="flex-1">{name}</span>
              {g !== null ? (
                <>
                  <small>{round !== null && stage !== 'round' ? percent(g / round) : ''}</small>
                  <b className="num text-[1.375rem]">
                    {n}
                    <u className="text-[0.8125rem]">{u}</u>
                  </b>
                </>
              ) : (
                <small className="text-s">
                  {usual ? `likely ${sayGramsRange(usual[0], usual[1])}` : 'not weighed'}
                </small>
              )}
            </p>
            <svg width={width} height="20" aria-hidden="true">
              {g !== null ? (
                <path d={`M2 10H${x(g)}`} stroke="var(--teal)" strokeWidth="7" />
              ) : (
                usual && (
                  <path
                    d={`M2 10H${x(usual[0])}`}
                    stroke="var(--teal)"
                    strokeWidth="2"
                    strokeDasharray="2 7"
                    strokeLinecap="round"
                  />
                )
              )}
              {usual && (
                <path
                  d={`M${x(usual[0]) + 5} 2H${x(usual[0])}V18h5M${x(usual[1]) - 5} 2H${x(usual[1])}V18h-5`}
                  fill="none"
                  stroke="var(--ink)"
                  strokeWidth="2"
                />
              )}
            </svg>
          </div>
        );
      })}
      {balance?.yield !== null && balance && (
        <p>
          <b>{percent(balance.yield)}</b>{' '}
          {onBone ? 'of the whole fish was kept, with bones' : 'of the whole fish is meat to eat'}
          {judged
            ? `, ${{ under: 'under what was expected', usual: 'within what was expected', over: 'over what was expected' }[judged.verdict]}`
            : ''}
          .
          {balance.unaccountedG !== null
            ? ` ${sayGrams(balance.unaccountedG)} are guts, bones, skin and liquid that were not weighed.`
            : ''}
        </p>
      )}
      {sides && (
        <p>
          First side {sayGrams(sides.firstG)}, second {sayGrams(sides.secondG)}:{' '}
          {sides.lighter
            ? `${sayGrams(Math.abs(sides.firstG - sides.secondG))} more stayed on the frame under the ${sides.lighter}.`
            : 'practically equal.'}
        </p>
      )}
      {judged && Math.abs(judged.offG) >= 5 && (
        <p>
          {judged.offG < 0
            ? `${sayGrams(-judged.offG)} less than expected: ${sayPlates(-judged.offG)} stayed on the bones.`
            : `${sayGrams(judged.offG)} more than expected: ${sayPlates(judged.offG)}.`}
        </p>
      )}
      <small>
        {written === null
          ? 'Brackets: typical range for the species; no expectation was noted before this cut.'
          : written > 0
            ? `Brackets: expected range for 9 of 10 cuts, noted before the cut, from ${written} cuts of this species in the book.`
            : 'Brackets: expected range, noted before the cut, from typical fish, because you have few cuts of this species.'}
      </small>
    </div>
  );
}

/** A mass as a share of a plate, in words. */
const sayPlates = (g: number): string => {
  const plates = g / PLATE_G;
  return plates < 0.15 ? 'a mouthful' : `${Math.round(plates * 10) / 10} of a plate`;
};
