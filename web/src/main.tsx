import { createRoot } from 'react-dom/client';
import { App } from './app/app.tsx';
import { readySound } from './kit/alarm/ring.ts';
import { applyHand } from './kit/hand.ts';
import { applyTheme } from './kit/page.tsx';
import './styles/app.css';

applyTheme();
applyHand();
readySound();
const root = document.getElementById('root');
if (!root) throw new Error('index.html has no #root');
createRoot(root).render(<App />);
