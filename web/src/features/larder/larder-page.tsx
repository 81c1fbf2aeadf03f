import { useAsked } from '../../asked/asked.ts';
import { isNotToEat, meatOfPack, packsHeld } from '@dagboek/journal';
import { formFacts } from '@dagboek/core/larder';
import { daysBetween, sayDate, sayDay, stamp, weekday } from '@dagboek/core/time';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { DeckKey } from '../../lines/deck-key.tsx';
import { plural, useFormat, sayAll } from '../../asked/format.ts';
import { LineKey } from '../../ui/key.tsx';
import { AddPack } from './add-pack.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { useNow } from '../../ui/use-now.ts';
import { platesFrom } from '@dagboek/core/plates';
import { FREEZING_FOR_RAW } from '@dagboek/core/harm';
import { degrees, sayOfMeat } from '../../asked/units.ts';
import { CalendarKeys } from './calendar-keys.tsx';
import { Chores } from './chores.tsx';
import { WeekAhead } from './week-ahead.tsx';
import { NotToEat } from '../../fish/not-to-eat.tsx';
import { PackList } from './pack-list.tsx';
import { StoresList } from './stores-list.tsx';
import { Term } from '../../ui/words/term.tsx';
import { KeyLink } from '../../ui/key.tsx';

/** What is kept, in the order in which to eat it. */
export function LarderPage() {
  const { day, zone } = useFormat();
  const now = useNow(60_000);
  const asked = useAsked(now);
  const navigate = useNavigate();
  const today = day(stamp(now, zone));
  // Reckoned by what the book says and by the minute, not at every letter that is typed.
  const held = useMemo(() => packsHeld(asked), [asked]);
  const notToEat = held.filter(isNotToEat);
  const edible = held.filter((h) => !isNotToEat(h));
  const [adding, setAdding] = useState(false);
  const first = edible.find((h) => today <= h.keeps.authority) ?? edible[0];
  const total = edible.filter((h) => formFacts(h.pack.form).plates !== 'none').reduce((g, h) => g + h.leftG, 0);
  // A whole fish feeds by what it yields, not by its head and bones.
  const meat = edible.reduce((g, h) => g + meatOfPack(h), 0);
  const past = edible.filter((h) => today > h.keeps.authority);
  const next = edible.find((h) => today <= h.keeps.authority);
  const soon = edible.filter((h) => today <= h.keeps.authority && daysBetween(today, h.keeps.eatBy) <= 2);
  return (
    <Page
      title="Larder"
      first={{ label: 'Packs', value: held.length }}
      cells={[
        { label: 'Day', value: sayDay(today) },
        { label: 'Together', value: `${sayOfMeat(total, meat)}, ${plural(platesFrom(meat).plates, 'plate')}` },
        { label: 'Order', value: 'eat first on top' },
      ]}
    >
      <div className="with-margin">
        <div>
          {held.length === 0 && (
            <Row className="pad">
              <h2>The larder is empty</h2>
              <p className="lead">
                Packs from the board are listed here, in the order to eat them. A pack that was not cut here can be
                added below.
              </p>
              <div className="keys">
                <KeyLink act to="/board" name="To the board" note="cut a fish and pack it" />
              </div>
            </Row>
          )}
          {notToEat.map((h) => (
            <Row key={h.pack.id} className="note-row">
              <NotToEat of={`Pack ${h.number}, ${h.pack.what}`} harm={h} unread={h.facts.unreadFridge} />
            </Row>
          ))}
          <Chores held={held} />
          <PackList held={held} today={today} first={first} now={now} />
          {held.length > 0 && (
            <Row className="pad legend-row">
              <ul className="flex flex-wrap gap-y-1.5 gap-x-6 text-cap text-ink-2">
                <li className="gap-2 flex items-center">
                  <svg width="10" height="22" aria-hidden="true">
                    <path d="M5 1V21" stroke="var(--ink)" strokeWidth="2.4" strokeDasharray="4 3" />
                  </svg>
                  <Term of="Cautious limit">cautious limit</Term>
                </li>
                <li className="gap-2 flex items-center">
                  <svg width="14" height="22" aria-hidden="true">
                    <path d="M4 1V21M4 7l6 -4M4 14l6 -4M4 21l6 -4" stroke="var(--ink)" strokeWidth="1.6" />
                  </svg>
                  <Term of="Official limit">official limit</Term>
                </li>
                <li className="gap-2 flex items-center">
                  <svg width="18" height="22" aria-hidden="true">
                    <circle cx="9" cy="11" r="6" fill="none" stroke="var(--ink)" strokeWidth="2.2" />
                  </svg>
                  planned meal
                </li>
                <li className="gap-2 flex items-center">
                  Sources: FDA cold storage chart, FSA chilling advice; keeping times are typical.
                </li>
              </ul>
            </Row>
          )}
        </div>
        <aside className="margin">
          <h2>Eat first</h2>
          {!first && <p>Nothing to eat yet.</p>}
          {past.length > 0 && (
            <p className="alert alert-warning">
              <b>Past the official limit:</b> {sayAll(past.map((h) => `pack ${h.number}`))}. When in doubt, throw it
              out, and note it.
            </p>
          )}
          {soon.length > 0 && (
            <ul className="plain-list">
              {soon.map((h) => (
                <li key={h.pack.id}>
                  <Link to={`/larder/${h.pack.id}`}>
                    <b>{h.number}</b> {h.pack.what}
                  </Link>
                  <small>{h.keeps.eatBy <= today ? 'today' : `by ${weekday(h.keeps.eatBy)}`}</small>
                </li>
              ))}
            </ul>
          )}
          {soon.length === 0 && first && past.length === 0 && (
            <p>
              Nothing urgent: first is pack {first.number}, by {sayDate(first.keeps.eatBy)}.
            </p>
          )}
          {(soon[0] ?? next) && (
            <div className="keys">
              <DeckKey
                act
                name="Cook"
                note={`pack ${(soon[0] ?? next)?.number}: ${(soon[0] ?? next)?.pack.what}`}
                onClick={() => void navigate(`/table/new?pack=${(soon[0] ?? next)?.pack.id}`)}
              />
            </div>
          )}
          <WeekAhead held={held} />
          <StoresList />
          <ul className="plain-list">
            <li>
              <LineKey onClick={() => setAdding(true)}>Add a pack that was not cut here</LineKey>
            </li>
            {held.length > 0 && (
              <>
                <li>
                  <Link to="/larder/labels">Print labels</Link>
                </li>
                <li>
                  <CalendarKeys held={held} />
                </li>
              </>
            )}
            <li>
              <Link to="/larder/season">The year: caught, eaten, given away, thrown out</Link>
            </li>
          </ul>
          <h2 className="ruled">Raw?</h2>
          <p>
            Nothing here is marked safe to eat raw. Freezing that kills worms counts from when the middle is cold:{' '}
            {degrees(FREEZING_FOR_RAW)} Lemon, salt and smoke kill no worms.
          </p>
        </aside>
      </div>
      {adding && <AddPack onClose={() => setAdding(false)} />}
    </Page>
  );
}
