import { type AllThatFollows, type Finding, sayFinding } from '@dagboek/core/cut';
import { WarningTriangle } from './hazard-strip.tsx';
import { degrees } from './units.ts';

const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

/** What was found in a fish or pack, and what follows: crimson where it is not eaten. Nothing where nothing was found. */
export function FoundNote({ of, finds, follows }: { of: string; finds: readonly Finding[]; follows: AllThatFollows }) {
  if (finds.length === 0) return null;
  const what = capital([...new Set(finds.map(sayFinding))].join(', '));
  const then = [...follows.keeping, ...follows.cooking, ...follows.raw].map((s) => degrees(s));
  return (
    <>
      {follows.bin.length > 0 && (
        <div className="hazard-strip" role="note" aria-label="Do not eat">
          <WarningTriangle size={30} />
          <strong>Do not eat</strong>
          <p>
            {of}: {follows.bin.join(' ')} Throw it away.
          </p>
        </div>
      )}
      <p className={follows.cook ? 'asks' : 'caution'}>
        <b>Found: {what}.</b> {then.join(' ')}
      </p>
    </>
  );
}
