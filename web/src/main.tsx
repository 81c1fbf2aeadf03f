import { createRoot } from 'react-dom/client';
import { App } from './app/app.tsx';
import { readySound } from './devices/alarm/ring.ts';
import { applyHand } from './ui/hand.ts';
import { applyTheme } from './frame/page.tsx';
import './styles/app.css';

applyTheme();
applyHand();
readySound();
const root = document.getElementById('root');
if (!root) throw new Error('index.html has no #root');
createRoot(root).render(<App />);
