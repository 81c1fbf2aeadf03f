import { stamp } from '@dagboek/core/time';
import { useNow } from '../../ui/use-now.ts';
import { aidCard, type AidId, CALL_SIGNS, cardOf, cardsFor, isDangerous } from '@dagboek/core/harm';
import { type Book, fishInHand, openTrip, placeNow, sayEntry } from '@dagboek/journal';
import { type ReactNode, useId, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { type Species, useCatalogue, useCatalogueIfHere } from '../../asked/catalogue.ts';
import { useNames, useRules } from '../../asked/names.ts';
import { useCrew } from '../../asked/crew.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { WhenFacts } from '../../asked/facts-here.tsx';
import { useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { newId, useWrite } from '../../asked/use-write.ts';
import { Page, Row } from '../../frame/page.tsx';
import { Chips } from '../../ui/chips.tsx';
import { Foot } from '../../ui/foot.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { AidCardView } from './aid-card-view.tsx';
import { CallStrip, useEmergencyNumber } from '../../frame/emergency-number.tsx';
import { SelectField } from '../../ui/text-field.tsx';

/** The species of the fish in hand, the last first, where it is one that can hurt; null where none is. */
function dangerInHand(book: Book, byId: (id: string | null) => Species | null): string | null {
  const trip = openTrip(book);
  const hand = trip ? fishInHand(book, trip.id) : null;
  const all = hand ? [...hand.bleeding, ...hand.inHand].map((f) => byId(f.species)) : [];
  return all.findLast((s) => s !== null && isDangerous(s))?.id ?? null;
}

/** Someone is hurt, or ill from what was eaten: when to call, what happened, what helps; with a trip under way or without, with a book or before there is one. */
export function HurtPage() {
  const [params, setParams] = useSearchParams();
  const [number] = useEmergencyNumber();
  const { book } = useBook();
  const catalogue = useCatalogueIfHere();
  // Nothing chosen yet: the fish in hand, where it can do this.
  const by = params.get('by') ?? dangerInHand(book, catalogue?.byId ?? (() => null)) ?? '';
  const culprit = catalogue?.byId(by) ?? null;
  const card = aidCard(params.get('card') ?? cardOf(culprit) ?? '');
  const set = (more: Record<string, string>): void =>
    setParams({ ...Object.fromEntries(params), ...more }, { replace: true, preventScrollReset: true });
  return (
    <Page
      title="Someone is hurt"
      first={{ label: 'Danger of life', value: number }}
      cells={[{ label: 'Or', value: 'the local emergency number' }]}
    >
      <Row className="call-row">
        <CallStrip signs={card ? [...card.call] : CALL_SIGNS} />
      </Row>
      <WhenFacts>
        <StillOpen />
      </WhenFacts>
      {card && (
        <Row className="pad ruled open-entry">
          <h2>{card.title}</h2>
          <WhenFacts>
            <ByWhich by={by} onChange={(id) => set({ by: id })} />
          </WhenFacts>
          <Begin card={card.id} by={culprit?.id ?? null}>
            <AidCardView card={card} own={culprit?.aid ? { name: culprit.name, aid: culprit.aid } : null} />
          </Begin>
        </Row>
      )}
      <Row className="pad">
        <h2>{card ? 'Or was it something else?' : 'What happened?'}</h2>
        <ul className="aid-keys mt-2.5 gap-2.5 grid grid-cols-[repeat(auto-fill,minmax(220px,1fr))] max-tablet:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
          {cardsFor(culprit ? [culprit] : []).map(({ card: c }) => (
            <li key={c.id}>
              <button
                type="button"
                className={`btn key${c.id === card?.id ? ' chosen' : ''}`}
                aria-pressed={c.id === card?.id}
                onClick={() => set({ card: c.id })}
              >
                {c.title}
              </button>
            </li>
          ))}
        </ul>
      </Row>
      <WhenFacts>
        <NotedBefore />
      </WhenFacts>
    </Page>
  );
}

const inTurn = (a: { readonly at: string }, b: { readonly at: string }): number => Date.parse(b.at) - Date.parse(a.at);

/** What is not over yet: the way back to its clock. */
function StillOpen() {
  const open = useBook()
    .book.all('incident')
    .filter((i) => !i.ended)
    .sort(inTurn);
  const names = useNames();
  const { shortTime, zone } = useFormat();
  const now = useNow();
  return open.map((i) => (
    <Row key={i.id} className="pad ruled" time={<b>{shortTime(i.at, stamp(now, zone))}</b>}>
      <Link className="to-incident" to={`/hurt/${i.id}`}>
        {i.log[0] ? sayEntry(i.log[0].now, names) : ''} The timer is running: continue there.
      </Link>
    </Row>
  ));
}

/** What is over, with its day. */
function NotedBefore() {
  const over = useBook()
    .book.all('incident')
    .filter((i) => i.ended)
    .sort(inTurn);
  const names = useNames();
  const { time, day, shortDay } = useFormat();
  if (over.length === 0) return null;
  return (
    <Row className="pad ruled">
      <h2>Noted before</h2>
      <ul className="plain-list">
        {over.map((i) => (
          <li key={i.id}>
            <Link to={`/hurt/${i.id}`}>
              {shortDay(day(i.at))} {i.at.slice(0, 4)}, {time(i.at)}: {i.log[0] ? sayEntry(i.log[0].now, names) : ''}
            </Link>
          </li>
        ))}
      </ul>
    </Row>
  );
}

/** Which fish did it: those that sting or poison in these waters first. */
function ByWhich({ by, onChange }: { by: string; onChange: (id: string) => void }) {
  const { book } = useBook();
  const { all } = useCatalogue();
  const rules = useRules();
  const id = useId();
  const trip = openTrip(book);
  const zone = trip ? placeNow(trip).zone : '';
  const grounds = rules?.zones.find((z) => z.id === zone)?.grounds ?? [];
  const here = all.filter((s) => isDangerous(s) && grounds.some((g) => (s.grounds[g] ?? 0) > 0));
  const others = all.filter((s) => s.hazards.length > 0 && !here.includes(s));
  if (all.length === 0) return null;
  return (
    <SelectField label="Which fish, if known" id={id} value={by} onChange={(e) => onChange(e.target.value)}>
      <option value="">not known</option>
      {here.length > 0 && (
        <optgroup label="Stinging or poisonous species in these waters">
          {here.map((s) => (
            <option key={s.id} value={s.id}>
              {s.name}
            </option>
          ))}
        </optgroup>
      )}
      <optgroup label="Other species that can hurt">
        {others.map((s) => (
          <option key={s.id} value={s.id}>
            {s.name}
          </option>
        ))}
      </optgroup>
    </SelectField>
  );
}

/** Begins its record: from then on the page keeps the times, and makes the sheet for a doctor of them. */
function Begin({ card, by, children }: { card: AidId; by: string | null; children: ReactNode }) {
  const { book } = useBook();
  const { write } = useWrite();
  const { members } = useCrew();
  const navigate = useNavigate();
  const trip = openTrip(book);
  const [who, setWho] = useState<string | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const begin = async (): Promise<void> => {
    const id = newId();
    const r = await write('incident.begun', id, {
      card,
      ...(by ? { by } : {}),
      ...(who ? { who } : {}),
      ...(trip ? { trip: trip.id } : {}),
    });
    if (r.ok) void navigate(`/hurt/${id}`);
    else setTrouble(r.why);
  };
  return (
    <>
      {members.length > 0 && (
        <Chips
          label="Who"
          options={members.map((m) => ({ value: m.id, text: m.name }))}
          value={who}
          onChange={setWho}
        />
      )}
      {children}
      <Foot above={<Trouble says={trouble} />}>
        <DeckKey act name="Keep the time" note="keeps times and signs, for a doctor" onClick={() => void begin()} />
      </Foot>
    </>
  );
}
