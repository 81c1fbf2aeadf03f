import { openTrip, placeNow } from '@dagboek/journal';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useBook } from '../kit/journal/journal-context.tsx';
import { Page, Row } from '../kit/page.tsx';
import { FirstAid } from './first-aid.tsx';
import { NoteHarm } from './note-harm.tsx';

/** Someone is hurt, or ill from what was eaten: what helps, reachable from everywhere, with a trip under way or without. */
export function HurtPage() {
  const { book } = useBook();
  const [params] = useSearchParams();
  const trip = openTrip(book);
  const [noted, setNoted] = useState(false);
  return (
    <Page
      title="Someone is hurt"
      first={{ label: 'Danger of life', value: '112' }}
      cells={[{ label: 'Or', value: 'the local emergency number' }]}
    >
      <Row className="pad">
        <FirstAid zone={trip ? placeNow(trip).zone : ''} by={params.get('by') ?? ''} />
      </Row>
      {trip && (
        <Row className="pad ruled">
          <h2>Note it afterwards</h2>
          {noted ? (
            <p role="status">Noted among the lines of this trip.</p>
          ) : (
            <NoteHarm trip={trip} onDone={() => setNoted(true)} />
          )}
        </Row>
      )}
    </Page>
  );
}
