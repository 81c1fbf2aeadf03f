import { createRoot } from 'react-dom/client';
import { App } from './app/app.tsx';
import { readySound } from './devices/alarm/ring.ts';
import { applyHand } from './ui/hand.ts';
import { applyTheme } from './frame/page.tsx';
import { SOON_MS } from './ui/lazy-soon.tsx';
import './styles/app.css';

applyTheme();
applyHand();
readySound();
const root = document.getElementById('root');
if (!root) throw new Error('index.html has no #root');
createRoot(root).render(<App />);
// What the first page does without comes after it.
setTimeout(() => {
  void import('./offline/workers/reckon-beside.ts').then((m) => m.reckonBesideThePage()).catch(() => undefined);
}, SOON_MS);
