import { type Entry, sayEntry, standingStrikes } from '@dagboek/journal';
import { epochMs } from '@dagboek/core/time';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { useNames } from '../../asked/names.ts';
import { plural, useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { Page, Row } from '../../frame/page.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Key, KeyLink, LineKey } from '../../ui/key.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { DateTimeField, NO_TIME } from '../../asked/when.tsx';
import { doorListQuery, linesOfDeviceQuery } from './door.ts';

/** Shown before one asks for all of them. */
const SHOWN = 100;

/** Every line that a device sent, whoever it says wrote it; and the way to strike them, when it was lost. */
export function DevicePage() {
  const { id = '' } = useParams();
  const { book } = useBook();
  const names = useNames();
  const { shortDay, day, time } = useFormat();
  const list = useQuery(doorListQuery);
  const sent = useQuery(linesOfDeviceQuery(id));
  const [every, setEvery] = useState(false);
  const [asked, setAsked] = useState(false);
  const device = list.data?.devices.find((d) => d.id === id);
  // Not called anything before it is known what it is called.
  const name = device?.name ?? 'a device';
  const entries = new Map(book.entries().map((e) => [e.id, e]));
  const ids = sent.data?.ids ?? [];
  const lines = ids.flatMap((i) => entries.get(i) ?? []).reverse();
  const struck = standingStrikes(book.entries());
  return (
    <Page
      title={`What ${name} sent`}
      first={{ label: 'Entries', value: lines.length }}
      cells={[{ label: 'Device', value: device ? (device.out ? 'removed' : 'joined') : 'not known' }]}
    >
      <Row className="pad">
        <h2>What {name} sent</h2>
        {(sent.isPending || list.isPending) && <p>Waiting for the server.</p>}
        <Trouble says={sent.error?.message ?? list.error?.message} />
        {sent.data && (
          <p>
            {lines.length === 0
              ? 'It has sent no entry to this book.'
              : 'Recorded by the server, whatever name is on the entries. The newest comes first.'}
            {ids.length > lines.length &&
              ` ${plural(ids.length - lines.length, 'entry', 'entries')} more not on this screen yet.`}
          </p>
        )}
        <div className="keys">
          <KeyLink to="/phones" name="Back to the phones" />
          {lines.some((e) => !struck.has(e.id)) && (
            <Key
              name="Cross out its entries"
              note="if the phone was lost, or someone else had it"
              onClick={() => setAsked(true)}
            />
          )}
        </div>
        <ol className="log-lines list-none">
          {(every ? lines : lines.slice(0, SHOWN)).map((e) => (
            <li key={e.id} className={struck.has(e.id) ? 'struck-line' : undefined}>
              <span className="t font-semibold">
                {shortDay(day(e.written))} {time(e.written)}
              </span>
              <div>
                {struck.has(e.id) ? <s>{sayEntry(e, names)}</s> : sayEntry(e, names)} <i>{names.member(e.member)}</i>
              </div>
            </li>
          ))}
        </ol>
        {!every && lines.length > SHOWN && <LineKey onClick={() => setEvery(true)}>All {lines.length}</LineKey>}
      </Row>
      {asked && (
        <StrikeDialog name={name} lines={lines.filter((e) => !struck.has(e.id))} onClose={() => setAsked(false)} />
      )}
    </Page>
  );
}

/** Strikes the lines that a device wrote from a moment on. Each stays readable, and can be let stand again. */
function StrikeDialog({ name, lines, onClose }: { name: string; lines: readonly Entry[]; onClose: () => void }) {
  const { writeAll } = useWrite();
  const [sinceMs, setSince] = useState<number | null>(() =>
    lines.reduce((first, e) => Math.min(first, epochMs(e.written)), Number.POSITIVE_INFINITY),
  );
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const meant = lines.filter((e) => sinceMs !== null && epochMs(e.written) >= sinceMs);
  const strike = async (): Promise<void> => {
    if (busy) return;
    if (sinceMs === null) return setTrouble(NO_TIME);
    if (meant.length === 0) return setTrouble('It has written nothing since then. Choose an earlier time.');
    setBusy(true);
    const because = `Sent by ${name}, which was lost.`;
    const r = await writeAll(
      meant.map((e) => ({ kind: 'log.struck', subject: e.subject, facts: {}, more: { strikes: e.id, because } })),
    );
    setBusy(false);
    if (r.ok) onClose();
    else setTrouble(r.why);
  };
  return (
    <Dialog title="Cross out its entries?" open onClose={onClose}>
      <p>
        Entries it wrote from this time on no longer count. They stay readable, crossed out, and each can be restored.
      </p>
      <DateTimeField label="Since" valueMs={sinceMs} onChange={setSince} />
      <Trouble says={trouble} />
      <div className="keys">
        <Key
          act
          name={`Cross out ${plural(meant.length, 'entry', 'entries')}`}
          note={busy ? 'one moment' : 'can be undone entry by entry'}
          onClick={() => void strike()}
        />
      </div>
    </Dialog>
  );
}
