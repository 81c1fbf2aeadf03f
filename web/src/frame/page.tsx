import { stationStates, type StationStates } from '@dagboek/journal';
import { Moon, Sun } from 'lucide-react';
import { type ReactNode, useEffect, useSyncExternalStore } from 'react';
import { Link, NavLink } from 'react-router';
import { useBookValue, useOutbox, useReached, useWhyNotReached } from '../offline/journal-context.tsx';
import { plural } from '../asked/format.ts';
import { Part } from '../ui/part.tsx';
import { HelpKey } from './help-key.tsx';
import { TakeBackToast } from '../lines/take-back.tsx';

/** A field of the printed form header: a small label over its value. */
export interface HeaderCell {
  readonly label: string;
  readonly value: ReactNode;
}

interface Tab {
  readonly to: string;
  readonly name: string;
  readonly state: string;
  readonly waits: boolean;
  /** Shown at the foot on a phone; the others under All. */
  readonly foot: boolean;
}

const sameStates = (a: StationStates, b: StationStates): boolean => JSON.stringify(a) === JSON.stringify(b);

/** The stations with their state in two or three words. */
export function useTabs(): Tab[] {
  const now = useBookValue(stationStates, sameStates);
  const tab = (name: string, state: string, more: Partial<Tab> = {}): Tab => ({
    to: `/${name.toLowerCase()}`,
    name,
    state,
    waits: false,
    foot: false,
    ...more,
  });
  return [
    tab('Plan', now.openTrip !== null ? `Trip ${now.openTrip}` : now.trips === 0 ? 'no trip yet' : 'no trip open'),
    tab('Deck', now.openTrip === null ? 'no trip open' : now.toDo > 0 ? `${now.toDo} to do` : 'no fish in hand', {
      waits: now.toDo > 0,
      foot: true,
    }),
    tab('Box', now.onIce > 0 ? plural(now.onIce, 'fish', 'fish') : 'empty'),
    tab('Board', now.cutsBegun > 0 ? `${plural(now.cutsBegun, 'cut')} begun` : 'clear', {
      waits: now.cutsBegun > 0,
      foot: true,
    }),
    tab('Larder', now.packs > 0 ? plural(now.packs, 'pack') : 'empty', { foot: true }),
    tab(
      'Table',
      now.cooking > 0
        ? 'at the stove'
        : now.dinners > 0
          ? `${plural(now.dinners, 'dinner')} planned`
          : now.meals > 0
            ? plural(now.meals, 'meal')
            : 'no meal yet',
      { waits: now.cooking > 0, foot: true },
    ),
    tab('Book', now.trips > 0 ? plural(now.trips, 'trip') : 'no trip yet'),
  ];
}

const Flag = () => (
  <svg width="11" height="14" viewBox="0 0 11 14" role="img" aria-label="something waits">
    <path
      d="M1.5 4.5A4 4.5 0 0 1 9.5 4.5V9A4 4.5 0 0 1 1.5 9Z"
      fill="var(--buoy)"
      stroke="currentColor"
      strokeWidth="1.3"
    />
  </svg>
);

function IndexTabs() {
  const tabs = useTabs();
  return (
    <nav
      className="tabs sticky top-0 h-screen bg-cover text-on-cover flex flex-col print:hidden! max-tablet:pb-[env(safe-area-inset-bottom)] max-tablet:inset-x-0 max-tablet:fixed max-tablet:top-auto max-tablet:bottom-0 max-tablet:z-30 max-tablet:h-[calc(56px_+_env(safe-area-inset-bottom))] max-tablet:flex-row"
      aria-label="Stations"
    >
      <Link className="mark" to="/">
        Dagboek
      </Link>
      {tabs.map((t) => (
        <NavLink key={t.to} to={t.to} className={({ isActive }) => `${isActive ? 'on' : ''}${t.foot ? ' foot' : ''}`}>
          <span className="gap-1.5 inline-flex items-center">
            {t.name}
            {t.waits && <Flag />}
          </span>
          <small className="text-inherit font-normal max-tablet:hidden [.tabs_a.on_&]:font-text [.tabs_a.on_&]:text-ink-2">
            {t.state}
          </small>
        </NavLink>
      ))}
      <NavLink to="/all" className={({ isActive }) => `all${isActive ? ' on' : ''}`}>
        <span className="gap-1.5 inline-flex items-center">All</span>
      </NavLink>
    </nav>
  );
}

/** Where the log stands: saved here always; sent or waiting. */
export function LogState() {
  const outbox = useOutbox();
  const reached = useReached();
  const why = useWhyNotReached();
  const refused = outbox.filter((i) => i.state === 'refused').length;
  const waiting = outbox.filter((i) => i.state === 'queued' || i.state === 'sending').length;
  const text = refused
    ? `${plural(refused, 'entry', 'entries')} refused`
    : waiting
      ? `Saved here, ${plural(waiting, 'entry', 'entries')} not sent yet`
      : reached === false
        ? why
          ? 'Saved on this device, server not reached'
          : 'Saved on this device, no signal'
        : 'Saved and sent';
  return (
    <Link to="/unsent" className={`log-state${refused ? ' refused' : ''}`}>
      {text}
    </Link>
  );
}

const themeListeners = new Set<() => void>();
const THEME_KEY = 'dagboek.theme';
/** Puts the kept theme on the page. */
export const applyTheme = (): void =>
  void (document.documentElement.dataset['theme'] = localStorage.getItem(THEME_KEY) ?? 'dagboek');

export function ThemeKey() {
  const theme = useSyncExternalStore(
    (l) => {
      themeListeners.add(l);
      return () => themeListeners.delete(l);
    },
    () => document.documentElement.dataset['theme'] ?? 'dagboek',
  );
  const night = theme === 'dagboek-night';
  return (
    <button
      type="button"
      className="size-11 place-items-center grid cursor-pointer"
      aria-label={night ? 'Day colours' : 'Night colours'}
      title={night ? 'Day colours' : 'Night colours'}
      onClick={() => {
        localStorage.setItem(THEME_KEY, night ? 'dagboek' : 'dagboek-night');
        applyTheme();
        for (const l of themeListeners) l();
      }}
    >
      {night ? <Sun size={20} /> : <Moon size={20} />}
    </button>
  );
}

/** The page's own title, in the tab of the browser and read out when it opens. */
export function useTitle(title: string): void {
  // The document's title is outside React.
  useEffect(() => {
    document.title = `${title} · Dagboek`;
  }, [title]);
}

/** One page of the book: printed form header, sheet with its time column, index tabs on the right edge. */
export function Page({
  title,
  first,
  cells,
  strikesItself = false,
  children,
}: {
  title: string;
  first: HeaderCell;
  cells: readonly HeaderCell[];
  /** It has a key of its own that strikes a wrong tap: nothing is laid over it. */
  strikesItself?: boolean;
  children: ReactNode;
}) {
  useTitle(title);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_var(--tabs)] min-h-screen max-tablet:pb-[calc(56px_+_env(safe-area-inset-bottom))] max-tablet:block">
      <div className="sheet">
        <header className="form border-b-2 flex min-h-14 border-ink max-tablet:overflow-hidden max-tablet:min-h-10.5 max-tablet:items-center max-tablet:bg-paper max-tablet:relative max-tablet:z-3">
          {[first, ...cells].map((c, i) => (
            <div key={c.label} className={i > 2 ? 'later' : undefined}>
              <small className="block text-ink-2 leading-[1.15] max-tablet:hidden max-tablet:[.form>div:first-child>&]:mr-1.5 max-tablet:[.form>div:first-child>&]:block max-tablet:[.form>div:first-child>&]:text-s">
                {c.label}
              </small>
              <b className="overflow-hidden block font-semibold whitespace-nowrap text-ellipsis">{c.value}</b>
            </div>
          ))}
          <div className="log-cell border-0 flex-1 min-w-34 max-tablet:min-w-0 max-tablet:text-right">
            <small className="block text-ink-2 leading-[1.15] max-tablet:hidden">Log</small>
            <b className="overflow-hidden block font-semibold whitespace-nowrap text-ellipsis max-tablet:font-normal max-tablet:text-cap max-tablet:whitespace-normal">
              <LogState />
            </b>
          </div>
          <div className="theme-cell p-1.5 border-0 flex print:hidden! max-tablet:p-0">
            <Link
              to="/hurt"
              className="place-items-center grid min-w-12 min-h-11 text-crimson font-bold"
              title="Someone is hurt: what helps"
            >
              Hurt?
            </Link>
            <HelpKey title={title} />
            <ThemeKey />
          </div>
        </header>
        <main className="flex-1 flex flex-col min-w-0">
          <h1 className="sr-only">{title}</h1>
          {children}
        </main>
      </div>
      <IndexTabs />
      {!strikesItself && <TakeBackToast />}
    </div>
  );
}

/** A row of the sheet: something in the time column, something beside it. */
export function Row({ time, children, className = '' }: { time?: ReactNode; children: ReactNode; className?: string }) {
  return (
    <div className={`row ${className}`}>
      <div className="t">{time}</div>
      <div className="c">
        <Part>{children}</Part>
      </div>
    </div>
  );
}
