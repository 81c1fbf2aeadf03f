import { EMERGENCY_LINES, type EmergencyLine, MAYDAY, sayPositionAloud } from '@dagboek/core/harm';
import { openTrip, placeNow } from '@dagboek/journal';
import { Phone } from 'lucide-react';
import { useId, useState } from 'react';
import { useNames } from '../asked/catalogue.ts';
import { WhenFacts } from '../asked/facts-here.tsx';
import { useFormat } from '../asked/format.ts';
import { useBook } from '../offline/journal-context.tsx';
import { useKept } from '../ui/use-kept.ts';
import { LineKey } from '../ui/key.tsx';

const [EMERGENCY, ...OTHERS] = EMERGENCY_LINES;
const USUAL = EMERGENCY!.usual ?? '112';

/** The number to call in danger of life, as this device has it. */
export const useEmergencyNumber = (): [string, (n: string) => void] => useKept('emergency-number', USUAL);

/** The number of another line, as this device has it; empty while none was set. */
const useNumberOf = (id: EmergencyLine['id']): [string, (n: string) => void] => useKept(`emergency-line.${id}`, '');

/** The numbers of the others, as this device has them. */
export function useOtherNumbers(): Readonly<Partial<Record<EmergencyLine['id'], string>>> {
  const [coast] = useNumberOf('coast guard');
  const [poison] = useNumberOf('poison');
  const [divers] = useNumberOf('divers');
  return { 'coast guard': coast, poison, divers };
}

const tel = (number: string): string => `tel:${number.replace(/[^\d+*#]/g, '')}`;

/** The one key that calls. */
export function CallKey() {
  const [number] = useEmergencyNumber();
  return (
    <a className="call-key" href={tel(number)}>
      <Phone size={28} aria-hidden="true" /> Call {number}
    </a>
  );
}

/** When to call, first and always in sight; the number to call; whom else, and where we are. */
export function CallStrip({
  signs,
  alone = false,
}: {
  signs: readonly string[];
  /** There is no book here to ask where we are. */
  alone?: boolean;
}) {
  return (
    <section className="call-strip" aria-label="When to call">
      <h2>Call if there is even one of these</h2>
      <ul>
        {signs.map((s) => (
          <li key={s}>{s}</li>
        ))}
      </ul>
      <CallKey />
      <details className="call-others">
        <summary>At sea: VHF 16. Other numbers</summary>
        <p>{MAYDAY}</p>
        {!alone && (
          <WhenFacts>
            <WhereWeAre />
          </WhenFacts>
        )}
        <EmergencyNumber />
        {OTHERS.map((line) => (
          <OtherNumber key={line.id} line={line} />
        ))}
      </details>
    </section>
  );
}

/** The place of the trip under way, in words to read aloud. It stays on this screen: no sheet and no message has it by itself. */
function WhereWeAre() {
  const { book } = useBook();
  const names = useNames();
  const { time } = useFormat();
  const trip = openTrip(book);
  if (!trip) return null;
  const at = placeNow(trip);
  return (
    <p>
      <b>Read aloud:</b> {trip.boat ? `${trip.boat}, ` : ''}
      {names.zone(at.zone)}
      {at.position ? `, ${sayPositionAloud(at.position)}` : ''}
      {at.since ? `, noted at ${time(at.since)}` : ''}.{' '}
      {at.position ? '' : 'No position was noted: read it off the plotter or the phone.'}
    </p>
  );
}

function EmergencyNumber() {
  const [number, setNumber] = useEmergencyNumber();
  return (
    <NumberField name={EMERGENCY!.name} when={EMERGENCY!.when} number={number} set={(n) => setNumber(n || USUAL)} />
  );
}

function OtherNumber({ line }: { line: EmergencyLine }) {
  const [number, set] = useNumberOf(line.id);
  return <NumberField name={line.name} when={line.when} number={number} set={set} />;
}

/** A number to call, and the key that sets it on this device. */
function NumberField({
  name,
  when,
  number,
  set,
}: {
  name: string;
  when: string;
  number: string;
  set: (n: string) => void;
}) {
  const [setting, setSetting] = useState(false);
  const id = useId();
  return setting ? (
    <p className="call-other">
      <label htmlFor={id}>{name}</label>
      <input
        id={id}
        className="input"
        type="tel"
        defaultValue={number}
        maxLength={20}
        onChange={(e) => set(e.target.value.trim())}
      />
      <LineKey onClick={() => setSetting(false)}>Done</LineKey>
    </p>
  ) : (
    <p className="call-other">
      <span>
        <b>{name}</b>, {when}: {number ? <a href={tel(number)}>{number}</a> : 'not set'}
      </span>
      <LineKey aria-label={`Set the ${name.toLowerCase()}`} onClick={() => setSetting(true)}>
        {number ? 'Change' : 'Set it'}
      </LineKey>
    </p>
  );
}
