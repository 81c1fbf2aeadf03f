import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { plural } from '../../asked/format.ts';
import { useJournal, useOutbox } from '../../offline/journal-context.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { KeyLink } from '../../ui/key.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { doorQuery } from './door.ts';
import { JoinForm } from './join-form.tsx';

/** A device that holds the book already, and was put out or never joined at this address. */
export function JoinPage() {
  const door = useQuery(doorQuery);
  const client = useQueryClient();
  const store = useJournal();
  const unsent = useOutbox();
  const navigate = useNavigate();
  const joined = async (): Promise<void> => {
    await client.invalidateQueries({ queryKey: ['journal'] });
    void store.retry(unsent.flatMap((i) => (i.state === 'queued' ? [i.entry.id] : [])));
    void navigate('/', { replace: true });
  };
  return (
    <Page
      title="Join the book"
      first={{ label: 'Door', value: 'Join' }}
      cells={[{ label: 'Here and not sent yet', value: plural(unsent.length, 'entry', 'entries') }]}
    >
      <Row className="pad">
        {door.isPending && <p>Waiting for the server.</p>}
        <Trouble says={door.error?.message} />
        {door.data?.you === 'not joined' && (
          <>
            <h2>This device has not joined</h2>
            <p>
              What is on it stays here
              {unsent.length > 0 ? `, also the ${plural(unsent.length, 'entry', 'entries')} not sent yet` : ''}. Someone
              at the server’s screen opens <b>All</b>, then <b>Phones</b>, and shows a code.
            </p>
            <JoinForm onJoined={() => void joined()} />
          </>
        )}
        {door.data && door.data.you !== 'not joined' && (
          <>
            <h2>{door.data.you === 'joined' ? `Joined as ${door.data.name}` : 'Nothing to join here'}</h2>
            <p>
              {door.data.you === 'joined'
                ? 'Entries are exchanged with the server whenever it can be reached.'
                : 'Nothing has to be joined at this address: everything written here goes straight to the book.'}
            </p>
            <div className="keys">
              <KeyLink to="/" act name="Open the book" />
            </div>
          </>
        )}
      </Row>
    </Page>
  );
}
