import { useQuery } from '@tanstack/react-query';
import { Camera, ImagePlus } from 'lucide-react';
import { useRef } from 'react';
import { Quantity } from '../../../asked/quantity.tsx';
import { FileInput } from '../../../ui/file-input.tsx';
import { Key } from '../../../ui/key.tsx';

/** A practice picture that ships with the application: a simulated camera over a drawn fish. */
export interface Practice {
  readonly file: string;
  readonly title: string;
  readonly about: string;
  readonly boardMm: readonly [number, number];
}

/** Length and width of the board as typed, in the units of this device. */
export type BoardText = readonly [string, string];

/** Where the picture comes from: the camera, a file, or one of the practice pictures. The board's size is asked once and remembered. */
export function ChoosePhoto({
  board,
  onBoard,
  onFile,
  onPractice,
}: {
  board: BoardText;
  onBoard: (b: BoardText) => void;
  onFile: (f: Blob) => void;
  onPractice: (p: Practice) => void;
}) {
  const camera = useRef<HTMLInputElement>(null);
  const files = useRef<HTMLInputElement>(null);
  const practice = useQuery({
    queryKey: ['practice'],
    queryFn: async () => (await (await fetch('/practice/practice.json')).json()) as Practice[],
    staleTime: Infinity,
  });
  return (
    <>
      <p>
        Lay the fish on a board or mat of known size, nose at one end, all four corners visible. Hold the camera high
        and level above the middle.
      </p>
      <div className="measure-row">
        <Quantity label="Board, long side" amount="length" value={board[0]} onChange={(v) => onBoard([v, board[1]])} />
        <Quantity label="Board, short side" amount="length" value={board[1]} onChange={(v) => onBoard([board[0], v])} />
      </div>
      <div className="keys">
        <FileInput
          ref={camera}
          accept="image/*"
          capture="environment"
          label="Picture from the camera"
          onFile={onFile}
        />
        <FileInput ref={files} accept="image/*" label="Picture from a file" onFile={onFile} />
        <Key
          act
          onClick={() => camera.current?.click()}
          mark={<Camera size={26} aria-hidden="true" />}
          name="Take a picture"
          note="with this device’s camera"
        />
        <Key
          onClick={() => files.current?.click()}
          mark={<ImagePlus size={26} aria-hidden="true" />}
          name="Choose a picture"
          note="from this device"
        />
      </div>
      <h3 className="mt-4.5">Practice pictures</h3>
      <p className="hint">These are drawings for practice, to see how accurate the method is.</p>
      {practice.isError && <p className="hint">They are not on this device yet, and the server does not answer.</p>}
      <ul className="practice-list mt-2 gap-4 grid grid-cols-[repeat(auto-fill,minmax(200px,1fr))] in-[.choose-species]:mt-2.5 in-[.choose-species]:gap-2.5 in-[.choose-species]:grid-cols-[repeat(auto-fill,minmax(222px,1fr))] max-tablet:in-[.choose-species]:grid-cols-[minmax(0,1fr)]">
        {(practice.data ?? []).map((p) => (
          <li key={p.file}>
            <button className="block w-full text-left cursor-pointer" type="button" onClick={() => onPractice(p)}>
              <img
                className="border border-rule-2 w-full aspect-[4/3] object-cover"
                src={`/practice/${p.file}`}
                alt=""
                loading="lazy"
              />
              <b className="block">{p.title}</b>
              <small className="block">{p.about}</small>
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
