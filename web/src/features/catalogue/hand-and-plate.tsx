import type { Species } from '@dagboek/catalogue';
import { deepSentences } from '@dagboek/core/harm';
import { LENGTH_WORDS } from '@dagboek/core/rules';
import { sayShortLength, shortLength, units } from '../../asked/units.ts';
import { TakeApart } from '../../fish/take-apart.tsx';
import { Fact } from './fact.tsx';
import { Explained } from '../../ui/words/term.tsx';

const RAW = { never: 'Never', cook: 'Cook it', 'frozen first': 'Frozen first' } as const;

/** How a species is held, killed, bled and measured, and what it is on the plate. */
export function HandAndPlate({ s }: { s: Species }) {
  return (
    <>
      <section className="px-0 pt-3 pb-3.5 [break-inside:avoid]" aria-label="Handling">
        <h3 className="text-[length:var(--t-lead,20px)]">In the hand</h3>
        <dl>
          <Fact name="Hold">
            <Explained text={s.grip} />
          </Fact>
          {s.release && (
            <Fact name="Release it">
              <Explained text={[s.release, ...deepSentences([s], null, units)].join(' ')} />
            </Fact>
          )}
          {s.aid && <Fact name="First aid">{s.aid}</Fact>}
          <Fact name="Kill it">
            <Explained text={s.dispatch} />
          </Fact>
          <Fact name="Bleed it">
            <Explained text={s.bleeding} />
          </Fact>
          <Fact name="Length">
            <Explained text={LENGTH_WORDS[s.lengthKinds[0] ?? 'total']} />, mostly {shortLength(s.usualMm[0])} to{' '}
            {sayShortLength(s.usualMm[1])}, at most {shortLength(s.maxMm)}
            {s.conversions
              .map((c) => ` · ${LENGTH_WORDS[c.to]} is about ${c.slope.toFixed(2)} × ${LENGTH_WORDS[c.from]}`)
              .join('')}
          </Fact>
        </dl>
      </section>
      <section className="px-0 pt-3 pb-3.5 [break-inside:avoid]" aria-label="On the plate">
        <h3 className="text-[length:var(--t-lead,20px)]">On the plate</h3>
        <dl>
          <Fact name="Raw?">
            <b>{RAW[s.raw.verdict]}.</b> <Explained text={s.raw.why} />
          </Fact>
          <Fact name="Keeps on ice">
            {s.raw.verdict === 'never' ? 'not for the table' : `about ${s.iceDays} days, typical`}
          </Fact>
          {s.yields.trimmed && (
            <Fact name="Meat">
              {Math.round(s.yields.trimmed[0] * 100)} to {Math.round(s.yields.trimmed[1] * 100)} % of its weight,
              skinless and boneless; {s.fat}
            </Fact>
          )}
          <Fact name="Mercury">
            {s.mercury === 'low'
              ? 'low'
              : s.mercury === 'some'
                ? 'some: in pregnancy and for small children a plate a week at most'
                : 'high: not in pregnancy, not for small children; for others rarely'}
          </Fact>
          {s.eating.map((e) => (
            <Fact key={e} name="Note">
              <Explained text={e} />
            </Fact>
          ))}
        </dl>
        {s.raw.verdict !== 'never' && <TakeApart summary="Taking it apart, cooked whole" species={s} />}
      </section>
    </>
  );
}
