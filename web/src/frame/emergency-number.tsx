import { useNow } from '../ui/use-now.ts';
import { EMERGENCY_LINES, type EmergencyLine, MAYDAY, sayPositionAloud } from '@dagboek/core/harm';
import { openTrip, placeNow } from '@dagboek/journal';
import { Phone } from 'lucide-react';
import { useId, useState } from 'react';
import { useNames } from '../asked/names.ts';
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
    <a
      className="call-key gap-3.5 border-t-2 border-r-2 border-b-5 border-l-2 border-ink flex items-center justify-center max-w-130 min-h-16 rounded-box bg-paper-open text-ink font-extrabold text-[1.75rem] leading-none font-head no-underline max-tablet:min-h-14 max-tablet:text-[1.5rem]"
      href={tel(number)}
    >
      <Phone className="text-crimson" size={28} aria-hidden="true" /> Call {number}
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
    <section
      className="call-strip px-5 pt-3 pb-1.5 border-t-2 border-b-2 bg-danger-fill text-on-danger border-danger-edge max-tablet:pt-2 max-tablet:pr-2.5 max-tablet:pb-1 max-tablet:pl-3.5"
      aria-label="When to call"
    >
      <h2>Call for help if you see even one of these</h2>
      <ul className="mx-0 mt-1 mb-2.5 list-none text-[1.0625rem] leading-[1.3] max-tablet:mb-1.5 max-tablet:text-[0.9375rem]">
        {signs.map((s) => (
          <li className="before:content-['–_'] before:font-bold" key={s}>
            {s}
          </li>
        ))}
      </ul>
      <CallKey />
      <details className="call-others">
        <summary className="py-2.5 px-0 min-h-11 [display:list-item] cursor-pointer font-semibold">
          At sea: VHF 16. Other numbers
        </summary>
        <p className="max-w-160">{MAYDAY}</p>
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
  const { timeBesideMs } = useFormat();
  const now = useNow();
  const trip = openTrip(book);
  if (!trip) return null;
  const at = placeNow(trip);
  return (
    <p className="max-w-160">
      <b>Read aloud:</b> {trip.boat ? `${trip.boat}, ` : ''}
      {names.zone(at.zone)}
      {at.position ? `, ${sayPositionAloud(at.position)}` : ''}
      {at.since ? `, noted at ${timeBesideMs(Date.parse(at.since), now)}` : ''}.{' '}
      {at.position ? '' : 'No position was noted: read it from the plotter or the phone.'}
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
    <p className="py-2 px-0 flex flex-wrap items-center gap-y-1 gap-x-3 max-w-160">
      <label htmlFor={id}>{name}</label>
      <input
        id={id}
        className="input w-40"
        type="tel"
        defaultValue={number}
        maxLength={20}
        onChange={(e) => set(e.target.value.trim())}
      />
      <LineKey onClick={() => setSetting(false)}>Done</LineKey>
    </p>
  ) : (
    <p className="py-2 px-0 flex flex-wrap items-center gap-y-1 gap-x-3 max-w-160">
      <span>
        <b>{name}</b>, {when}:{' '}
        {number ? (
          <a className="text-inherit font-bold" href={tel(number)}>
            {number}
          </a>
        ) : (
          'not set'
        )}
      </span>
      <LineKey aria-label={`Set the ${name.toLowerCase()}`} onClick={() => setSetting(true)}>
        {number ? 'Change' : 'Set it'}
      </LineKey>
    </p>
  );
}
