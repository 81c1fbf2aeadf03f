import { doneToMeat } from '@dagboek/core/cut';
import { packCautions } from '@dagboek/core/harm';
import { whyUntil } from '@dagboek/core/larder';
import { sayDay, stamp } from '@dagboek/core/time';
import {
  custodyOf,
  cutsOfPack,
  foundInPack,
  type HeldPack,
  heldPack,
  isNotToEat,
  kindsOfPack,
  mergeable,
  packLeft,
  packNumber,
  storeOfPack,
} from '@dagboek/journal';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useAsked } from '../../asked/asked.ts';
import { useCatalogue } from '../../asked/catalogue.ts';
import { sayFish, useNames } from '../../asked/names.ts';
import { useFormat, sayAll } from '../../asked/format.ts';
import { degrees, sayMass, units } from '../../asked/units.ts';
import { CustodyRow } from '../../fish/custody/custody-row.tsx';
import { FigureView } from '../../fish/figure-view.tsx';
import { FoundNote } from '../../fish/found-note.tsx';
import { MissingPage } from '../../frame/missing-page.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { StruckBanner } from '../../frame/struck-banner.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import { LogLines } from '../../lines/log-lines.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { TextField } from '../../ui/text-field.tsx';
import { Title } from '../../ui/title.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { useNow } from '../../ui/use-now.ts';
import { AgeingSection } from './ageing-section.tsx';
import { MoveKeys } from './move-keys.tsx';
import { MergeDialog, TakeDialog, WeighDialog } from './pack-dialogs.tsx';
import { PackMargin } from './pack-margin.tsx';
import { PackNow } from './pack-now.tsx';

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
            <PackNow
              pack={pack}
              eatenG={eatenG}
              splitG={splitG}
              takenG={takenG}
              pieces={pieces}
              leftG={leftG}
              held={held}
              number={number}
              today={today}
            />
            {made.length > 0 && <p className="lead">Noted on the board: {sayAll(made)}.</p>}
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
                <DeckKey name="Take some out" note="into another pack, or removed" onClick={() => setOpen('take')} />
                <DeckKey name="Weigh again" note={`the book says ${sayMass(leftG)}`} onClick={() => setOpen('weigh')} />
                {mergeable(asked, pack).length > 0 && (
                  <DeckKey
                    name="Put together"
                    note="with a pack of the same species"
                    onClick={() => setOpen('merge')}
                  />
                )}
                <DeckKey name="Throw away" note="with the reason" onClick={() => setOpen('throw')} />
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
            <h2>Log of this pack</h2>
            <LogLines lines={pack.log} />
          </Row>
        </div>
        <PackMargin
          names={names}
          shortDay={shortDay}
          day={day}
          held={held}
          pack={pack}
          now={now}
          book={book}
          time={time}
          id={id}
        />
      </div>
      {open === 'throw' && <ThrowDialog packId={pack.id} onClose={() => setOpen(null)} />}
      {open === 'take' && <TakeDialog pack={pack} onClose={() => setOpen(null)} />}
      {open === 'weigh' && <WeighDialog pack={pack} onClose={() => setOpen(null)} />}
      {open === 'merge' && <MergeDialog pack={pack} onClose={() => setOpen(null)} />}
    </Page>
  );
}

/** What its days are made of, each with its source. */
function WhyTheseDays({ held }: { held: HeldPack }) {
  return (
    <details className="why-days">
      <summary>Why this day</summary>
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
          note="saves the entry"
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
