import { deepSentences, type Releasable, releaseSentences } from '@dagboek/core/harm';
import type { Verdict } from '@dagboek/core/rules';
import { sayDate } from '@dagboek/core/time';
import { useNames } from '../../asked/names.ts';
import { VerdictMark } from '../../fish/verdict-mark.tsx';
import { units } from '../../asked/units.ts';
import { inSentence } from '../../ui/names-in-text.ts';
import { Explained } from '../../ui/words/term.tsx';

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
          <b>No verdict.</b> The rules of these waters are not on this device. Follow the local authority’s text.
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
          <b>Not identified:</b> the stricter rule applies, that of {inSentence(names.species(unsettled))}.
        </p>
      )}
      {verdict.noRuleFound && (
        <p>
          <b>No rule found:</b> there is no size, limit or season here for this fish. This does not mean you may keep
          it. Ask the local authority. Until then release it, or decide for yourself.
        </p>
      )}
      {findings.map((f) => (
        <p key={f.ruleId} className={f.duty ? 'duty' : undefined}>
          <b>{f.lead}</b> <Explained text={f.because} />
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
          <b>Release it within two minutes.</b> It does not count towards your limit.{' '}
          <Explained text={[...releaseSentences(species), ...deepSentences(species, depthM, units)].join(' ')} />
        </p>
      )}
      <details className="mt-2 text-cap text-ink-2">
        <summary className="min-h-7">{pack.sample ? 'Made-up rules, not law' : pack.name}</summary>
        <p>
          {pack.name}, {pack.version}, checked {sayDate(pack.checked)} {pack.checked.slice(0, 4)}.
          {pack.stale ? ' That is long ago: check them again.' : ''} The local authority’s text decides.
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
