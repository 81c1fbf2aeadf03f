import { useNow } from '../../ui/use-now.ts';
import { useAsked } from '../../asked/asked.ts';
import {
  cannotBeChosen,
  custodyOf,
  fishForTheBoard,
  type FishState,
  freshnessOfFish,
  lastCut,
  lotAlone,
  massOf,
  ontoTheBoard,
  speciesOnBoard,
  stiffnessOf,
  whichRoutes,
} from '@dagboek/journal';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { sayFish, useCatalogue, useNames } from '../../asked/catalogue.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { FigureView } from '../../fish/figure-view.tsx';
import { plural, useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { newId } from '../../asked/use-write.ts';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { usePen } from '../../asked/pen.ts';
import { Chips } from '../../ui/chips.tsx';
import { useCrew } from '../../asked/crew.ts';
import { useKept } from '../../ui/use-kept.ts';
import { nowMs } from '../../ui/clock.ts';
import { Quantity } from '../../asked/quantity.tsx';
import { typedNumber } from '../../ui/typed-number.ts';
import { Paged } from '../../frame/paged.tsx';
import { UsedCell } from '../../fish/custody/used-cell.tsx';
import { HazardStrip } from '../../fish/hazard-strip.tsx';
import { HistamineNote } from '../../fish/histamine-note.tsx';
import { inSentence } from '../../ui/names-in-text.ts';
import type { Purpose, RouteName } from '@dagboek/core/cut';
import { HouseWays } from './house-ways.tsx';
import { UsedShares } from './used-shares.tsx';
import { WhichRoute } from './which-route.tsx';
import { sayStiff, shortStiff, STIFF_WHY } from '../../asked/stiff-words.ts';
import { massParts, sayLength, units } from '../../asked/units.ts';

/** Of so many it is said when they are stiff; more would be a page of its own. */
const MOST_STIFF = 4;

/** The cutting board: choose fish of one kind, a cut, and who has the knife; and the cuts under way. */
export function BoardPage() {
  const { book } = useBook();
  const { byId } = useCatalogue();
  const names = useNames();
  const { pen } = usePen();
  const navigate = useNavigate();
  const { write, writeAll } = useUndoWrite();
  const asked = useAsked(useNow(60_000));
  const format = useFormat();
  const { shortDay, day } = format;
  const waiting = fishForTheBoard(book);
  const cutters = useCrew().members;
  const lastBy = lastCut(book)?.by;
  const [picked, setChosen] = useState<readonly string[]>([]);
  // What went onto the board a moment ago, here or on another device, waits no more.
  const chosen = picked.filter((id) => waiting.some((f) => f.id === id));
  const [by, setBy] = useState<string | null>(null);
  const [route, setRoute] = useState<RouteName | null>(null);
  const [part, setPart] = useState('');
  const [pan, setPan] = useKept('board.pan-cm', 28);
  const [purpose, setPurpose] = useState<Purpose>('pan');
  const [trouble, setTrouble] = useState<string | null>(null);
  /** The one that is to be thrown away, once its cutting was refused. */
  const [spoilt, setSpoilt] = useState<string | null>(null);
  const first = waiting.find((f) => f.id === chosen[0]) ?? null;
  const species = speciesOnBoard(book, chosen, byId);
  const knife = by ?? lastBy ?? pen;
  // Of one lot a part may be cut: the others stay where they are.
  const lot = lotAlone(book, chosen);
  const choice = { fish: chosen, part: lot ? typedNumber(part) : null, purpose };
  const proposals = whichRoutes(asked, choice, purpose === 'whole' && pan > 0 ? pan * 10 : null, units);
  const way = proposals.find((p) => p.route === route)?.route ?? proposals[0]?.route;
  const nameOf = (id: string): string => {
    const f = book.getAny('fish', id);
    return f ? sayFish(f, names) : 'One of them';
  };
  const toggle = (f: FishState): void => {
    setTrouble(null);
    setSpoilt(null);
    setPart('');
    if (chosen.includes(f.id)) return setChosen(chosen.filter((x) => x !== f.id));
    const cannot = cannotBeChosen(asked, f, chosen, (id) => inSentence(names.species(id)));
    if (cannot) return setTrouble(cannot);
    setChosen([...chosen, f.id]);
  };
  const start = async (): Promise<void> => {
    if (!knife || !way) return;
    const [cutId, partId] = [newId(), newId()];
    const begun = ontoTheBoard({ ...asked, nowMs: nowMs() }, choice, { route: way, by: knife, cutId, partId }, nameOf);
    setSpoilt(begun.ok ? null : begun.spoilt);
    if (!begun.ok) return setTrouble(begun.why);
    const r = await writeAll(begun.writings);
    if (r.ok) void navigate(`/board/${cutId}`);
    else setTrouble(r.why);
  };
  const discard = async (id: string): Promise<void> => {
    const r = await write('fish.discarded', id, { why: 'past the line of histamine' });
    setTrouble(r.ok ? null : r.why);
    if (!r.ok) return;
    setSpoilt(null);
    setChosen(chosen.filter((x) => x !== id));
  };
  const stiffOf = (id: string) => {
    const line = custodyOf(book, id);
    return line && stiffnessOf(asked, line);
  };
  const stiffIn = (id: string): string[] => {
    const s = stiffOf(id);
    return s ? [shortStiff(s)] : [];
  };
  const open = book.cutsWithoutPack();
  return (
    <Page
      title="Board"
      first={{ label: 'Waiting', value: waiting.length }}
      cells={[
        { label: 'Knife', value: knife ? names.member(knife) : 'nobody' },
        {
          label: 'Chosen',
          value: chosen.length
            ? `${plural(chosen.length, 'line')}, ${inSentence(names.species(first?.species ?? ''))}`
            : 'nothing yet',
        },
      ]}
    >
      <div className="with-margin">
        <div>
          <Row className="pad">
            <h2>{waiting.length ? 'Onto the board' : 'Nothing waits for the knife'}</h2>
            <p className="lead">
              {waiting.length
                ? 'Choose one fish, or several of one species. Wipe, do not rinse.'
                : 'Fish that lie on ice stand here.'}
            </p>
          </Row>
          <Paged items={waiting} keyOf={(f) => f.id} more="More fish">
            {(f) => {
              const s = byId(f.species);
              const where = custodyOf(book, f.id)?.where;
              const fresh = freshnessOfFish(asked, f.id);
              const mass = massOf(f, s);
              const on = chosen.includes(f.id);
              const trip = book.get('trip', f.trip);
              return (
                <Row
                  className={`line${on ? ' chosen' : ''}`}
                  time={
                    trip ? (
                      <>
                        <b>{shortDay(day(trip.startedAt)).slice(0, 3)}</b>
                        <span>{shortDay(day(trip.startedAt)).slice(4)}</span>
                      </>
                    ) : (
                      ''
                    )
                  }
                >
                  <label className="board-row gap-2 grid grid-cols-[30px_84px_minmax(110px,1fr)_90px_110px_60px] items-center min-h-14 cursor-pointer max-tablet:py-1.5 max-tablet:px-0 max-tablet:grid-cols-[30px_minmax(0,1fr)_auto]">
                    <input
                      type="checkbox"
                      className="checkbox max-tablet:row-[1_/_span_3]"
                      checked={on}
                      onChange={() => toggle(f)}
                    />
                    <span className="icon max-tablet:hidden">
                      {s && <FigureView spec={s.figure} size={96} plain />}
                    </span>
                    <span className="name font-semibold text-[1rem] leading-[1.15] max-tablet:row-[1_/_span_3] max-tablet:col-[2]">
                      {sayFish(f, names)}
                      <small>{[...(where !== 'box' && where ? [where] : []), ...stiffIn(f.id)].join(', ')}</small>
                    </span>
                    <span className="num-cell text-right whitespace-nowrap max-tablet:col-[3] max-tablet:text-cap">
                      {f.length ? sayLength(f.length.mm) : ''}
                    </span>
                    <span className="num-cell text-right whitespace-nowrap max-tablet:col-[3] max-tablet:text-cap">
                      {mass ? `${massParts(mass.g * f.count).join(' ')}${mass.how === 'estimated' ? ' est.' : ''}` : ''}
                    </span>
                    <UsedCell fresh={fresh} />
                  </label>
                </Row>
              );
            }}
          </Paged>
          {chosen.length > 0 && species && (
            <Row className="open-entry pad">
              <HazardStrip hazards={species.hazards} aid={species.id} />
              {waiting
                .filter((f) => chosen.includes(f.id))
                .map((f) => (
                  <HistamineNote key={f.id} of={sayFish(f, names)} clock={freshnessOfFish(asked, f.id)?.histamine} />
                ))}
              {waiting
                .filter((f) => chosen.includes(f.id))
                .slice(0, MOST_STIFF)
                .map((f) => {
                  const s = stiffOf(f.id);
                  return (
                    s && (
                      <p key={f.id} className="hint">
                        {sayFish(f, names)}: {sayStiff(s, format)} {STIFF_WHY}
                      </p>
                    )
                  );
                })}
              {lot && (
                <Quantity
                  label="How many of them"
                  unit={`of ${lot.count}`}
                  whole
                  value={part}
                  placeholder={String(lot.count)}
                  onChange={(v) => (setPart(v), setTrouble(null))}
                />
              )}
              <WhichRoute
                species={species}
                proposals={proposals}
                purpose={purpose}
                onPurpose={(p) => (setPurpose(p), setRoute(null))}
                route={way ?? null}
                onRoute={setRoute}
                pan={pan}
                onPan={setPan}
              />
              <Chips
                label="Who has the knife"
                options={cutters.map((m) => ({ value: m.id, text: names.member(m.id) }))}
                value={knife}
                onChange={setBy}
              />
              <div className="keys">
                <DeckKey
                  act
                  name="Onto the board"
                  note={`${plural(chosen.length, 'line')}, ${way}`}
                  onClick={() => void start()}
                />
              </div>
            </Row>
          )}
          {trouble && (
            <Row className="pad">
              <p className="alert alert-outline" role="alert">
                {trouble}
              </p>
              {spoilt && (
                <div className="keys">
                  <DeckKey name="Thrown away" note="past the line of histamine" onClick={() => void discard(spoilt)} />
                </div>
              )}
            </Row>
          )}
        </div>
        <aside className="margin">
          <h2>Under the knife</h2>
          {open.length === 0 && <p>No cut is under way.</p>}
          <ul className="plain-list">
            {open.map((c) => (
              <li key={c.id}>
                <Link to={`/board/${c.id}`}>
                  {names.species(book.get('fish', c.fish[0])?.species ?? 'fish')}, {c.route}
                </Link>
                <small>
                  {names.member(c.by)}, {shortDay(day(c.startedAt))}
                </small>
              </li>
            ))}
          </ul>
          <h2 className="ruled">With the knife</h2>
          <p>
            Cut away from hand and body, and know where the blade goes if it slips. Dry hands, a cut-proof glove on the
            other one. Wash and cover cuts.
          </p>
          <HouseWays />
          <UsedShares />
          <h2 className="ruled">Cut before it is stiff, or after</h2>
          <p>
            A stiff fish tears and leaves meat on the bone: usually 1 to 10 hours after death it sets in, and passes
            after a day or more on ice.
          </p>
          <p>
            <Link to="/board/yields">What it did to your own yields</Link>
          </p>
        </aside>
      </div>
    </Page>
  );
}
