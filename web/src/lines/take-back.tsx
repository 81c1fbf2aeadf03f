import { type Entry, type FactsOf, type Kind, sayEntry, type WriteMore, type Writing } from '@dagboek/journal';
import { createContext, type ReactNode, use, useEffect, useState } from 'react';
import { useNames } from '../asked/names.ts';
import { WhenFacts } from '../asked/facts-here.tsx';
import { useFormat } from '../asked/format.ts';
import { useWrite, type WriteResult } from '../asked/use-write.ts';
import { DeckKey } from './deck-key.tsx';

/** So long a wrong tap is taken back by one more, ms. */
export const TAKE_BACK_MS = 10_000;

interface Noted {
  readonly made: readonly Entry[];
  /** What is asked about it while it stands there. */
  readonly asks: ReactNode;
}

interface Lately {
  readonly noted: Noted | null;
  readonly note: (n: Noted | null) => void;
}

const LatelyContext = createContext<Lately>({ noted: null, note: () => undefined });

/** Keeps what was written last, for as long as one tap takes it back: around all pages, and on the deck once more, where it stands beside the keys. */
export function TakeBackProvider({ children }: { children: ReactNode }) {
  const [noted, note] = useState<Noted | null>(null);
  return <LatelyContext value={{ noted, note }}>{children}</LatelyContext>;
}

/** Writes as `useWrite` does; what was written can be taken back by one tap for ten seconds. `asks`: shown with it. */
export function useUndoWrite(): {
  write: <K extends Kind>(
    kind: K,
    subject: string,
    facts: FactsOf<K>,
    more?: WriteMore,
    asks?: ReactNode,
  ) => Promise<WriteResult>;
  writeAll: (list: readonly Writing[], asks?: ReactNode) => Promise<WriteResult>;
  amend: ReturnType<typeof useWrite>['amend'];
} {
  const { writeAll, amend } = useWrite();
  const { note } = use(LatelyContext);
  const all = async (list: readonly Writing[], asks: ReactNode = null): Promise<WriteResult> => {
    const r = await writeAll(list);
    // A correction or a strike is taken back at its own line, where the one before it stands.
    if (r.ok) note(r.made.some((e) => e.amends || e.strikes) ? null : { made: r.made, asks });
    return r;
  };
  return {
    amend,
    writeAll: all,
    write: (kind, subject, facts, more, asks) =>
      all([{ kind, subject, facts: facts as object as Record<string, unknown>, ...(more ? { more } : {}) }], asks),
  };
}

/** What was written last, and the key that takes it back: a strike of each of its lines, which stays readable. */
export function TakeBack() {
  const { noted, note } = use(LatelyContext);
  const { writeAll } = useWrite();
  const names = useNames();
  const { time } = useFormat();
  const [trouble, setTrouble] = useState<string | null>(null);
  // The passing of time is outside React.
  useEffect(() => {
    if (!noted) return;
    const t = setTimeout(() => note(null), TAKE_BACK_MS);
    return () => clearTimeout(t);
  }, [noted, note]);
  const last = noted?.made.at(-1);
  const back = async (): Promise<void> => {
    if (!noted) return;
    const r = await writeAll(
      [...noted.made].reverse().map((e) => ({
        kind: 'log.struck',
        subject: e.subject,
        facts: {},
        more: { strikes: e.id, because: 'a wrong tap, undone at once' },
      })),
    );
    setTrouble(r.ok || r.why === '' ? null : r.why);
    if (r.ok) note(null);
  };
  return (
    <div
      className="take-back [&:not(:empty)]:py-1.5 [&:not(:empty)]:px-0 [&:not(:empty)]:border-b [&:not(:empty)]:flex [&:not(:empty)]:flex-wrap [&:not(:empty)]:items-center [&:not(:empty)]:gap-y-0.5 [&:not(:empty)]:gap-x-3.5 [&:not(:empty)]:border-rule-2 in-[[data-hand='left']]:flex-row-reverse in-[.take-back-toast]:[&:not(:empty)]:py-1.5 in-[.take-back-toast]:[&:not(:empty)]:px-3 in-[.take-back-toast]:[&:not(:empty)]:border-b-0 min-[1100px]:in-[.take-back-toast]:[&:not(:empty)]:py-0.5 min-[1100px]:in-[.take-back-toast]:[&:not(:empty)]:px-3"
      role="status"
    >
      {noted && last && (
        <>
          <p className="flex-[1_1_200px] min-w-0 leading-[1.25] max-tablet:overflow-hidden max-tablet:basis-37.5 max-tablet:max-h-[2.5em]">
            <b>{time(last.at)}</b> {noted.made.map((e) => sayEntry(e, names)).join(' ')}
            {trouble && <> {trouble}</>}
          </p>
          {noted.asks}
          {/* A second tap of the key before it does not take back what the first one wrote. */}
          <DeckKey key={last.id} small name="Undo" onClick={() => void back()} />
        </>
      )}
    </div>
  );
}

/** The same at the top of a page that has no place of its own for it; nothing while nothing was written. */
export function TakeBackToast() {
  const { noted } = use(LatelyContext);
  if (!noted) return null;
  return (
    <div className="toast toast-center take-back-toast p-0 border-2 border-ink z-20 top-15.5 bottom-auto pointer-events-none max-w-[min(640px,calc(100vw_-_24px))] bg-paper-open tablet:min-w-115 max-tablet:top-11.5 max-tablet:w-[calc(100vw_-_24px)] min-[1100px]:top-0.5">
      <WhenFacts>
        <TakeBack />
      </WhenFacts>
    </div>
  );
}
