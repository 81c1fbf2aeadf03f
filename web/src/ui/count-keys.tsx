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
    <div className="count-keys" role="group" aria-label={`Keys for ${label}`}>
      {USUAL.map((n) => (
        <button key={n} type="button" className="pad-key" aria-pressed={now === n} onClick={() => to(n)}>
          {n}
        </button>
      ))}
      <button type="button" className="pad-key side" aria-label="One fewer" onClick={() => to(now - 1)}>
        −1
      </button>
      <button type="button" className="pad-key side" aria-label="One more" onClick={() => to(now + 1)}>
        +1
      </button>
    </div>
  );
}
