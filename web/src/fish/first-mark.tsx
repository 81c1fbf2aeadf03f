import { type FishState, isFirst } from '@dagboek/journal';
import { useNames } from '../asked/names.ts';
import { useBook } from '../offline/journal-context.tsx';
import { inSentence } from '../ui/names-in-text.ts';
import { Term } from '../ui/words/term.tsx';

/** A ring with a notch cut at the top, as one cuts a first notch. */
const Notch = () => (
  <svg width="15" height="15" viewBox="0 0 15 15" aria-hidden="true" className="inline-block [vertical-align:-2px]">
    <path d="M5 2.4A5.8 5.8 0 1 0 10 2.4" fill="none" stroke="var(--teal)" strokeWidth="2.2" />
    <path d="M7.5 0.5V7.5" stroke="var(--teal)" strokeWidth="2.6" />
  </svg>
);

/** "Tomas’s first", beside the name of a fish that is one. `small`: for a row of a log. */
export function FirstMark({ fish, small = false }: { fish: FishState; small?: boolean }) {
  const names = useNames();
  const { book } = useBook();
  if (!isFirst(book, fish)) return null;
  const who = names.member(fish.angler);
  if (small)
    return (
      <small className="first-mark m-0 text-teal block">
        <Notch /> {who}’s first
      </small>
    );
  return (
    <p className="first-mark mt-2 text-teal" role="status">
      <Notch />{' '}
      <b>
        {who}’s first {fish.species ? inSentence(names.species(fish.species)) : ''}.
      </b>{' '}
      Added to the <Term of="Life list">life list</Term>.
    </p>
  );
}
