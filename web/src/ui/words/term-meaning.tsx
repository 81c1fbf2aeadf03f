import { Link } from 'react-router';
import { slug } from '../slug.ts';
import { GLOSSARY } from './glossary.ts';
import { TermDrawing } from './term-drawing.tsx';

/** What a word of the craft means, with a drawing where that tells more; from here to all of them. */
export function TermMeaning({ of, onClose }: { of: string; onClose: () => void }) {
  return (
    <>
      <TermDrawing of={slug(of)} />
      <p>{GLOSSARY.find((e) => e.term === of)?.says}</p>
      <p>
        <Link className="inline-flex min-h-11 items-center" to={`/handbook/words#${slug(of)}`} onClick={onClose}>
          All words of the craft
        </Link>
      </p>
    </>
  );
}
