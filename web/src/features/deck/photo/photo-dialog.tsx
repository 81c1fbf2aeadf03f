import { checkLength } from '@dagboek/core/measure';
import { BODY_RATIOS, type Point } from '@dagboek/core/measure/photo';
import { LENGTH_WORDS } from '@dagboek/core/rules';
import type { LengthKind } from '@dagboek/core/species';
import { epochMs, instantOf, sayDate } from '@dagboek/core/time';
import { type FishState, type Writing } from '@dagboek/journal';
import { useState } from 'react';
import type { Species } from '../../../asked/catalogue.ts';
import { useFormat } from '../../../asked/format.ts';
import { Quantity } from '../../../asked/quantity.tsx';
import { inField, typedAmount, units } from '../../../asked/units.ts';
import { useWrite } from '../../../asked/use-write.ts';
import { CalliperMark, DeckKey } from '../../../lines/deck-key.tsx';
import { type OpenedPhoto, openPhoto, proposeMarks } from '../../../offline/photos/open-photo.ts';
import { useFileUrl, usePhotoShelf } from '../../../offline/photos/photos.tsx';
import type { NotComputed } from '../../../offline/workers/compute.ts';
import { Chips } from '../../../ui/chips.tsx';
import { nowMs } from '../../../ui/clock.ts';
import { Dialog } from '../../../ui/dialog.tsx';
import { LineKey } from '../../../ui/key.tsx';
import { Trouble } from '../../../ui/trouble.tsx';
import { useKept } from '../../../ui/use-kept.ts';
import { type BoardText, ChoosePhoto, type Practice } from './choose-photo.tsx';
import { MarkingKeys } from './marking-keys.tsx';
import { firstMarks, type MarkName, type Marks, readingOf, type View, viewOf } from './marks.ts';
import { PhotoMarks } from './photo-marks.tsx';
import { PhotoReading } from './photo-reading.tsx';
import { readPhoto } from './read-photo.ts';
import { whyNotKept } from '../../../offline/photos/photo-shelf.ts';

const mmOf = (b: BoardText): [number, number] =>
  b.map((t) => Math.round(typedAmount('length', t)?.value ?? 0)) as [number, number];

const UNSEEN: Readonly<Record<NotComputed, string>> = {
  'not loaded': 'the part of Dagboek that does this is not on this device yet. It downloads with the next signal.',
  'too long': 'this device took too long.',
  'given up': 'it was stopped.',
  failed: 'it failed on this picture.',
};

/** A length out of a picture: choose it, set the marks, read it, and keep the picture with the fish. */
export function PhotoDialog({
  fish,
  species,
  wants,
  onClose,
  onDone,
}: {
  fish: FishState;
  species: Species | null;
  wants: LengthKind | null;
  onClose: () => void;
  onDone: () => void;
}) {
  const [board, setBoard] = useKept<BoardText>(units.length === 'in' ? 'photo-board-in' : 'photo-board', [
    inField('length', 600),
    inField('length', 200),
  ]);
  const [photo, setPhoto] = useState<OpenedPhoto | null>(null);
  const [marks, setMarks] = useState<Marks>({});
  const [found, setFound] = useState<View | null>(null);
  const [unseen, setUnseen] = useState<NotComputed | null>(null);
  const [opening, setOpening] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const open = async (file: Blob, b: BoardText = board): Promise<void> => {
    setTrouble(null);
    setOpening(true);
    const opened = await openPhoto(file);
    if (!opened) {
      setTrouble('This browser cannot read this file as a picture. JPEG, PNG and WebP work everywhere.');
      return setOpening(false);
    }
    const { proposal, why } = await proposeMarks(opened, mmOf(b));
    setUnseen(why);
    setFound(proposal && viewOf(opened, proposal));
    setMarks(firstMarks(opened, proposal));
    setPhoto(opened);
    setOpening(false);
  };
  const practise = async (p: Practice): Promise<void> => {
    const b = p.boardMm.map((mm) => inField('length', mm)) as unknown as BoardText;
    setBoard(b);
    try {
      await open(await (await fetch(`/practice/${p.file}`)).blob(), b);
    } catch {
      setTrouble('This practice picture is not on this device yet, and the server does not answer.');
    }
  };
  return (
    <Dialog title="Measure from a picture" open onClose={onClose} wide={photo !== null}>
      {photo ? (
        <Marking
          fish={fish}
          species={species}
          wants={wants}
          photo={photo}
          found={found}
          unseen={unseen}
          board={board}
          onBoard={setBoard}
          marks={marks}
          onMarks={setMarks}
          onOther={() => setPhoto(null)}
          onDone={onDone}
        />
      ) : (
        <>
          <ChoosePhoto
            board={board}
            onBoard={setBoard}
            onFile={(f) => void open(f)}
            onPractice={(p) => void practise(p)}
          />
          {opening && <p role="status">Finding the board.</p>}
          <Trouble says={trouble} />
        </>
      )}
    </Dialog>
  );
}

function Marking({
  fish,
  species,
  wants,
  photo,
  found,
  unseen,
  board,
  onBoard,
  marks,
  onMarks,
  onOther,
  onDone,
}: {
  fish: FishState;
  species: Species | null;
  wants: LengthKind | null;
  photo: OpenedPhoto;
  /** The part of the picture with the board; null where it was not found. */
  found: View | null;
  /** Why nobody could look for it; null where somebody did. */
  unseen: NotComputed | null;
  board: BoardText;
  onBoard: (b: BoardText) => void;
  marks: Marks;
  onMarks: (m: Marks) => void;
  onOther: () => void;
  onDone: () => void;
}) {
  const url = useFileUrl(photo.file);
  const kinds = species?.lengthKinds ?? ['total'];
  const [kind, setKind] = useState<LengthKind>(wants ?? kinds[0] ?? 'total');
  const [whole, setWhole] = useState(found === null);
  const [keepPlace, setKeepPlace] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const save = usePictureWriting(fish, photo);
  const size = [photo.width, photo.height] as const;
  const boardMm = mmOf(board);
  const read = readPhoto(marks, size, boardMm, species);
  const length = read?.length.ok ? read.length : null;
  const body = 'back' in marks;
  const move = (name: MarkName, at: Point): void => onMarks({ ...marks, [name]: at });
  const finish = async (measure: boolean): Promise<void> => {
    if (measure && !length) return;
    const lengthMm = length ? Math.round(length.lengthMm) : null;
    const may = lengthMm ? checkLength(species, lengthMm, units) : null;
    if (measure && may && !may.ok) return setTrouble(may.why);
    const r = await save({
      keepPlace,
      ...(measure && length && lengthMm
        ? {
            reading: readingOf(marks, photo, boardMm),
            measured: { lengthMm, lengthKind: kind, method: 'photo', sdMm: Math.round(length.sdMm * 10) / 10 },
          }
        : {}),
    });
    if (r === null) onDone();
    else setTrouble(r);
  };
  return (
    <div className="gap-5 grid grid-cols-[minmax(0,1fr)_330px] items-start max-tablet:grid-cols-[minmax(0,1fr)]">
      {url && (
        <PhotoMarks
          url={url}
          size={size}
          view={whole || !found ? viewOf(photo, null) : found}
          boardMm={boardMm}
          marks={marks}
          onMove={move}
        />
      )}
      <div>
        {!found && (
          <p className="alert alert-warning" role="status">
            {unseen ? (
              <>
                <b>The board was not searched for:</b> {UNSEEN[unseen]} Drag each mark to its corner.
              </>
            ) : (
              <>
                <b>The board was not found:</b> it looks too much like the background. Drag each mark to its corner.
              </>
            )}
          </p>
        )}
        <PhotoReading length={length} read={read} boardMm={boardMm} />
        <div className="measure-row">
          <Quantity
            label="Board, long side"
            amount="length"
            value={board[0]}
            onChange={(v) => onBoard([v, board[1]])}
          />
          <Quantity label="short side" amount="length" value={board[1]} onChange={(v) => onBoard([board[0], v])} />
        </div>
        {kinds.length > 1 && (
          <Chips
            label={`Tail mark at the ${kind === 'fork' ? 'fork' : 'tip'}`}
            options={kinds.map((value) => ({ value, text: LENGTH_WORDS[value].replace(' length', '') }))}
            value={kind}
            onChange={setKind}
          />
        )}
        <MarkingKeys
          onMarks={onMarks}
          marks={marks}
          body={body}
          species={species}
          found={found}
          whole={whole}
          setWhole={setWhole}
          onOther={onOther}
        />
        {body && read?.ratios.ok && <Ratios ratios={read.ratios.ratios} species={species} />}
        {photo.position && (
          <label className="gap-2.5 flex items-center min-h-11">
            <input
              className="size-5 [accent-color:var(--teal)]"
              type="checkbox"
              checked={keepPlace}
              onChange={(e) => setKeepPlace(e.target.checked)}
            />
            Keep the position of the picture, in this book only
          </label>
        )}
        <TakenAt fish={fish} takenAt={photo.takenAt} />
        <Trouble says={trouble} />
        <div className="keys">
          <DeckKey
            act
            mark={<CalliperMark />}
            name="Measured"
            note="saves length and picture"
            {...(length ? {} : { waits: 'set corners and ends first' })}
            onClick={() => void finish(true)}
          />
          <DeckKey name="Only the picture" note="without a length" onClick={() => void finish(false)} />
        </div>
      </div>
    </div>
  );
}

const RATIO_WORDS = { depth: 'Depth', eye: 'Eye', dorsal: 'First back fin', anal: 'Anal fin' } as const;

/** The proportions in per cent of the length, each beside what its kind usually shows. */
function Ratios({
  ratios,
  species,
}: {
  ratios: Readonly<Partial<Record<keyof typeof RATIO_WORDS, { value: number; sd: number }>>>;
  species: Species | null;
}) {
  const percent = (x: number): string => (x * 100).toFixed(0);
  return (
    <ul aria-label="Proportions">
      {BODY_RATIOS.flatMap((name) => {
        const r = ratios[name];
        if (!r) return [];
        const usual = species?.ratios?.[name];
        return [
          <li className="py-[3px] px-0 border-b border-rule" key={name}>
            <span>{RATIO_WORDS[name]}</span> <b className="num">{percent(r.value)} %</b>{' '}
            <small>
              ±{Math.max(1, Math.round(r.sd * 196))}
              {usual && species ? `; ${species.name.toLowerCase()} ${percent(usual[0])} to ${percent(usual[1])}` : ''}
            </small>
          </li>,
        ];
      })}
    </ul>
  );
}

/** The picture's own clock, offered as the time of the catch; it corrects the line of the landing. */
function TakenAt({ fish, takenAt }: { fish: FishState; takenAt: string | null }) {
  const { zone, time, day } = useFormat();
  const { amend } = useWrite();
  const [said, setSaid] = useState<string | null>(null);
  if (!takenAt) return null;
  if (said)
    return (
      <p className="hint" role="status">
        {said}
      </p>
    );
  const at = instantOf(takenAt.slice(0, 10), takenAt.slice(11, 16), zone);
  const off = Math.abs(epochMs(at) - epochMs(fish.landed.at));
  if (off < 60_000 || fish.struck || epochMs(at) > nowMs()) return null;
  const use = async (): Promise<void> => {
    const r = await amend(fish, 'fish.landed', {}, { atMs: epochMs(at), because: 'by the picture’s clock' });
    setSaid(r.ok ? `The catch is now noted at ${time(at)}.` : r.why);
  };
  return (
    <p className="hint">
      Taken at {time(at)} on {sayDate(day(at))} by the camera’s clock.{' '}
      <LineKey onClick={() => void use()}>Use it as the time of the catch</LineKey>
    </p>
  );
}

/** Keeps the picture on this device, then writes what was read; a sentence when it could not. */
function usePictureWriting(
  fish: FishState,
  photo: OpenedPhoto,
): (o: {
  keepPlace: boolean;
  reading?: ReturnType<typeof readingOf>;
  measured?: Record<string, unknown>;
}) => Promise<string | null> {
  const shelf = usePhotoShelf();
  const { writeAll } = useWrite();
  return async ({ keepPlace, reading, measured }) => {
    let hash: string;
    try {
      hash = await shelf.keep(photo.file);
    } catch (e) {
      return whyNotKept(e);
    }
    const list: Writing[] = [
      {
        kind: 'fish.pictured',
        subject: fish.id,
        facts: {
          photo: hash,
          width: photo.width,
          height: photo.height,
          ...(photo.takenAt ? { takenAt: photo.takenAt } : {}),
          ...(keepPlace && photo.position ? { position: photo.position } : {}),
          ...(reading ? { reading } : {}),
        },
      },
    ];
    if (measured) list.push({ kind: 'fish.measured', subject: fish.id, facts: measured });
    const r = await writeAll(list);
    return r.ok ? null : r.why;
  };
}
