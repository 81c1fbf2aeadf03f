import { sayAll } from '../../asked/format.ts';
import { findKind, FINDINGS, type FindingOf, sayFinding, whatFollows } from '@dagboek/core/cut';
import { type CutState, findPictures } from '@dagboek/journal';
import { useState } from 'react';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { Chips, plain } from '../../ui/chips.tsx';
import { Key } from '../../ui/key.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { typedNumber } from '../../ui/typed-number.ts';
import { degrees } from '../../asked/units.ts';
import { PictureRow } from '../../offline/photos/picture-row.tsx';
import { type KeptPhoto, TakePicture } from '../../offline/photos/take-picture.tsx';
import { TextField } from '../../ui/text-field.tsx';

/** What was found inside, of a kind from which something may follow: what follows is said before it is written. */
export function FindForm({ cut, onNoted }: { cut: CutState; onNoted?: () => void }) {
  const { write } = useUndoWrite();
  const [of, setOf] = useState<FindingOf>('stomach');
  const [is, setIs] = useState<string | null>(null);
  const [own, setOwn] = useState('');
  const [where, setWhere] = useState<string | null>(null);
  const [count, setCount] = useState('');
  const [photo, setPhoto] = useState<KeptPhoto | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const kind = findKind(of)!;
  const what = own.trim() || is;
  const isNone = is === 'none seen';
  const follows = what === null ? {} : whatFollows({ of, is: what });
  const turn = (to: FindingOf): void => {
    setOf(to);
    setIs(null);
    setOwn('');
    setWhere(null);
    setCount('');
    setTrouble(null);
  };
  const note = async (): Promise<void> => {
    if (!what) return setTrouble('First say what was found.');
    const n = typedNumber(count);
    if (kind.counted && n !== null && !(Number.isInteger(n) && n >= 1 && n <= 999))
      return setTrouble('A count is a whole number from 1 on.');
    const r = await write('cut.finding', cut.id, {
      of,
      is: what,
      ...(kind.counted && n !== null && !isNone ? { count: n } : {}),
      ...(where && !isNone ? { where } : {}),
      ...(photo ? { photo: photo.photo, width: photo.width, height: photo.height } : {}),
    });
    if (!r.ok) return setTrouble(r.why);
    setPhoto(null);
    turn(of);
    onNoted?.();
  };
  const noted = cut.findings.map(sayFinding);
  return (
    <div className="find-form">
      {noted.length > 0 && (
        <p>
          Noted: <b>{sayAll(noted)}</b>.
        </p>
      )}
      <PictureRow label="Pictures of what was found" of={findPictures([cut])} />
      <Chips
        label="Found"
        hideLabel
        options={FINDINGS.map((k) => ({ value: k.of, text: k.ask }))}
        value={of}
        onChange={turn}
      />
      <Chips
        label={kind.ask}
        options={kind.finds.map((f) => ({ value: f.is as string, text: 'says' in f ? f.says : f.is }))}
        value={own.trim() ? null : is}
        onChange={(v) => (setIs(v), setOwn(''), setTrouble(null))}
      />
      {kind.where && !isNone && (
        <Chips label="Where" options={plain<string>(kind.where)} value={where} onChange={setWhere} />
      )}
      <div className="by-row">
        {kind.counted && !isNone && (
          <Quantity label="Number, if counted" whole value={count} onChange={(v) => (setCount(v), setTrouble(null))} />
        )}
        {kind.own && (
          <TextField
            label="Something else"
            grow
            id="own-find"
            maxLength={60}
            value={own}
            onChange={(e) => (setOwn(e.target.value), setTrouble(null))}
          />
        )}
        <TakePicture of="the find" kept={photo} onKept={setPhoto} />
        <Key onClick={() => void note()} name="Add the find" note={what ? sayFinding({ of, is: what }) : undefined} />
      </div>
      {(['bin', 'keeping', 'cooking', 'raw'] as const).map((k) => {
        const says = follows[k];
        return (
          says && (
            <p key={k} className={k === 'bin' || follows.cook ? 'alert alert-warning' : 'alert alert-error'}>
              {degrees(says)}
            </p>
          )
        );
      })}
      <Trouble says={trouble} />
    </div>
  );
}
