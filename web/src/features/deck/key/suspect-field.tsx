import { evidenceOn } from '@dagboek/core/key';
import { useMemo, useState } from 'react';
import { useCatalogue } from '../../../asked/catalogue.ts';
import { speciesFinder } from '../../../asked/find-species.ts';
import { SearchField } from '../../../ui/search-field.tsx';
import { withArticle } from '../../../ui/names-in-text.ts';
import type { Key as KeyState } from './use-key.ts';
import { Key, LineKey } from '../../../ui/key.tsx';

/** An answer speaks for or against a name from this many bits on. */
const SPEAKS = 0.5;
const OFFERED = 4;

/** "Is it a brill?": a suspected name, and what the answers say for it and against it. The questions then go for its lookalikes. */
export function SuspectField({ keyed, prior }: { keyed: KeyState; prior: Readonly<Record<string, number>> }) {
  const { all } = useCatalogue();
  const [word, setWord] = useState('');
  const finder = useMemo(() => speciesFinder(all), [all]);
  const { suspect } = keyed;
  if (suspect) {
    const evidence = evidenceOn(keyed.table, suspect.id, keyed.answers, prior);
    const says = (list: typeof evidence): string =>
      list
        .map((e) => `${e.trait.name ?? e.trait.question} (${e.trait.states.find((s) => s.id === e.stateId)?.words})`)
        .join(', ');
    const yes = evidence.filter((e) => e.bits >= SPEAKS);
    const no = evidence.filter((e) => e.bits <= -SPEAKS);
    return (
      <section className="mt-2.5" aria-label="Suspected name">
        <h4 className="font-bold text-m leading-[normal] font-head">
          Is it {withArticle(suspect.name)}? <LineKey onClick={() => keyed.setSuspect(null)}>Leave that</LineKey>
        </h4>
        {evidence.length === 0 ? (
          <p className="hint">The next questions check the features that distinguish it from its lookalikes.</p>
        ) : (
          <p>
            <b>For it:</b> {yes.length > 0 ? says(yes) : 'nothing yet'}. <b>Against it:</b>{' '}
            {no.length > 0 ? says(no) : 'nothing'}.
          </p>
        )}
      </section>
    );
  }
  const found = word.trim().length > 1 ? finder(word).slice(0, OFFERED) : [];
  return (
    <section className="mt-2.5" aria-label="Suspected name">
      <SearchField
        label="Do you have a guess? In any language"
        value={word}
        onChange={setWord}
        onEnter={() => found[0] && keyed.setSuspect(found[0].species.id)}
      />
      {found.length > 0 && (
        <div className="mt-2 gap-2 flex flex-wrap">
          {found.map(({ species, byName }) => (
            <Key
              key={species.id}
              small
              name={`Is it ${withArticle(species.name)}?`}
              note={byName}
              onClick={() => (setWord(''), keyed.setSuspect(species.id))}
            />
          ))}
        </div>
      )}
      {word.trim().length > 1 && found.length === 0 && (
        <p className="hint">No species in the catalogue has this name.</p>
      )}
    </section>
  );
}
