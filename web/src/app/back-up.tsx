import type { BackupMade } from '@dagboek/journal';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { plural } from '../asked/format.ts';
import { useJournal } from '../offline/journal-context.tsx';
import { Key } from '../ui/key.tsx';
import { Trouble } from '../ui/trouble.tsx';

const MAKING = ['backup'];

/** A copy of the book beside it on the server, with its pictures. What this device has not sent is not in it, and is said. */
export function BackUp({ unsent }: { unsent: number }) {
  const store = useJournal();
  const client = useQueryClient();
  const made = useMutation({
    mutationKey: MAKING,
    mutationFn: (): Promise<BackupMade> => store.backUp(),
    networkMode: 'always',
  });
  return (
    <>
      <h2>A copy of the book</h2>
      <p>
        Made on the computer that keeps the book: every entry and every picture, checked afterwards. The last copy of
        each of the past seven days is kept, and the last of each month. To restore a copy, see{' '}
        <code>npm run restore</code>.
      </p>
      <div className="keys">
        <Key
          name="Back up the book"
          note={made.isPending ? 'copying' : 'makes a copy, with the pictures'}
          aria-disabled={made.isPending}
          // Asked of the client: the second of two quick taps comes before this is drawn anew.
          onClick={() => client.isMutating({ mutationKey: MAKING }) === 0 && made.mutate()}
        />
      </div>
      {made.data && (
        <p role="status">
          {plural(made.data.entries, 'entry', 'entries')} copied to <code>{made.data.folder}</code>, checked and
          complete.
          {made.data.damaged > 0
            ? ` ${plural(made.data.damaged, 'entry', 'entries')} of the book cannot be read any more: \`npm run check-book\` names them.`
            : ''}
          {made.data.missing > 0
            ? ` ${plural(made.data.missing, 'picture')} mentioned in the book never reached that computer.`
            : ''}
          {unsent > 0 ? ` ${plural(unsent, 'entry', 'entries')} of this device not sent yet are not in the copy.` : ''}
        </p>
      )}
      <Trouble says={made.error?.message ?? null} />
    </>
  );
}
