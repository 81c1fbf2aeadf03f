import { PadButton } from './pad-button.tsx';

/** What a lot mostly counts. */
const USUAL = [2, 3, 4, 5, 6, 8, 10, 12] as const;

/** Keys for a small whole number: the usual ones at one tap, and one more or fewer. */
export function CountKeys({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (text: string) => void;
}) {
  const now = /^\d+$/.test(value.trim()) ? Number(value) : 1;
  const to = (n: number): void => {
    navigator.vibrate?.(12);
    onChange(String(Math.max(1, n)));
  };
  return (
    <div
      className="mt-2 gap-1.5 grid grid-cols-[repeat(5,minmax(0,1fr))]"
      role="group"
      aria-label={`Keys for ${label}`}
    >
      {USUAL.map((n) => (
        <PadButton key={n} digit aria-pressed={now === n} onClick={() => to(n)}>
          {n}
        </PadButton>
      ))}
      <PadButton aria-label="One fewer" onClick={() => to(now - 1)}>
        −1
      </PadButton>
      <PadButton aria-label="One more" onClick={() => to(now + 1)}>
        +1
      </PadButton>
    </div>
  );
}
