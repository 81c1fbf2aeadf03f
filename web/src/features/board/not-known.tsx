import { Link } from 'react-router';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { Row } from '../../frame/page.tsx';

/** Where the board cannot tell what lies on it: no name yet, or the list of species has not reached this device. */
export function NotKnown({ fishId }: { fishId: string | undefined }) {
  const { book } = useBook();
  const { all } = useCatalogue();
  const fish = book.getAny('fish', fishId);
  const wait = fish?.species && all.length === 0;
  return (
    <Row className="open-entry pad">
      <h2>{wait ? 'One moment' : 'Species not known yet'}</h2>
      <p>
        {wait
          ? 'The list of species is not on this device yet. Steps and hazards appear here when it arrives.'
          : 'The species decides where it can hurt you and how it is cut.'}{' '}
        {!wait && fish && <Link to={`/fish/${fish.id}`}>Correct its name there.</Link>}
      </p>
    </Row>
  );
}
