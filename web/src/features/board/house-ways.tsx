import { schoolOf, WAYS } from '@dagboek/core/cut';
import { offalOf, waysOf } from '@dagboek/journal';
import { useState } from 'react';
import { useRules } from '../../asked/names.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { Chips, plain } from '../../ui/chips.tsx';
import { useNow } from '../../ui/use-now.ts';
import { Trouble } from '../../ui/trouble.tsx';

/** The house way where those who cut disagree: one choice each, with what speaks for it. */
export function HouseWays() {
  const { book } = useBook();
  const { write } = useWrite();
  const [trouble, setTrouble] = useState<string | null>(null);
  const ways = waysOf(book);
  const offal = offalOf({ book, rules: useRules(), nowMs: useNow() }, []);
  const id = book.all('book')[0]?.id;
  if (!id) return null;
  const choose = async (of: (typeof WAYS)[number]['of'], is: string): Promise<void> => {
    const r = await write('book.way', id, { of, is });
    setTrouble(r.ok ? null : r.why);
  };
  return (
    <details className="house-ways">
      <summary className="gap-1.5 min-h-11 flex items-center cursor-pointer font-bold text-[1.25rem] leading-[normal] font-head before:content-['+'] before:font-bold in-[.house-ways[open]]:before:content-['−']">
        House ways
      </summary>
      <p className="hint">Schools differ. Every cut follows these choices; you can choose the other way at its step.</p>
      {WAYS.map((w) => (
        <div key={w.of}>
          <Chips
            label={w.ask}
            options={plain<string>(w.schools.map((s) => s.is))}
            value={schoolOf(ways, w.of).is}
            onChange={(is) => void choose(w.of, is)}
          />
          <small>{schoolOf(ways, w.of).because}</small>
          {w.of === 'guts' &&
            [...(offal?.here ?? []), ...(offal?.elsewhere ?? [])].map((r) => (
              <small key={r.id} className="alert alert-error">
                {r.sentence}
              </small>
            ))}
        </div>
      ))}
      <Trouble says={trouble} />
    </details>
  );
}
