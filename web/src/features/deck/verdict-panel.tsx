import { deepSentences, type Releasable, releaseSentences } from '@dagboek/core/harm';
import type { Verdict } from '@dagboek/core/rules';
import { sayDate } from '@dagboek/core/time';
import { useNames } from '../../asked/catalogue.ts';
import { VerdictMark } from '../../fish/verdict-mark.tsx';
import { units } from '../../asked/units.ts';
import { inSentence } from '../../ui/names-in-text.ts';

/** Word, shape and sentences (`unsettled`: whose rule decided while the name is open); then every rule that was looked at, on demand. */
export function VerdictPanel({
  verdict,
  unsettled,
  species,
  depthM,
}: {
  verdict: Verdict | null;
  unsettled: string | null;
  /** What it is, or may be: how it goes back comes from them. */
  species: readonly Releasable[];
  /** Of the water it came from, null when it was not noted. */
  depthM: number | null;
}) {
  const names = useNames();
  if (!verdict)
    return (
      <section className="verdict" aria-label="Verdict">
        <p>
          <b>No verdict.</b> The rules of these waters are not on this device. Go by the local authority’s text.
        </p>
      </section>
    );
  const { pack } = verdict;
  // When it goes back, what would have allowed it only clutters the reason; it stands under the rules looked at.
  const findings =
    verdict.outcome === 'letGo' || verdict.outcome === 'mustNotReturn'
      ? verdict.findings.filter((f) => f.outcome === verdict.outcome)
      : verdict.findings;
  const changes = [...new Set(findings.flatMap((f) => (f.change && f.outcome === verdict.outcome ? [f.change] : [])))];
  return (
    <section className="verdict" aria-label="Verdict" aria-live="polite">
      {!(verdict.noRuleFound && verdict.outcome === 'keep') && (
        <VerdictMark outcome={verdict.outcome} asksLength={verdict.asks?.fact === 'length'} />
      )}
      {unsettled && (
        <p>
          <b>Not settled what it is:</b> the stricter rule applies, that of {inSentence(names.species(unsettled))}.
        </p>
      )}
      {verdict.noRuleFound && (
        <p>
          <b>No rule found:</b> these rules say nothing of keeping this fish here: no size, no bag, no season. That is
          not leave to keep it. Ask the local authority; until then let it go, or keep it on your own word.
        </p>
      )}
      {findings.map((f) => (
        <p key={f.ruleId} className={f.duty ? 'duty' : undefined}>
          <b>{f.lead}</b> {f.because}
          {f.warning && <small> {f.warning}</small>}
        </p>
      ))}
      {changes.length > 0 && (
        <p>
          <b>What would change it:</b> {changes.join('; ')}.
        </p>
      )}
      {verdict.outcome === 'mustNotReturn' && (
        <p>
          <b>Kill it and keep it aboard.</b> Tell the authority where and when.
        </p>
      )}
      {verdict.outcome === 'letGo' && (
        <p>
          <b>It goes back, and uses up no bag.</b> Within two minutes.{' '}
          {[...releaseSentences(species), ...deepSentences(species, depthM, units)].join(' ')}
        </p>
      )}
      <details className="mt-2 text-cap text-ink-2">
        <summary className="min-h-7">{pack.sample ? 'Sample rules, not law' : pack.name}</summary>
        <p>
          {pack.name}, {pack.version}, checked {sayDate(pack.checked)} {pack.checked.slice(0, 4)}.
          {pack.stale ? ' That is long ago: check them anew.' : ''} The local authority’s text decides.
        </p>
        <ul>
          {verdict.findings.map((f) => (
            <li key={f.ruleId}>
              {f.lead} {f.because} <i>{f.source}</i>
            </li>
          ))}
        </ul>
      </details>
      {pack.stale && (
        <p className="alert alert-warning">
          These rules were last checked on {sayDate(pack.checked)}. Check them before you trust a verdict.
        </p>
      )}
    </section>
  );
}
