import { type PhotoLength } from '@dagboek/core/measure/photo';
import { LENGTH_UNIT, lengthShown } from '../../../asked/units.ts';
import { type readPhoto } from './read-photo.ts';

/** The length that the marks of a picture give, how good it is, and what to know of it. */
export function PhotoReading({
  length,
  read,
  boardMm,
}: {
  length: ({ readonly ok: true } & PhotoLength) | null;
  read: ReturnType<typeof readPhoto>;
  boardMm: [number, number];
}) {
  return (
    <>
      <p className="reading my-1 mx-0 flex flex-wrap items-baseline gap-y-0 gap-x-3.5 min-h-14" role="status">
        {length ? (
          <>
            <span className="num text-[2.5rem] whitespace-nowrap max-tablet:text-[2.125rem]">
              {lengthShown(length.lengthMm)}
              <u>{LENGTH_UNIT}</u>
            </span>
            <b>{`good to ${lengthShown(length.sdMm)}`}</b>
          </>
        ) : (
          <b>{read && !read.length.ok ? read.length.why : 'Mark the four corners and the two ends.'}</b>
        )}
      </p>
      {length && (
        <p className="hint">
          {length.pxPerMm.toFixed(1)} pixels to a millimetre; {(length.parallax.share * 100).toFixed(1)} % taken off,
          because the body lies above the board. The dashed lines lie where the board’s{' '}
          {boardMm[0] > 300 ? 'tens' : 'fives'} must.
        </p>
      )}
      {length?.warnings.map((w) => (
        <p key={w} className="alert alert-warning">
          {w}
        </p>
      ))}
    </>
  );
}
