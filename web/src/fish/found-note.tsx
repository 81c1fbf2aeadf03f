import { sayFinding } from '@dagboek/core/cut';
import type { Found } from '@dagboek/journal';
import { WarningTriangle } from './hazard-strip.tsx';
import { degrees } from '../asked/units.ts';

const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

/** What was found in a fish or pack, and what follows: crimson where it is not eaten. Nothing where nothing was found. */
export function FoundNote({ of, found }: { of: string; found: Found }) {
  if (found.finds.length === 0) return null;
  const what = capital([...new Set(found.finds.map(sayFinding))].join(', '));
  const then = [...found.keeping, ...found.cooking, ...found.raw].map((s) => degrees(s));
  return (
    <>
      {found.bin.length > 0 && (
        <div className="hazard-strip" role="note" aria-label="Do not eat">
          <WarningTriangle size={30} />
          <strong className="font-bold text-[1.1875rem] leading-[normal] font-head">Do not eat</strong>
          <p className="leading-[1.3] text-[1rem] max-tablet:col-span-full max-tablet:text-[0.9375rem]">
            {of}: {found.bin.join(' ')} Throw it away.
          </p>
        </div>
      )}
      <p className={found.cook ? 'alert alert-warning' : 'alert alert-error'}>
        <b>Found: {what}.</b> {then.join(' ')}
      </p>
    </>
  );
}
