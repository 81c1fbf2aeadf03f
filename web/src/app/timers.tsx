import { useNow } from '../ui/use-now.ts';
import { useAsked } from '../asked/asked.ts';
import { type RunningTimer, runningTimers } from '@dagboek/journal';
import { useEffect, useRef, useState } from 'react';
import { Link, useLocation } from 'react-router';
import { ring } from '../devices/alarm/ring.ts';
import { useAwake } from '../devices/alarm/use-awake.ts';
import { useNames } from '../asked/names.ts';
import { useBook } from '../offline/journal-context.tsx';

const WORDS: Readonly<Record<NonNullable<RunningTimer['due']>, string>> = {
  'onto ice': 'has bled enough: put it on ice',
  'warm too long': 'has been warm too long: put it on ice now',
  'top up': 'Top up the hot water, stir, test.',
  'long enough': 'Long enough in hot water, if the pain has gone.',
  over: 'is over',
};

/** Where a timer stands in sight already. */
const standsAt = (t: RunningTimer, path: string): boolean => path === WHERE[t.of](t.subject);

const WHERE: Readonly<Record<RunningTimer['of'], (subject: string) => string>> = {
  bleeding: () => '/deck',
  soak: (id) => `/hurt/${id}`,
  dinner: (id) => `/table/dinner/${id}`,
};

/** Rings when a timer comes to its end, whatever page is open, says which, and keeps the screen lit while one runs. */
export function Timers() {
  const { book } = useBook();
  const names = useNames();
  const { pathname } = useLocation();
  const asked = useAsked(useNow(1000));
  const timers = runningTimers(asked);
  const known = useRef<Map<string, RunningTimer['due']> | null>(null);
  const [rung, setRung] = useState<readonly string[]>([]);
  useAwake(timers.length > 0);
  const state = timers.map((t) => `${t.id} ${t.due ?? ''}`).join();
  // Ringing is outside React; what was due when the page opened is no news.
  useEffect(() => {
    const before = known.current;
    known.current = new Map(timers.map((t) => [t.id, t.due]));
    if (!before) return;
    const news = timers.filter((t) => t.due !== null && before.has(t.id) && before.get(t.id) !== t.due);
    if (news.length === 0) return;
    ring();
    setRung((list) => [...new Set([...list, ...news.map((t) => t.id)])]);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- `state` is all of the timers that matters here
  }, [state]);
  const said = timers.filter((t) => t.due !== null && rung.includes(t.id) && !standsAt(t, pathname));
  if (said.length === 0) return null;
  return (
    <div className="sticky top-0 z-35" role="alert">
      {said.map((t) => {
        const fish = book.get('fish', t.subject);
        const words = t.due ? WORDS[t.due] : '';
        return (
          <p
            className="py-0.5 px-4 gap-3.5 border-b-2 sticky top-0 z-35 flex justify-between items-center bg-act-fill text-on-act font-bold border-act-edge"
            key={t.id}
          >
            <Link
              className="flex items-center min-h-12"
              to={t.of === 'bleeding' ? `/deck?fish=${t.subject}` : WHERE[t.of](t.subject)}
            >
              {t.name
                ? `${t.name} ${words}`
                : fish
                  ? `${fish.species ? names.species(fish.species) : 'A fish'} ${words}`
                  : words}
            </Link>
            <button
              className="min-h-12 min-w-18 underline underline-offset-3 cursor-pointer"
              type="button"
              onClick={() => setRung(rung.filter((id) => id !== t.id))}
            >
              Heard
            </button>
          </p>
        );
      })}
    </div>
  );
}
