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
        On the computer that keeps it: every line and every picture, read again once it is made. The last of each of the
        newest seven days stay, and the last of each month. To put one back, see <code>npm run restore</code>.
      </p>
      <div className="keys">
        <Key
          name="Back up the book"
          note={made.isPending ? 'copying' : 'a copy beside it, with its pictures'}
          aria-disabled={made.isPending}
          // Asked of the client: the second of two quick taps comes before this is drawn anew.
          onClick={() => client.isMutating({ mutationKey: MAKING }) === 0 && made.mutate()}
        />
      </div>
      {made.data && (
        <p role="status">
          {plural(made.data.entries, 'line')} copied to <code>{made.data.folder}</code>, read again and whole.
          {made.data.damaged > 0
            ? ` ${plural(made.data.damaged, 'line')} of the book itself cannot be read any more: \`npm run check-book\` names them.`
            : ''}
          {made.data.missing > 0
            ? ` ${plural(made.data.missing, 'picture')} that the book speaks of never reached that computer.`
            : ''}
          {unsent > 0 ? ` ${plural(unsent, 'line')} of this device not yet sent are not in it.` : ''}
        </p>
      )}
      <Trouble says={made.error?.message ?? null} />
    </>
  );
}
