import { wordFor } from '../../../asked/format.ts';
import { CANNOT_TELL } from '@dagboek/core/key';
import type { Key } from './use-key.ts';
import { sayLength } from '../../../asked/units.ts';
import { LineKey } from '../../../ui/key.tsx';

/** The proportions of a body, as they stand in a sentence. */
const RATIO_WORDS: Readonly<Record<string, string>> = {
  depth: 'depth',
  eye: 'eye',
  dorsal: 'first back fin',
  anal: 'anal fin',
};

/** What was answered, in order, each to be withdrawn; a measured length counts as one. */
export function AnswerLines({ keyed, lengthMm }: { keyed: Key; lengthMm: number | null }) {
  const { answers, traits, table } = keyed;
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
  const small = lengthMm === null ? 0 : table.catalogue.species.filter((s) => lengthMm > s.maxMm * 1.05).length;
  const ratios = Object.entries(keyed.measured.ratios ?? {}).flatMap(([id, r]) => (r ? [{ id, value: r.value }] : []));
  if (lines.length === 0 && small === 0 && ratios.length === 0) return null;
  return (
    <ol className="plain-list" aria-label="Answers">
      {lines.map((l, i) => (
        <li className="gap-2 flex justify-between" key={l.trait.id}>
          <span>
            <b className="my-0 mr-1 ml-0 place-items-center inline-grid min-w-[19px] h-[19px] rounded-[50%] bg-ink text-paper-open font-bold text-[0.75rem] leading-[normal] font-text">
              {i + 1}
            </b>{' '}
            {l.trait.question} <b>{l.words}</b>
          </span>
          <LineKey aria-label={`Withdraw: ${l.trait.question} ${l.words}`} onClick={() => keyed.withdraw(l.trait.id)}>
            Withdraw
          </LineKey>
        </li>
      ))}
      {ratios.length > 0 && (
        <li className="gap-2 flex justify-between">
          <span>
            By its picture:{' '}
            <b>
              {ratios
                .map((r) => `${RATIO_WORDS[r.id] ?? r.id}${r.id === 'depth' ? '' : ' at'} ${Math.round(r.value * 100)}`)
                .join(', ')}
            </b>{' '}
            % of its length.
          </span>
        </li>
      )}
      {lengthMm !== null && small > 0 && (
        <li className="gap-2 flex justify-between">
          <span>
            <b>{sayLength(lengthMm)}</b>: {wordFor(small, 'one species does', `${small} species do`)} not grow so long.
          </span>
        </li>
      )}
    </ol>
  );
}
