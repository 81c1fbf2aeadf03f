import { Phone } from 'lucide-react';
import { useId, useState } from 'react';
import { useKept } from '../kit/use-kept.ts';
import { LineKey } from '../kit/ui/key.tsx';

/** In much of Europe; another is set on the device. */
const USUAL = '112';

/** The number to call in danger of life, as this device has it. */
export const useEmergencyNumber = (): [string, (n: string) => void] => useKept('emergency-number', USUAL);

/** When to call, first and always in sight; the number to call; and the key that sets another. */
export function CallStrip({ signs }: { signs: readonly string[] }) {
  const [number, setNumber] = useEmergencyNumber();
  const [setting, setSetting] = useState(false);
  const id = useId();
  return (
    <section className="call-strip" aria-label="When to call">
      <h2>Call if there is even one of these</h2>
      <ul>
        {signs.map((s) => (
          <li key={s}>{s}</li>
        ))}
      </ul>
      <a className="call-key" href={`tel:${number.replace(/[^\d+*#]/g, '')}`}>
        <Phone size={28} aria-hidden="true" /> Call {number}
      </a>
      {setting ? (
        <p className="call-other">
          <label htmlFor={id}>The emergency number here</label>
          <input
            id={id}
            className="input"
            type="tel"
            defaultValue={number}
            maxLength={20}
            onChange={(e) => setNumber(e.target.value.trim() || USUAL)}
          />
          <LineKey onClick={() => setSetting(false)}>Done</LineKey>
        </p>
      ) : (
        <LineKey onClick={() => setSetting(true)}>Another number holds here</LineKey>
      )}
    </section>
  );
}
