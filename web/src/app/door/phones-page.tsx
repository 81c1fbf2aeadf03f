import type { DoorList, HomeNetwork, JoinCode, JoinedDevice } from '@dagboek/journal';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { useFormat } from '../../kit/format.ts';
import { minutesSeconds } from '../../kit/minutes-seconds.ts';
import { Page, Row } from '../../kit/page.tsx';
import { Ticking } from '../../kit/ticking.tsx';
import { Dialog } from '../../kit/ui/dialog.tsx';
import { Key, LineKey } from '../../kit/ui/key.tsx';
import { Trouble } from '../../kit/ui/trouble.tsx';
import { doorListQuery, doorQuery, leave, putOut, showCode } from './door.ts';
import { ScanCode } from './scan-code.tsx';

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
          <p>Asking the server.</p>
        </Row>
      )}
      {door.error && (
        <Row className="pad">
          <h2>Phones of the crew</h2>
          <Trouble says={door.error.message} />
        </Row>
      )}
      {door.data?.you === 'here' && (home ? <AtTheScreen home={home} /> : <NotServed />)}
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
          <h2>No door stands between</h2>
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
        The book is served to this machine alone now. End the server, and start it with <code>npm start -- --lan</code>:
        phones in the same network then open it, join by a code shown here, and keep it with them at sea.
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
        Lines are exchanged with the server whenever it is in reach. Who else was let in stands at the server’s own
        screen, where codes are shown.
      </p>
      <div className="keys">
        <Key
          name="Leave"
          note="what this device holds stays on it, and it is answered no more"
          onClick={() => !leaving.isPending && leaving.mutate()}
        />
      </div>
      <Trouble says={leaving.error?.message} />
    </Row>
  );
}

/** The server's own screen. */
function AtTheScreen({ home }: { home: HomeNetwork }) {
  const client = useQueryClient();
  const list = useQuery(doorListQuery);
  const again = (): Promise<void> => client.invalidateQueries({ queryKey: doorListQuery.queryKey });
  const showing = useMutation({ mutationFn: showCode, networkMode: 'always', onSuccess: again });
  const code = list.data?.code ?? null;
  return (
    <>
      <Row className="pad">
        <h2>Let a phone in</h2>
        {home.urls.length === 0 ? (
          <p>
            This machine stands in no network of a house or a boat now. Join one, or let a phone share its own: the
            address is looked for by itself.
          </p>
        ) : (
          <>
            <p>In the same network, once for each phone. After that it works at sea, without a signal.</p>
            {code ? (
              <Shown home={home} code={code} fetchedMs={list.dataUpdatedAt} />
            ) : (
              <div className="keys">
                <Key
                  act
                  name="Show a code"
                  note="for ten minutes; each lets one phone in"
                  onClick={() => !showing.isPending && showing.mutate()}
                />
              </div>
            )}
          </>
        )}
        <Trouble says={showing.error?.message ?? list.error?.message} />
      </Row>
      <LetIn list={list.data} />
    </>
  );
}

/** The code, and the way to where it is typed. */
function Shown({ home, code, fetchedMs }: { home: HomeNetwork; code: JoinCode; fetchedMs: number }) {
  const trust = home.trustUrls[0];
  const first = trust ? `${trust}/#${code.code}` : `${home.urls[0]}/join#${code.code}`;
  const step = (name: string, more: ReactNode): ReactNode => (
    <li>
      <b>{name}</b> {more}
    </li>
  );
  return (
    <div className="shown-code">
      <ScanCode text={first} label={`A code to scan: it opens ${trust ?? home.urls[0]}`} />
      <div>
        <p className="code-digits">
          <small>Code</small>
          <b>
            {code.code.slice(0, 3)} {code.code.slice(3)}
          </b>
          <small>
            for <Ticking say={() => minutesSeconds(code.forMs - (Date.now() - fetchedMs))} />
          </small>
        </p>
        <ol>
          {step(
            'Scan',
            trust ? (
              <>this, or open {trust} on the phone.</>
            ) : (
              <>this, or open {home.urls.join(' or ')} on the phone.</>
            ),
          )}
          {home.fingerprint &&
            step(
              'Compare:',
              <>
                the page shows <code>{home.fingerprint}</code>. If it shows another sign, stop.
              </>,
            )}
          {trust && step('Trust', <>this machine, by the steps of that page: once for each phone.</>)}
          {step('Join', <>with the code above. A phone that trusts it already goes straight on.</>)}
        </ol>
        <p>
          Phones know the book by its address: {home.urls.join(' or ')}. Ask your router to leave it the same, or a
          phone will have to join anew.
        </p>
      </div>
    </div>
  );
}

function LetIn({ list }: { list: DoorList | undefined }) {
  const { shortDay, day, time } = useFormat();
  const client = useQueryClient();
  const [asked, setAsked] = useState<JoinedDevice | null>(null);
  const putting = useMutation({
    mutationFn: putOut,
    networkMode: 'always',
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: doorListQuery.queryKey });
      setAsked(null);
    },
  });
  const when = (at: string): string => `${shortDay(day(at))} ${time(at)}`;
  if (!list) return null;
  return (
    <Row className="pad ruled">
      <h2>Let in</h2>
      {list.devices.length === 0 && <p>Nobody yet: the book is on this machine alone.</p>}
      <ul className="plain-list let-in">
        {list.devices.map((d) => (
          <li key={d.id}>
            <span>
              {d.name}
              <small>
                {d.out
                  ? `in from ${when(d.joined)}, put out ${when(d.out)}`
                  : `in since ${when(d.joined)}, seen ${when(d.seen)}`}
              </small>
            </span>
            {d.out === null && <LineKey onClick={() => setAsked(d)}>Put out</LineKey>}
          </li>
        ))}
      </ul>
      {asked && (
        <Dialog title={`Put out ${asked.name}?`} open onClose={() => setAsked(null)}>
          <p>
            It is answered no more, until it joins again with a new code. What it wrote stays in the book; what it has
            not sent stays on it. The book that it holds cannot be taken from it.
          </p>
          <Trouble says={putting.error?.message} />
          <div className="keys">
            <Key act name="Put it out" onClick={() => !putting.isPending && putting.mutate(asked.id)} />
          </div>
        </Dialog>
      )}
    </Row>
  );
}
