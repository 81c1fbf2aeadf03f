import {
  cannotBeCut,
  deckStartC,
  estimateG,
  FIRE_FORMS,
  type FireForm,
  fishForTheBoard,
  type FishState,
  isNotToEat,
  packAsIf,
  packForTheFire,
  whyNotToEat,
} from '@dagboek/journal';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { useAsked } from '../../asked/asked.ts';
import { useCatalogue } from '../../asked/catalogue.ts';
import { sayFish, useNames } from '../../asked/names.ts';
import { Quantity } from '../../asked/quantity.tsx';
import { amountTrouble, asTyped, inField, sayGrams, sayLength, sayMass, typedAmount } from '../../asked/units.ts';
import { newId } from '../../asked/use-write.ts';
import { FigureView } from '../../fish/figure-view.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { Chips } from '../../ui/chips.tsx';
import { nowMs } from '../../ui/clock.ts';
import { KeyLink } from '../../ui/key.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { useNow } from '../../ui/use-now.ts';

const FORM_WORDS: Readonly<Record<FireForm, string>> = {
  gutted: 'gutted',
  whole: 'whole, as it is',
  fillets: 'its fillets',
};

/** A fish of the deck goes into the fire without board, scale or pack: by its estimate, and from there as any meal. */
export function FirePage() {
  const { book } = useBook();
  const { byId } = useCatalogue();
  const [search] = useSearchParams();
  const names = useNames();
  const asked = useAsked(useNow(60_000));
  const navigate = useNavigate();
  const { writeAll } = useUndoWrite();
  const waiting = fishForTheBoard(book).filter((f) => f.species !== null);
  const [chosen, setChosen] = useState<string | null>(
    search.get('fish') ?? (waiting.length === 1 ? waiting[0]!.id : null),
  );
  const [form, setForm] = useState<FireForm>('gutted');
  const [typed, setTyped] = useState<string | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  // A second tap makes no second pack.
  const [id] = useState(newId);
  const fish = waiting.find((f) => f.id === chosen) ?? null;
  const species = fish ? byId(fish.species) : null;
  const about = fish ? estimateG(fish, species, form) : null;
  const grams = typed ?? (about === null ? '' : inField('mass', about));
  const cook = async (): Promise<void> => {
    if (!fish || !species) return setTrouble('Choose a fish.');
    const read = typedAmount('mass', grams);
    const wrong = amountTrouble('mass', grams, 'the weight');
    if (wrong || !read) return setTrouble(wrong ?? `Enter about what it weighs, for example ${sayGrams(420)}.`);
    const refused = cannotBeCut({ ...asked, nowMs: nowMs() }, [fish.id], () => sayFish(fish, names));
    if (refused) return setTrouble(refused.why);
    const pack = packForTheFire(asked, fish, species, form, read.value, id);
    const asIf = packAsIf({ ...asked, nowMs: nowMs() }, pack);
    if (asIf && isNotToEat(asIf)) return setTrouble(`${sayFish(fish, names)} is not eaten. ${whyNotToEat(asIf)}`);
    const own = typed === null ? {} : asTyped({ massG: read });
    const startC = deckStartC({ ...asked, nowMs: nowMs() }, fish);
    const r = await writeAll([{ ...pack, facts: { ...pack.facts, ...own } }]);
    if (r.ok) void navigate(`/table/new?pack=${id}${startC === null ? '' : `&start=${startC}`}`);
    else setTrouble(r.why);
  };
  return (
    <Page
      title="Into the fire"
      first={{ label: 'Fish', value: waiting.length }}
      cells={[{ label: 'Estimated', value: about === null ? 'not known' : sayMass(about) }]}
    >
      <Row className="pad">
        {waiting.length === 0 ? (
          <>
            <p className="lead">No fish waits: none is dispatched, bleeding or on ice that is not cut or packed yet.</p>
            <div className="keys">
              <KeyLink to="/deck" name="To the deck" note="land one first" />
              <KeyLink to="/table/new" name="Cook a meal" note="from a pack" />
            </div>
          </>
        ) : (
          <form
            onSubmit={(e) => {
              e.preventDefault();
              void cook();
            }}
          >
            <h2>Which fish?</h2>
            <ul className="choose-packs">
              {waiting.map((f) => (
                <OneFish
                  key={f.id}
                  f={f}
                  on={f.id === chosen}
                  onChoose={() => (setChosen(f.id), setTyped(null), setTrouble(null))}
                />
              ))}
            </ul>
            <Chips
              label="It goes in"
              options={FIRE_FORMS.map((value) => ({ value, text: FORM_WORDS[value] }))}
              value={form}
              onChange={(f) => (setForm(f), setTyped(null))}
            />
            <Quantity label="About" amount="mass" value={grams} onChange={setTyped} />
            <p>
              <small>Estimated from its weight or length; no scale is needed.</small>
            </p>
            <Trouble says={trouble} />
            <div className="keys">
              <DeckKey act type="submit" name="Choose the way" note="then into the fire" />
            </div>
          </form>
        )}
      </Row>
    </Page>
  );
}

/** A fish that may be chosen: what it is, how long and heavy. */
function OneFish({ f, on, onChoose }: { f: FishState; on: boolean; onChoose: () => void }) {
  const { byId } = useCatalogue();
  const names = useNames();
  const s = byId(f.species);
  const g = estimateG(f, s, 'whole');
  return (
    <li className={on ? 'chosen' : undefined}>
      <label className="pl-1 gap-2.5 grid grid-cols-[30px_64px_minmax(0,1fr)] items-center min-h-14 cursor-pointer">
        <input type="radio" className="radio" name="fish" checked={on} onChange={onChoose} />
        <span className="icon">{s && <FigureView spec={s.figure} size={64} plain />}</span>
        <span className="name">
          <b>{sayFish(f, names)}</b>
          <small>
            {[f.length ? sayLength(f.length.mm) : null, g === null ? null : sayMass(g)]
              .filter((x) => x !== null)
              .join(', ') || 'not measured'}
          </small>
        </span>
      </label>
    </li>
  );
}
