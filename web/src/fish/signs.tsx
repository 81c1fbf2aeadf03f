import { signDrawing } from './sign-drawing.tsx';
import { Explained } from '../ui/words/term.tsx';
import { capital } from '../ui/names-in-text.ts';

/** Signs that fish is done, each with its drawing where that tells more than the words. */
export function Signs({ looks }: { looks: readonly string[] }) {
  return (
    <ul className="plain-list" aria-label="Signs that it is done">
      {looks.map((sign) => {
        const drawing = signDrawing(sign);
        return (
          <li key={sign} className="flex items-center gap-3">
            {drawing && (
              <svg className="w-[116px] shrink-0" viewBox="0 -8 240 112" aria-hidden="true">
                {drawing}
              </svg>
            )}
            <span>
              <Explained text={capital(sign)} />
            </span>
          </li>
        );
      })}
    </ul>
  );
}
