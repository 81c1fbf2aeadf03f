import { Title } from '../../ui/title.tsx';
import { useAsked } from '../../asked/asked.ts';
import { doneToMeat } from '@dagboek/core/cut';
import { REFROZEN, thawedByItself, whyUntil, WRAPPING_FACTS } from '@dagboek/core/larder';
import {
  custodyOf,
  cutsOfPack,
  foundInPack,
  type HeldPack,
  heldPack,
  isNotToEat,
  kindsOfPack,
  mayAge,
  mergeable,
  packLeft,
  packNumber,
  storeOfPack,
} from '@dagboek/journal';
import { sayDate, sayDay, stamp } from '@dagboek/core/time';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { MissingPage } from '../../frame/missing-page.tsx';
import { sayFish, useCatalogue, useNames } from '../../asked/catalogue.ts';
import { CustodyRow } from '../../fish/custody/custody-row.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import { FigureView } from '../../fish/figure-view.tsx';
import { LogLines } from '../../lines/log-lines.tsx';
import { useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { useNow } from '../../ui/use-now.ts';
import { packCautions } from '@dagboek/core/harm';
import { StruckBanner } from '../../frame/struck-banner.tsx';
import { FoundNote } from '../../fish/found-note.tsx';
import { capital } from '../../ui/names-in-text.ts';
import { Trouble } from '../../ui/trouble.tsx';
import { degrees, massParts, sayMass, sayOfMeat, units } from '../../asked/units.ts';
import { MergeDialog, TakeDialog, WeighDialog } from './pack-dialogs.tsx';
import { AgeingSection } from './ageing-section.tsx';
import { NotToEat } from '../../fish/not-to-eat.tsx';
import { MoveKeys } from './move-keys.tsx';
import { RawClockSection } from './raw-clock.tsx';
import { storeName } from './say-store.ts';
import { TextField } from '../../ui/text-field.tsx';

/** One pack: what, from which fish, until when; moved, cooked or thrown away. */
export function PackPage() {
  const { id = '' } = useParams();
  const { book } = useBook();
  const { byId } = useCatalogue();
  const names = useNames();
  const navigate = useNavigate();
  const { day, time, shortDay, zone } = useFormat();
  const now = useNow(60_000);
  const asked = useAsked(now);
  const [open, setOpen] = useState<'take' | 'weigh' | 'merge' | 'throw' | null>(null);
  const pack = book.getAny('pack', id);
  if (!pack) return <MissingPage />;
  const species = byId(pack.species);
  const number = packNumber(book, pack);
  const { leftG, eatenG, takenG, splitG, pieces } = packLeft(book, pack);
  const held = heldPack(asked, pack);
  // All that its fish may be, and what it was made of.
  const kinds = kindsOfPack(book, pack).flatMap((k) => byId(k) ?? []);
  const found = foundInPack(book, pack);
  const made = doneToMeat(cutsOfPack(book, pack).flatMap((c) => c.steps.map((x) => x.step)));
  const store = storeOfPack(book, pack);
  const today = day(stamp(now, zone));
  const meals = book.naming('meal', id);
  const cut = book.get('cut', pack.cut);
  const from = book.get('meal', pack.meal);
  const ages = held?.ageing != null && mayAge(held.ageing);
  const [n, u] = massParts(leftG);
  return (
    <Page
      title={`Pack ${number}`}
      first={{ label: 'Pack', value: number }}
      cells={[
        { label: 'What', value: pack.what },
        { label: 'Where', value: pack.discarded ? 'thrown away' : leftG < 1 ? 'eaten' : store.name },
        { label: 'Since', value: sayDay(day(pack.storedAt)) },
      ]}
    >
      <div className="with-margin">
        <div>
          <StruckBanner state={pack} />
          <Row className="pad" time={<b className="q">{number}</b>}>
            <div className="pack-head gap-4 flex justify-between items-center">
              <Title>{pack.what}</Title>
              {species && <FigureView spec={species.figure} size={220} plain />}
            </div>
            <p className="lead">
              <span className="num big text-[2rem]">
                {n}
                <u>{u}</u>
              </span>{' '}
              left of {sayMass(pack.massG)}
              {eatenG > 0 ? `, ${sayMass(eatenG)} eaten` : ''}
              {splitG > 0 ? `, ${sayMass(splitG)} in packs of their own` : ''}
              {takenG > 0 ? `, ${sayMass(takenG)} taken out` : ''}
              {pieces !== null && pieces !== pack.pieces && leftG >= 1
                ? `; ${pieces} of ${pack.pieces ?? pieces} pieces`
                : ''}
              {held && sayOfMeat(leftG, held.body.meatG) !== sayMass(leftG)
                ? `; of it some ${sayMass(Math.round(held.body.meatG / 10) * 10)} meat`
                : ''}
              . {capital(WRAPPING_FACTS[pack.wrapping].says)}.
            </p>
            {held && <NotToEat of={`Pack ${number}`} harm={held} unread={held.facts.unreadFridge} />}
            {held && !isNotToEat(held) && (
              <p className={today > held.keeps.authority ? 'alert alert-warning' : 'lead'}>
                {today > held.keeps.authority ? (
                  <>
                    <b>Past the authority’s line</b> of {sayDate(held.keeps.authority)}. When in doubt, throw it out.
                  </>
                ) : (
                  <>
                    {ages ? 'While it ages: eat by' : 'Eat by'} <b>{sayDay(held.keeps.eatBy)}</b>.
                    {ages ? (
                      ' The authorities set no line for ageing.'
                    ) : (
                      <>
                        {' '}
                        Careful keeper’s line {sayDate(held.keeps.careful)}, authority’s {sayDate(held.keeps.authority)}
                        {held.thawed ? '; thawed, so the next day at the latest, and not frozen again raw' : ''}.
                      </>
                    )}
                  </>
                )}
              </p>
            )}
            {held?.thawedInStore && <ThawedByItself thawed={held.thawedInStore} />}
            {held?.refrozen && <p className="alert alert-error">{REFROZEN}</p>}
            {made.length > 0 && <p className="lead">Noted on the board: {made.join(', ')}.</p>}
            <FoundNote of={`Pack ${number}`} found={found} />
            {packCautions({
              wrapping: pack.wrapping,
              form: held?.body.form ?? pack.form,
              venomous: kinds.some((k) => k.hazards.some((h) => h.kind === 'venomous')),
              species,
            }).map((c) => (
              <p key={c} className="alert alert-warning">
                {degrees(c)}
              </p>
            ))}
            {[...new Set(kinds.flatMap((k) => k.eating.map((e) => (kinds.length > 1 ? `${k.name}: ${e}` : e))))].map(
              (e) => (
                <p key={e} className="alert alert-error">
                  {e}
                </p>
              ),
            )}
            {held && !isNotToEat(held) && <WhyTheseDays held={held} />}
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
                <MoveKeys pack={pack} held={held} />
                <DeckKey name="Take some out" note="into a pack, or away" onClick={() => setOpen('take')} />
                <DeckKey name="Weigh again" note={`by the book ${sayMass(leftG)}`} onClick={() => setOpen('weigh')} />
                {mergeable(asked, pack).length > 0 && (
                  <DeckKey name="Put together" note="with another of its kind" onClick={() => setOpen('merge')} />
                )}
                <DeckKey name="Throw away" note="and note why" onClick={() => setOpen('throw')} />
              </div>
            )}
          </Row>
          {held?.ageing && (
            <AgeingSection ageing={held.ageing} today={today} hung={day(stamp(held.ageing.hungMs, zone))} />
          )}
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
                  <span className="name font-semibold text-[1rem] leading-[1.15]">{sayFish(l.fish, names)}</span>
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
          {held && !isNotToEat(held) && <RawClockSection pack={pack} now={now} />}
          {pack.from.length > 0 && (
            <>
              <h2 className="ruled">Made out of</h2>
              <ul className="plain-list">
                {pack.from.map((f) => {
                  const p = book.getAny('pack', f.pack);
                  return (
                    <li key={f.pack}>
                      <Link to={`/larder/${f.pack}`}>{p ? `Pack ${packNumber(book, p)}, ${p.what}` : 'a pack'}</Link>
                      <small>{sayMass(f.massG)} of it</small>
                    </li>
                  );
                })}
              </ul>
            </>
          )}
          <p>
            <Link to={`/larder/labels?packs=${pack.id}&single=1`}>Print its label</Link>
          </p>
          <h2 className="ruled">Meals from it</h2>
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
      {open === 'throw' && <ThrowDialog packId={pack.id} onClose={() => setOpen(null)} />}
      {open === 'take' && <TakeDialog pack={pack} onClose={() => setOpen(null)} />}
      {open === 'weigh' && <WeighDialog pack={pack} onClose={() => setOpen(null)} />}
      {open === 'merge' && <MergeDialog pack={pack} onClose={() => setOpen(null)} />}
    </Page>
  );
}

/** A freezer that failed: when, which, and what becomes of what lay in it. */
function ThawedByItself({ thawed }: { thawed: NonNullable<HeldPack['thawedInStore']> }) {
  const { day, time, zone } = useFormat();
  const at = stamp(thawed.atMs, zone);
  return (
    <p className="alert alert-warning">
      <b>Thawed by itself</b> about {sayDay(day(at))}, {time(at)}: {storeName(thawed.store)} was too warm.{' '}
      {thawedByItself(units)}
    </p>
  );
}

/** What its days are made of, each with its source. */
function WhyTheseDays({ held }: { held: HeldPack }) {
  return (
    <details className="why-days">
      <summary>Why these days</summary>
      <ul className="plain-list">
        {whyUntil(held.facts, units).map((w) => (
          <li key={w.says}>
            {w.says}
            {w.source && <small>{w.source}</small>}
          </li>
        ))}
      </ul>
    </details>
  );
}

function ThrowDialog({ packId, onClose }: { packId: string; onClose: () => void }) {
  const { write } = useUndoWrite();
  const [why, setWhy] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  return (
    <Dialog title="Throw this pack away" open onClose={onClose}>
      <TextField
        label="Why"
        id="why"
        value={why}
        onChange={(e) => setWhy(e.target.value)}
        placeholder="past its day, freezer burn, thawed by mistake"
      />
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
