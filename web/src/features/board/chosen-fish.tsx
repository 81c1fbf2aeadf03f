import type { RouteName } from '@dagboek/core/cut';
import type { Stiffness, StiffNow } from '@dagboek/core/fresh';
import {
  type Asked,
  type Book,
  type FishState,
  lotAlone,
  type Names,
  ontoTheBoard,
  whichRoutes,
  type Writing,
} from '@dagboek/journal';
import { useNavigate } from 'react-router';
import { type Species } from '../../asked/catalogue.ts';
import { sayFish } from '../../asked/names.ts';
import { useCrew } from '../../asked/crew.ts';
import { type Format, plural } from '../../asked/format.ts';
import { Quantity } from '../../asked/quantity.tsx';
import { units } from '../../asked/units.ts';
import { newId, type WriteResult } from '../../asked/use-write.ts';
import { HazardStrip } from '../../fish/hazard-strip.tsx';
import { Row } from '../../frame/page.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import { Chips } from '../../ui/chips.tsx';
import { nowMs } from '../../ui/clock.ts';
import { typedNumber } from '../../ui/typed-number.ts';
import { BeforeTheKnife } from './before-the-knife.tsx';
import { WhichRoute } from './which-route.tsx';

/** What to know of the fish that were chosen, the way to cut them, and who has the knife. */
export function ChosenFish({
  species,
  waiting,
  chosen,
  fishChosen,
  names,
  asked,
  stiffOf,
  format,
  part,
  setPart,
  setTrouble,
  purpose,
  setPurpose,
  setRoute,
  pan,
  setPan,
  knife,
  setBy,
  book,
  route,
  setSpoilt,
  writeAll,
}: {
  species: Species;
  waiting: FishState[];
  chosen: string[];
  /** How many fish they are: a lot is many. */
  fishChosen: number;
  names: Names;
  asked: Asked<Species>;
  stiffOf: (id: string) => (Stiffness & { readonly now: StiffNow }) | null;
  format: Format;
  part: string;
  setPart: (to: string) => void;
  setTrouble: (to: string | null) => void;
  purpose: 'raw' | 'pan' | 'whole' | 'freezer' | 'stock';
  setPurpose: (to: 'raw' | 'pan' | 'whole' | 'freezer' | 'stock') => void;
  setRoute: (to: RouteName | null) => void;
  pan: number;
  setPan: (v: number) => void;
  knife: string | null;
  setBy: (to: string | null) => void;
  book: Book;
  route: RouteName | null;
  setSpoilt: (to: string | null) => void;
  writeAll: (list: readonly Writing[], asks?: React.ReactNode) => Promise<WriteResult>;
}) {
  const navigate = useNavigate();
  const cutters = useCrew().members;
  // Of one lot a part may be cut: the others stay where they are.
  const lot = lotAlone(book, chosen);
  const choice = { fish: chosen, part: lot ? typedNumber(part) : null, purpose };
  const proposals = whichRoutes(asked, choice, purpose === 'whole' && pan > 0 ? pan * 10 : null, units);
  const way = proposals.find((p) => p.route === route)?.route ?? proposals[0]?.route;
  const nameOf = (id: string): string => {
    const f = book.getAny('fish', id);
    return f ? sayFish(f, names) : 'One of them';
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
  return (
    <Row className="open-entry pad">
      <HazardStrip hazards={species.hazards} aid={species.id} />
      <BeforeTheKnife waiting={waiting} chosen={chosen} names={names} asked={asked} stiffOf={stiffOf} format={format} />
      {lot && (
        <Quantity
          label="How many"
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
        label="Who fillets?"
        options={cutters.map((m) => ({ value: m.id, text: names.member(m.id) }))}
        value={knife}
        onChange={setBy}
      />
      <div className="keys">
        <DeckKey
          act
          name="Onto the board"
          note={`${plural(choice.part ?? fishChosen, 'fish', 'fish')}, ${way}`}
          onClick={() => void start()}
        />
      </div>
    </Row>
  );
}
