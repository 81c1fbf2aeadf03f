import { createRoot } from 'react-dom/client';
import { App } from './app/app.tsx';
import { readySound } from './kit/alarm/ring.ts';
import { applyHand } from './kit/hand.ts';
import { applyTheme } from './kit/page.tsx';
import { SOON_MS } from './kit/lazy-soon.tsx';
import './styles/app.css';

applyTheme();
applyHand();
readySound();
const root = document.getElementById('root');
if (!root) throw new Error('index.html has no #root');
createRoot(root).render(<App />);
// What the first page does without comes after it.
setTimeout(() => {
  void import('./kit/workers/reckon-beside.ts').then((m) => m.reckonBesideThePage()).catch(() => undefined);
}, SOON_MS);
