import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Key } from '../../ui/key.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { join } from './door.ts';
import { TextField } from '../../ui/text-field.tsx';

/** What a device is most likely called, until its owner says. */
const likelyName = (): string =>
  /Mobi|iPhone/.test(navigator.userAgent)
    ? 'Phone'
    : /iPad|Android|Tablet/.test(navigator.userAgent)
      ? 'Tablet'
      : 'Computer';

/** The code of the server's screen, and a name for the list: lets this device in. A code that was scanned stands there already. */
export function JoinForm({ onJoined }: { onJoined: () => void }) {
  const [code, setCode] = useState(() => /^#(\d{6}|\d{12})$/.exec(location.hash)?.[1] ?? '');
  const [name, setName] = useState(likelyName);
  const joining = useMutation({ mutationFn: () => join(code, name), networkMode: 'always', onSuccess: onJoined });
  const [missing, setMissing] = useState<string | null>(null);
  const send = (): void => {
    if (joining.isPending) return;
    const digits = code.replace(/\s/g, '');
    const why = !/^(\d{6}|\d{12})$/.test(digits)
      ? 'The code is six digits, or twelve, as the server’s screen shows them.'
      : name.trim() === ''
        ? 'Give this device a name, to tell it from the others in the list.'
        : null;
    setMissing(why);
    if (why === null) joining.mutate();
  };
  return (
    <form
      className="max-w-105"
      onSubmit={(e) => {
        e.preventDefault();
        send();
      }}
    >
      <TextField
        label="Code on the server’s screen"
        id="join-code"
        inputMode="numeric"
        autoComplete="one-time-code"
        maxLength={15}
        value={code}
        onChange={(e) => setCode(e.target.value)}
        className="min-h-14 text-[2rem] font-bold leading-[normal] font-head tracking-[0.12em]"
      />
      <TextField
        label="Name of this device in the list"
        id="join-name"
        maxLength={60}
        value={name}
        onChange={(e) => setName(e.target.value)}
      />
      <Trouble says={missing ?? joining.error?.message} />
      <div className="keys">
        <Key
          act
          type="submit"
          name="Join the book"
          note={joining.isPending ? 'one moment' : 'entries are exchanged from now on'}
        />
      </div>
    </form>
  );
}
