import type { Purpose, RouteName } from '@dagboek/core/cut';
import {
  custodyOf,
  fishForTheBoard,
  freshnessOfFish,
  lastCut,
  massOf,
  speciesOnBoard,
  stiffnessOf,
} from '@dagboek/journal';
import { useState } from 'react';
import { useAsked } from '../../asked/asked.ts';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useNames } from '../../asked/names.ts';
import { plural, useFormat } from '../../asked/format.ts';
import { usePen } from '../../asked/pen.ts';
import { Page, Row } from '../../frame/page.tsx';
import { Paged } from '../../frame/paged.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { inSentence } from '../../ui/names-in-text.ts';
import { useKept } from '../../ui/use-kept.ts';
import { useNow } from '../../ui/use-now.ts';
import { BoardMargin } from './board-margin.tsx';
import { ChosenFish } from './chosen-fish.tsx';
import { WaitingFish } from './waiting-fish.tsx';
import { TripNext } from '../../lines/trip-next.tsx';

/** The cutting board: choose fish of one kind, a cut, and who has the knife; and the cuts under way. */
export function BoardPage() {
  const { book } = useBook();
  const { byId } = useCatalogue();
  const names = useNames();
  const { pen } = usePen();

  const { write, writeAll } = useUndoWrite();
  const asked = useAsked(useNow(60_000));
  const format = useFormat();
  const { shortDay, day } = format;
  const waiting = fishForTheBoard(book);

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
  const fishChosen = waiting.filter((f) => chosen.includes(f.id)).reduce((n, f) => n + f.count, 0);
  const species = speciesOnBoard(book, chosen, byId);
  const knife = by ?? lastBy ?? pen;

  const discard = async (id: string): Promise<void> => {
    const r = await write('fish.discarded', id, { why: 'past the histamine limit' });
    setTrouble(r.ok ? null : r.why);
    if (!r.ok) return;
    setSpoilt(null);
    setChosen(chosen.filter((x) => x !== id));
  };
  const stiffOf = (id: string) => {
    const line = custodyOf(book, id);
    return line && stiffnessOf(asked, line);
  };

  return (
    <Page
      title="Board"
      first={{ label: 'Waiting', value: waiting.length }}
      cells={[
        { label: 'Knife', value: knife ? names.member(knife) : 'nobody' },
        {
          label: 'Chosen',
          value: chosen.length
            ? `${plural(fishChosen, 'fish', 'fish')}, ${inSentence(names.species(first?.species ?? ''))}`
            : 'nothing yet',
        },
      ]}
    >
      <div className="with-margin">
        <div>
          <Row className="pad">
            <h2>{waiting.length ? 'Onto the board' : 'No fish is waiting to be cut'}</h2>
            <p className="lead">
              {waiting.length
                ? 'Choose one fish, or several of one species. Wipe, do not rinse.'
                : 'The board shows how to cut a fish, and weighs what it yields. Fish on ice appear here.'}
            </p>
            {waiting.length === 0 && <TripNext />}
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
                <WaitingFish
                  on={on}
                  trip={trip}
                  shortDay={shortDay}
                  day={day}
                  f={f}
                  s={s}
                  names={names}
                  where={where}
                  mass={mass}
                  fresh={fresh}
                  setTrouble={setTrouble}
                  setSpoilt={setSpoilt}
                  setPart={setPart}
                  chosen={chosen}
                  setChosen={setChosen}
                  asked={asked}
                  stiffOf={stiffOf}
                />
              );
            }}
          </Paged>
          {chosen.length > 0 && species && (
            <ChosenFish
              species={species}
              waiting={waiting}
              chosen={chosen}
              fishChosen={fishChosen}
              names={names}
              asked={asked}
              stiffOf={stiffOf}
              format={format}
              part={part}
              setPart={setPart}
              setTrouble={setTrouble}
              purpose={purpose}
              setPurpose={setPurpose}
              setRoute={setRoute}
              pan={pan}
              setPan={setPan}
              knife={knife}
              setBy={setBy}
              book={book}
              route={route}
              setSpoilt={setSpoilt}
              writeAll={writeAll}
            />
          )}
          {trouble && (
            <Row className="pad">
              <p className="alert alert-outline" role="alert">
                {trouble}
              </p>
              {spoilt && (
                <div className="keys">
                  <DeckKey name="Thrown away" note="past the histamine limit" onClick={() => void discard(spoilt)} />
                </div>
              )}
            </Row>
          )}
        </div>
        <BoardMargin names={names} book={book} shortDay={shortDay} day={day} />
      </div>
    </Page>
  );
}
