import type { HomeNetwork } from '@dagboek/journal/log';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { Page, Row } from '../../frame/page.tsx';
import { Key } from '../../ui/key.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { doorListQuery, doorQuery, leave } from './door.ts';
import { DoorLog } from './door-log.tsx';
import { LetIn } from './let-in.tsx';
import { LetPhoneIn } from './let-phone-in.tsx';
import { ProveScreen } from './prove-screen.tsx';

/** Phones of the crew: how one comes to the book, who was let in, and who is put out again. */
export function PhonesPage() {
  const door = useQuery(doorQuery);
  const home = door.data?.home ?? null;
  return (
    <Page
      title="Phones"
      first={{ label: 'Door', value: 'Phones' }}
      cells={[{ label: 'In your network', value: home ? (home.urls[0] ?? 'in none now') : 'not served' }]}
    >
      {door.isPending && (
        <Row className="pad">
          <p>Waiting for the server.</p>
        </Row>
      )}
      {door.error && (
        <Row className="pad">
          <h2>Phones of the crew</h2>
          <Trouble says={door.error.message} />
        </Row>
      )}
      {door.data?.you === 'here' && (home ? <AtTheScreen home={home} /> : <NotServed />)}
      {door.data?.you === 'unproven' && <ProveScreen />}
      {door.data?.you === 'joined' && <Joined name={door.data.name ?? ''} />}
      {door.data?.you === 'not joined' && (
        <Row className="pad">
          <h2>This device has not joined</h2>
          <p>
            <Link to="/join">Join the book</Link> with the code on the server’s screen.
          </p>
        </Row>
      )}
      {door.data?.you === 'open' && (
        <Row className="pad">
          <h2>No joining needed</h2>
          <p>
            This server is reached as it was set up, by DAGBOEK_HOST or through something in front of it: whoever
            reaches it may write. Phones that join by a code come in by <code>npm start -- --lan</code>.
          </p>
        </Row>
      )}
    </Page>
  );
}

function NotServed() {
  return (
    <Row className="pad">
      <h2>Phones of the crew</h2>
      <p>
        The book can be opened on this computer only. Stop the server, and start it with <code>npm start -- --lan</code>
        . Phones in the same network can then open the book, join with a code shown here, and take it to sea.
      </p>
    </Row>
  );
}

function Joined({ name }: { name: string }) {
  const client = useQueryClient();
  const leaving = useMutation({
    mutationFn: leave,
    networkMode: 'always',
    onSuccess: () => client.invalidateQueries({ queryKey: ['journal'] }),
  });
  return (
    <Row className="pad">
      <h2>Joined as {name}</h2>
      <p>
        Entries are exchanged with the server whenever it can be reached. The list of other phones is shown on the
        server’s own screen, where codes are shown.
      </p>
      <div className="keys">
        <Key
          name="Leave"
          note="what is on this device stays; the server no longer answers it"
          onClick={() => !leaving.isPending && leaving.mutate()}
        />
      </div>
      <Trouble says={leaving.error?.message} />
    </Row>
  );
}

/** The server's own screen. */
function AtTheScreen({ home }: { home: HomeNetwork }) {
  const list = useQuery(doorListQuery);
  return (
    <>
      <LetPhoneIn home={home} list={list.data} fetchedMs={list.dataUpdatedAt} trouble={list.error?.message} />
      {list.data && <LetIn list={list.data} />}
      {list.data && <DoorLog log={list.data.log} />}
    </>
  );
}
