import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Row } from '../../frame/page.tsx';
import { Key } from '../../ui/key.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { becomeScreen } from './door.ts';
import { TextField } from '../../ui/text-field.tsx';

/** The key in the address that the terminal shows; null when there is none. */
const keyInAddress = (): string | null => /^#here=(\w+)$/.exec(location.hash)?.[1] ?? null;

/** A browser of this machine becomes the server's own screen by the key that the terminal shows: an address alone proves nothing. */
export function ProveScreen() {
  const client = useQueryClient();
  const [key, setKey] = useState(() => keyInAddress() ?? '');
  const proving = useMutation({
    mutationFn: becomeScreen,
    networkMode: 'always',
    // Not left in the address: it is a secret of this machine.
    onSuccess: () => history.replaceState(history.state, '', location.pathname),
    onSettled: () => client.invalidateQueries({ queryKey: ['journal', 'door'] }),
  });
  const { mutate } = proving;
  // The address was opened from the terminal, outside of this page.
  useEffect(() => {
    const given = keyInAddress();
    if (given !== null) mutate(given);
  }, [mutate]);
  return (
    <Row className="pad">
      <h2>Is this the server’s own screen?</h2>
      <p>
        Codes are shown, and phones removed, only there. The terminal in which the server runs shows an address with a
        key. Open that address here, or type the ten letters at its end.
      </p>
      <form
        className="max-w-105"
        onSubmit={(e) => {
          e.preventDefault();
          if (!proving.isPending) mutate(key);
        }}
      >
        <TextField
          label="Key that the terminal shows"
          id="screen-key"
          autoComplete="off"
          autoCapitalize="none"
          spellCheck={false}
          maxLength={40}
          value={key}
          onChange={(e) => setKey(e.target.value)}
        />
        <Trouble says={proving.error?.message} />
        <div className="keys">
          <Key act type="submit" name="This is the server’s screen" note="remembered in this browser" />
        </div>
      </form>
    </Row>
  );
}
