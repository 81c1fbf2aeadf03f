import { Delete } from 'lucide-react';
import { PadButton } from './pad-button.tsx';
import { useNarrow } from './use-width.ts';

const COARSE = '(pointer: coarse)';
/** Whether numbers are put in with our own large keys: on a phone, and wherever the pointer is a finger. */
export const usePad = (): boolean => useNarrow() || matchMedia(COARSE).matches;

/** A text after a key of the pad: a digit at its end, a mark once, or its last letter taken off. */
export function afterKey(text: string, key: string): string {
  if (key === 'back') return text.slice(0, -1);
  if (key === '.') return /[.,]/.test(text) ? text : `${text === '' ? '0' : text}.`;
  return text.length < 7 ? text + key : text;
}

const DIGITS = ['7', '8', '9', '4', '5', '6', '1', '2', '3'] as const;

/** A key beside the digits that puts a whole value in: a step up or down, or the value of the fish before. */
export interface PadKey {
  readonly name: string;
  readonly says: string;
  /** What it is of, in a word under its value. */
  readonly under?: string;
  readonly value: string | null;
}

/**
 * Keys for a number, large enough for a wet glove, so that the phone's own keyboard does not cover the fish. `beside`: up
 * to three keys that put in a whole value; one without a value waits.
 */
export function NumberPad({
  label,
  value,
  onChange,
  beside = [],
}: {
  /** Of what: the name of the field it writes into. */
  label: string;
  value: string;
  onChange: (text: string) => void;
  beside?: readonly PadKey[];
}) {
  const press = (key: string): void => {
    navigator.vibrate?.(12);
    onChange(afterKey(value, key));
  };
  const [first, second, third] = beside;
  const side = (k: PadKey | undefined) =>
    k ? (
      <PadButton
        column={1}
        aria-label={k.says}
        disabled={k.value === null}
        onClick={() => k.value !== null && onChange(k.value)}
      >
        {k.name}
        {k.under && <small>{k.under}</small>}
      </PadButton>
    ) : (
      <span className="hand-left:col-1" />
    );
  const digit = (d: string, i: number) => (
    <PadButton key={d} digit column={((i % 3) + 2) as 2 | 3 | 4} onClick={() => press(d)}>
      {d}
    </PadButton>
  );
  return (
    <div
      className="number-pad mt-2 grid max-w-115 grid-cols-[repeat(3,minmax(0,1fr))_minmax(0,1.15fr)] gap-1.5 max-tablet:max-w-none hand-left:grid-cols-[minmax(0,1.15fr)_repeat(3,minmax(0,1fr))] hand-left:grid-flow-row-dense"
      role="group"
      aria-label={`Keys for ${label}`}
    >
      {DIGITS.slice(0, 3).map(digit)}
      <PadButton column={1} aria-label="Delete the last digit" onClick={() => press('back')}>
        <Delete size={26} aria-hidden="true" />
      </PadButton>
      {DIGITS.slice(3, 6).map(digit)}
      {side(first)}
      {DIGITS.slice(6).map(digit)}
      {side(second)}
      <PadButton digit column={2} aria-label="Decimal point" onClick={() => press('.')}>
        .
      </PadButton>
      {digit('0', 1)}
      <span className="hand-left:col-4" />
      {side(third)}
    </div>
  );
}
