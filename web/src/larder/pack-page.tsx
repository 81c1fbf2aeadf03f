import { doneToMeat } from '@dagboek/core/cut';
import { custodyOf, foundInPack, heldPack, isNotToEat, packLeft, packNumber } from '@dagboek/journal';
import { sayDate, sayDay, stamp } from '@dagboek/core/time';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { MissingPage } from '../app/missing-page.tsx';
import { sayFish, useCatalogue, useNames } from '../kit/catalogue.ts';
import { CustodyRow } from '../kit/custody/custody-row.tsx';
import { DeckKey } from '../kit/deck-key.tsx';
import { FigureView } from '../kit/figure-view.tsx';
import { LogLines } from '../kit/facts/log-lines.tsx';
import { useFormat } from '../kit/format.ts';
import { useBook } from '../kit/journal/journal-context.tsx';
import { useWrite } from '../kit/journal/use-write.ts';
import { Page, Row } from '../kit/page.tsx';
import { Dialog } from '../kit/ui/dialog.tsx';
import { useNow } from '../kit/use-now.ts';
import { packCautions } from '@dagboek/core/harm';
import { StruckBanner } from '../kit/struck-banner.tsx';
import { FoundNote } from '../kit/found-note.tsx';
import { HistamineNote } from '../kit/histamine-note.tsx';
import { Trouble } from '../kit/ui/trouble.tsx';
import { degrees, massParts, sayMass } from '../kit/units.ts';

/** One pack: what, from which fish, until when; moved, cooked or thrown away. */
export function PackPage() {
  const { id = '' } = useParams();
  const { book } = useBook();
  const { byId } = useCatalogue();
  const names = useNames();
  const navigate = useNavigate();
  const { write } = useWrite();
  const { day, time, shortDay, zone } = useFormat();
  const now = useNow(60_000);
  const [throwing, setThrowing] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const pack = book.getAny('pack', id);
  if (!pack) return <MissingPage />;
  const species = byId(pack.species);
  const number = packNumber(book, pack);
  const { leftG, eatenG } = packLeft(book, pack);
  const held = heldPack(book, pack, byId, day, now);
  const found = foundInPack(book, pack);
  const made = doneToMeat(book.getAny('cut', pack.cut)?.steps.map((s) => s.step) ?? []);
  const place = pack.places.at(-1)?.place;
  const today = day(stamp(now, zone));
  const meals = book.naming('meal', id);
  const cut = book.get('cut', pack.cut);
  const from = book.get('meal', pack.meal);
  const [n, u] = massParts(leftG);
  const move = async (to: 'fridge' | 'freezer'): Promise<void> => {
    const r = await write('pack.moved', pack.id, { place: to });
    setTrouble(r.ok ? null : r.why);
  };
  return (
    <Page
      title={`Pack ${number}`}
      first={{ label: 'Pack', value: number }}
      cells={[
        { label: 'What', value: pack.what },
        { label: 'Where', value: pack.discarded ? 'thrown away' : leftG < 1 ? 'eaten' : (place ?? '') },
        { label: 'Since', value: sayDay(day(pack.storedAt)) },
      ]}
    >
      <div className="with-margin">
        <div>
          <StruckBanner state={pack} />
          <Row className="pad" time={<b className="q">{number}</b>}>
            <div className="pack-head">
              <h2 className="huge">{pack.what}</h2>
              {species && <FigureView spec={species.figure} size={220} plain />}
            </div>
            <p className="lead">
              <span className="num big">
                {n}
                <u>{u}</u>
              </span>{' '}
              left of {sayMass(pack.massG)}
              {eatenG > 0 ? `, ${sayMass(eatenG)} eaten` : ''}.{' '}
              {pack.wrapping === 'cloth'
                ? 'In a dry cloth'
                : pack.wrapping === 'vacuum'
                  ? 'Vacuum-packed'
                  : `In a ${pack.wrapping}`}
              .
            </p>
            <HistamineNote of={`Pack ${number}`} clock={held?.histamine} />
            {held && !isNotToEat(held) && (
              <p className={today > held.keeps.authority ? 'asks' : 'lead'}>
                {today > held.keeps.authority ? (
                  <>
                    <b>Past the authority’s line</b> of {sayDate(held.keeps.authority)}. When in doubt, throw it out.
                  </>
                ) : (
                  <>
                    Eat by <b>{sayDay(held.keeps.eatBy)}</b>. Careful keeper’s line {sayDate(held.keeps.careful)},
                    authority’s {sayDate(held.keeps.authority)}
                    {held.thawed ? '; thawed, so the next day at the latest, and not frozen again raw' : ''}.
                  </>
                )}
              </p>
            )}
            {made.length > 0 && <p className="lead">Noted on the board: {made.join(', ')}.</p>}
            <FoundNote of={`Pack ${number}`} found={found} />
            {packCautions({
              wrapping: pack.wrapping,
              form: pack.form,
              venomous: species?.hazards.some((h) => h.kind === 'venomous') ?? false,
            }).map((c) => (
              <p key={c} className="asks">
                {degrees(c)}
              </p>
            ))}
            {species?.eating.map((e) => (
              <p key={e} className="caution">
                {e}
              </p>
            ))}
            <Trouble says={trouble} />
            {held && (
              <div className="keys">
                {!isNotToEat(held) && (
                  <DeckKey
                    act
                    name="Cook it"
                    note="a meal from this pack"
                    onClick={() => void navigate(`/table/new?pack=${pack.id}`)}
                  />
                )}
                {place === 'freezer' ? (
                  <DeckKey name="To the fridge" note="thaw it overnight" onClick={() => void move('fridge')} />
                ) : (
                  <DeckKey
                    name="To the freezer"
                    {...(held.thawed
                      ? { waits: 'thawed once already: cook it first' }
                      : { note: 'the sooner the better' })}
                    onClick={() => void move('freezer')}
                  />
                )}
                <DeckKey name="Throw away" note="and note why" onClick={() => setThrowing(true)} />
              </div>
            )}
          </Row>
          {pack.fish.length > 0 && (
            <Row className="pad ruled">
              <h2>From these fish</h2>
            </Row>
          )}
          {pack.fish
            .flatMap((f) => custodyOf(book, f, pack) ?? [])
            .map((l) => (
              <Row key={l.fish.id} className="line" time={shortDay(day(l.fish.landed.at))}>
                <Link to={`/fish/${l.fish.id}`} className="log-grid as-row short">
                  <span className="name">{sayFish(l.fish, names)}</span>
                  <CustodyRow line={l} fresh={null} />
                </Link>
              </Row>
            ))}
          <Row className="pad ruled">
            <h2>Lines of this pack</h2>
            <LogLines lines={pack.log} />
          </Row>
        </div>
        <aside className="margin">
          {cut && (
            <>
              <h2>The cut</h2>
              <p>
                <Link to={`/board/${cut.id}`}>
                  {cut.route}, by {names.member(cut.by)}, {shortDay(day(cut.startedAt))}
                </Link>
              </p>
            </>
          )}
          {from && (
            <>
              <h2>Left over from</h2>
              <p>
                <Link to={`/table/${from.id}`}>{from.name}</Link>
              </p>
            </>
          )}
          <h2 className={cut || from ? 'ruled' : undefined}>Meals from it</h2>
          {meals.length === 0 && <p>None yet.</p>}
          <ul className="plain-list">
            {meals.map((m) => (
              <li key={m.id}>
                <Link to={`/table/${m.id}`}>{m.name}</Link>
                <small>
                  {shortDay(day(m.servedAt))}, {time(m.servedAt)}
                </small>
              </li>
            ))}
          </ul>
        </aside>
      </div>
      {throwing && <ThrowDialog packId={pack.id} onClose={() => setThrowing(false)} />}
    </Page>
  );
}

function ThrowDialog({ packId, onClose }: { packId: string; onClose: () => void }) {
  const { write } = useWrite();
  const [why, setWhy] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  return (
    <Dialog title="Throw this pack away" open onClose={onClose}>
      <div className="field">
        <label htmlFor="why">Why</label>
        <input
          id="why"
          className="input"
          value={why}
          onChange={(e) => setWhy(e.target.value)}
          placeholder="past its day, freezer burn, thawed by mistake"
        />
      </div>
      <Trouble says={trouble} />
      <div className="keys">
        <DeckKey
          act
          name="Thrown away"
          note="writes the entry"
          onClick={() =>
            void write('pack.discarded', packId, { why: why.trim() }).then((r) =>
              r.ok ? onClose() : setTrouble(r.why),
            )
          }
        />
      </div>
    </Dialog>
  );
}
