import { KNOT_WORDS } from '../../fish/custody/knot-words.ts';
import { KNOTS, type Writing } from '@dagboek/journal';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Navigate, useNavigate } from 'react-router';
import { rulebookQuery } from '../../asked/facts-here.tsx';
import { usePen } from '../../asked/pen.ts';
import { newId, useWrite } from '../../asked/use-write.ts';
import { Knot } from '../../fish/custody/knot.tsx';
import { slotX, stationEdges } from '../../fish/custody/slots.ts';
import { VerdictMark } from '../../fish/verdict-mark.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { Chips } from '../../ui/chips.tsx';
import { TextField } from '../../ui/text-field.tsx';
import { Title } from '../../ui/title.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { useWidth } from '../../ui/use-width.ts';
import { NameFields } from './name-fields.tsx';
import { WatersChoice } from './waters-choice.tsx';

/** Height of the line within its drawing, px. */
const LINE_Y = 54;

/** The empty line of custody, so that one sees what is coming. */
function EmptyLine() {
  const [ref, width] = useWidth(700);
  return (
    <div ref={ref}>
      <svg
        width={width}
        height="100"
        viewBox={`0 0 ${width} 100`}
        role="img"
        aria-label={`Steps of a fish: ${KNOTS.map((k) => KNOT_WORDS[k]).join(', ')}`}
      >
        <path
          d={`M0 ${LINE_Y}H${width}`}
          stroke="var(--teal)"
          strokeWidth="2.4"
          strokeDasharray="2 7"
          strokeLinecap="round"
        />
        {stationEdges(width).map((s, i) => (
          <g key={s.name}>
            {i > 0 && <path d={`M${s.x} 2V92`} stroke="var(--rule-2)" />}
            <text
              // Narrow, the names of one-slot stations stand one higher and one lower, so that none runs into the next.
              x={width > 560 ? s.x + 6 : i === stationEdges(width).length - 1 ? s.to - 1 : s.x + 3}
              y={width > 560 || i % 2 === 0 ? 15 : 31}
              textAnchor={width <= 560 && i === stationEdges(width).length - 1 ? 'end' : 'start'}
              className="font-bold! text-[1.0625rem]! leading-[normal]! font-head!"
            >
              {s.name}
            </text>
          </g>
        ))}
        {KNOTS.map((k) => (
          <g key={k}>
            <g transform={`translate(${slotX(k, width)} ${LINE_Y})`}>
              <circle r="13" fill="var(--paper)" />
            </g>
            <Knot kind={k} x={slotX(k, width)} y={LINE_Y} r={8} />
            {width > 560 && (
              <text x={slotX(k, width)} y={LINE_Y + 32} textAnchor="middle" style={{ fontSize: width > 640 ? 14 : 13 }}>
                {KNOT_WORDS[k]}
              </text>
            )}
          </g>
        ))}
      </svg>
    </div>
  );
}
/** First start: three questions, and the book is open. */
export function WelcomePage() {
  const navigate = useNavigate();
  const { writeAll } = useWrite();
  const { setPen } = usePen();
  const { book } = useBook();
  // A book that is open already is never opened a second time.
  const [wasOpen] = useState(() => book.all('book').length > 0);
  const packs = useQuery(rulebookQuery);
  const [people, setPeople] = useState(['', '']);
  const [from, setFrom] = useState<'boat' | 'shore'>('boat');
  const [boat, setBoat] = useState('');
  const [waters, setWaters] = useState<string | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const chosen = waters ?? packs.data?.packs[0]?.id ?? null;
  const named = people.map((p) => p.trim()).filter(Boolean);
  const open = async (): Promise<void> => {
    if (named.length === 0) return setTrouble('Enter at least one name.');
    if (new Set(named.map((n) => n.toLowerCase())).size < named.length)
      return setTrouble('Two people have the same name. Add a letter to one of them.');
    if (!chosen)
      return setTrouble(
        'The list of waters is missing, because the server does not answer. Try again when there is a signal.',
      );
    const ids = named.map(newId);
    const first = ids[0] as string;
    const by = { member: first };
    const list: Writing[] = [
      {
        kind: 'book.opened',
        subject: newId(),
        facts: {
          name: boat.trim() && from === 'boat' ? `The book of ${boat.trim()}` : `${named[0]}’s book`,
          waters: chosen,
          from,
          ...(from === 'boat' && boat.trim() ? { boat: boat.trim() } : {}),
        },
        more: by,
      },
      ...named.map((name, i): Writing => ({
        kind: 'member.joined',
        subject: ids[i] as string,
        facts: { name },
        more: by,
      })),
      {
        kind: 'box.added',
        subject: newId(),
        facts: { name: from === 'boat' ? 'the box' : 'the bag', litres: from === 'boat' ? 40 : 15 },
        more: by,
      },
    ];
    const r = await writeAll(list);
    if (!r.ok) return setTrouble(r.why);
    setPen(first);
    void navigate('/plan');
  };
  if (wasOpen) return <Navigate to="/crew" replace />;
  return (
    <Page
      title="Start your book"
      first={{ label: 'Trip', value: 'none' }}
      cells={[{ label: 'Boat', value: boat.trim() || 'not named yet' }]}
    >
      <div className="with-margin">
        <div>
          <Row className="pad">
            <Title>A new book</Title>
            <p className="lead">
              Dagboek follows each fish from the water to the table. You note what you did; the app works out the rest.
            </p>
            <div className="mt-5.5">
              <EmptyLine />
            </div>
          </Row>
          <Row className="pad question" time={<b className="q">1</b>}>
            <h2>Who is in the crew?</h2>
            <NameFields people={people} setPeople={setPeople} />
          </Row>
          <Row className="pad question" time={<b className="q">2</b>}>
            <h2>From a boat or from the shore?</h2>
            <Chips
              label="From"
              hideLabel
              options={[
                { value: 'boat', text: 'From a boat' },
                { value: 'shore', text: 'From the shore' },
              ]}
              value={from}
              onChange={setFrom}
            />
            {from === 'boat' && (
              <TextField
                label="Boat’s name (optional)"
                id="boat"
                value={boat}
                maxLength={60}
                onChange={(e) => setBoat(e.target.value)}
              />
            )}
          </Row>
          <Row className="pad question" time={<b className="q">3</b>}>
            <h2>Which waters?</h2>
            <WatersChoice packs={packs} chosen={chosen} setWaters={setWaters} />
          </Row>
        </div>
        <aside className="margin">
          <h2>How sure is a length?</h2>
          <p>If a length is too close to the limit to be sure, the app asks you to measure again:</p>
          <VerdictMark outcome="measureAgain" width={190} height={44} ground="var(--paper)" />
          <p>Nothing is deleted. Corrected entries stay visible, crossed out.</p>
          <p>No account. The book is stored on this computer.</p>
          <Trouble says={trouble} />
          <div className="keys">
            <DeckKey act name="Open my book" note="you can change all of this later" onClick={() => void open()} />
          </div>
        </aside>
      </div>
    </Page>
  );
}
