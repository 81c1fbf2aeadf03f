import { useEffect } from 'react';
import { Navigate, Outlet, ScrollRestoration, useLocation, useNavigate } from 'react-router';
import { tinykeys } from 'tinykeys';
import { WhenFacts } from '../asked/facts-here.tsx';
import { useBook } from '../offline/journal-context.tsx';
import { useTabs } from '../frame/page.tsx';
import { TakeBackProvider } from '../lines/take-back.tsx';
import { lazySoon } from '../ui/lazy-soon.tsx';

const Timers = lazySoon(async () => ({ default: (await import('./timers.tsx')).Timers }), 0, { quiet: true });

/** What opens before there is a book; anything else asks for one first. */
const BEFORE_A_BOOK = ['/welcome', '/unsent', '/hurt', '/phones', '/join', '/handbook'];

/** Around every page: an empty book asks its three questions first; Alt and a number opens a station, and Alt and 0 what helps when someone is hurt. */
export function Frame() {
  const { book } = useBook();
  const { pathname } = useLocation();
  const navigate = useNavigate();
  const tabs = useTabs();
  // Keyboard events come from outside React.
  useEffect(
    () =>
      tinykeys(
        window,
        Object.fromEntries(
          ['/hurt', ...tabs.map((t) => t.to)].map((to, i) => [
            `Alt+${i}`,
            (e: KeyboardEvent) => (e.preventDefault(), void navigate(to)),
          ]),
        ),
      ),
    [tabs, navigate],
  );
  if (book.all('book').length === 0 && !BEFORE_A_BOOK.some((p) => pathname === p || pathname.startsWith(`${p}/`)))
    return <Navigate to="/welcome" replace />;
  return (
    <TakeBackProvider>
      <WhenFacts>
        <Timers />
      </WhenFacts>
      <Outlet />
      {/* Every address that is opened anew has the same key: by its path it does not take another page's place. */}
      <ScrollRestoration getKey={(at) => (at.key === 'default' ? at.pathname : at.key)} />
    </TakeBackProvider>
  );
}
