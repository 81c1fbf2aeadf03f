import type { DoorList, JoinedDevice } from '@dagboek/journal/log';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { plural, useFormat } from '../../asked/format.ts';
import { Row } from '../../frame/page.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Key, LineKey } from '../../ui/key.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { doorListQuery, putOut } from './door.ts';

/** Who was let in, what each sent, and the way out. */
export function LetIn({ list }: { list: DoorList }) {
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
  return (
    <Row className="pad ruled">
      <h2>Let in</h2>
      {list.devices.length === 0 && <p>Nobody yet: the book is on this computer only.</p>}
      <ul className="plain-list let-in">
        {list.devices.map((d) => (
          <li className="gap-4 flex justify-between items-center min-h-14" key={d.id}>
            <span className="first:min-w-0 first:wrap-anywhere">
              {d.name}
              <small>
                {d.out
                  ? `in from ${when(d.joined)}, removed ${when(d.out)}`
                  : `in since ${when(d.joined)}, seen ${when(d.seen)}`}
              </small>
            </span>
            <span className="line-keys flex-none">
              {d.lines > 0 && (
                <Link className="line-key" to={`/phones/${d.id}`} aria-label={`What ${d.name} sent`}>
                  {plural(d.lines, 'entry', 'entries')}
                </Link>
              )}
              {d.out === null && <LineKey onClick={() => setAsked(d)}>Remove</LineKey>}
            </span>
          </li>
        ))}
      </ul>
      {asked && (
        <Dialog title={`Remove ${asked.name}?`} open onClose={() => setAsked(null)}>
          <p>
            The server no longer answers this device, until it joins again with a new code. Its calendar stops too. What
            it wrote stays in the book. What it has not sent stays on it. The copy of the book on it cannot be deleted
            from here.
          </p>
          <Trouble says={putting.error?.message} />
          <div className="keys">
            <Key act name="Remove this device" onClick={() => !putting.isPending && putting.mutate(asked.id)} />
          </div>
        </Dialog>
      )}
    </Row>
  );
}
