import { doneToMeat, routeOf, WATER_ALLOWANCE } from '@dagboek/core/cut';
import { packCautions } from '@dagboek/core/harm';
import {
  formFacts,
  isBody,
  type PackForm,
  packName,
  wrapAdvice,
  type Wrapping,
  wrappingsFor,
} from '@dagboek/core/larder';
import { sayDate } from '@dagboek/core/time';
import {
  type CutState,
  type FactsOf,
  isNotToEat,
  nextPackNumber,
  nextPieces,
  packAsIf,
  packNumber,
  packTrouble,
  storesOf,
  type Writing,
} from '@dagboek/journal';
import { useMemo, useState } from 'react';
import { useAsked } from '../../asked/asked.ts';
import { type Species, useCatalogue } from '../../asked/catalogue.ts';
import { useCrew } from '../../asked/crew.ts';
import { useFormat } from '../../asked/format.ts';
import { asTyped, degrees, inField, sayGrams, typedAmount, units } from '../../asked/units.ts';
import { newId } from '../../asked/use-write.ts';
import { NotToEat } from '../../fish/not-to-eat.tsx';
import { Row } from '../../frame/page.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { nowMs } from '../../ui/clock.ts';
import { KeyLink } from '../../ui/key.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { typedNumber } from '../../ui/typed-number.ts';
import { useNow } from '../../ui/use-now.ts';
import { PackFields } from './pack-fields.tsx';
import { PacksMade } from './packs-made.tsx';
import { Portions } from './portions.tsx';

/** What is weighed changes no day, g. */
const SOME_G = 400;

/** What comes off the board goes into packs: how much, how wrapped, where; and until when it keeps. */
export function IntoPack({
  cut,
  species,
  pieces,
  known,
  open,
}: {
  cut: CutState;
  species: Species;
  pieces: number;
  /** What was known of the fish before the board, g. */
  known: number | null;
  open: boolean;
}) {
  const { book } = useBook();
  const { write } = useUndoWrite();
  const { byId } = useCatalogue();
  const { day, zone } = useFormat();
  const asked = useAsked(useNow(60_000));
  const packs = book.naming('pack', cut.id).sort((a, b) => a.number - b.number);
  const route = routeOf(cut.route);
  const { form } = route;
  const meat = cut.stages.trimmed ?? cut.stages.fillets ?? cut.stages.gutted;
  const inPacks = packs.filter((p) => formFacts(p.form).ofFlesh).reduce((g, p) => g + p.massG, 0);
  const left = meat ? Math.max(0, meat.massG - inPacks) : 0;
  const number = nextPackNumber(book);
  const last = packs.filter((p) => formFacts(p.form).plates !== 'none').at(-1);
  const heads = Math.max(1, useCrew().members.length);
  const [typed, setTyped] = useState<string | null>(null);
  const stores = storesOf(book);
  const [storeId, setStore] = useState<string | null>(null);
  const store = stores.find((s) => s.id === storeId) ?? stores[0]!;
  const { place } = store;
  const [wrapping, setWrapping] = useState<Wrapping | null>(null);
  const [kind, setKind] = useState<PackForm>(form);
  const [piecesText, setPieces] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const wrappings = wrappingsFor(place);
  const wrap = wrapping && wrappings.includes(wrapping) ? wrapping : place === 'fridge' ? 'cloth' : 'vacuum';
  const done = meat !== undefined && left < meat.massG * WATER_ALLOWANCE;
  const grams = typed ?? (left > 0 && !done ? inField('mass', Math.round(left)) : '');
  const stored = (massG: number, pieces: number, what: string): FactsOf<'pack.stored'> => ({
    number,
    what,
    species: species.id,
    form: kind,
    massG,
    pieces,
    wrapping: wrap,
    place,
    ...(store.own ? { store: store.id } : {}),
    fish: [...cut.fish],
    cut: cut.id,
  });
  // As it would be held: the same function as once it is written, in the store that it goes into.
  const asIf = useMemo(
    () => {
      const facts = stored(SOME_G, 1, 'as if') as object as Writing['facts'];
      const w: Writing = { kind: 'pack.stored', subject: newId(), facts };
      return packAsIf({ ...asked, nowMs: nowMs() }, w);
    },
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what `stored` says is made of these alone
    [book, byId, day, zone, cut.id, kind, wrap, store.id],
  );
  const advice = wrapAdvice(wrap, place, kind, !doneToMeat(cut.steps.map((s) => s.step)).includes('skin off'));
  const packG = typedAmount('mass', grams)?.value ?? 0;
  const usual = nextPieces(cut, packs, kind, pieces, done ? 0 : left, Number.isNaN(packG) ? left : packG);
  const typedPieces = typedNumber(piecesText);
  const count = typedPieces === null || Number.isNaN(typedPieces) ? usual : Math.max(1, Math.round(typedPieces));
  const counted = formFacts(kind).pieces === null ? null : count;
  const what = packName(species.name, kind, counted);
  const putBy = async (): Promise<void> => {
    const read = typedAmount('mass', grams, Math.round(left));
    if (!read || Number.isNaN(read.value))
      return setTrouble(`Give the weight of the pack, for example ${sayGrams(420)}.`);
    const massG = read.value;
    const trouble = packTrouble(cut, packs, kind, massG, known, units);
    if (trouble) return setTrouble(trouble);
    const r = await write('pack.stored', newId(), { ...stored(massG, count, what), ...asTyped({ massG: read }) });
    setTrouble(r.ok ? null : r.why);
    if (r.ok) {
      setTyped(null);
      setPieces('');
    }
  };
  if (!open && packs.length === 0) return null;
  return (
    <Row className="pad ruled">
      <h2>Into packs</h2>
      <PacksMade packs={packs} book={book} />
      {done && packs.length > 0 && <p>Everything is packed.</p>}
      {!done && left > 0 && !isBody(route.form) && (
        <Portions leftG={left} heads={heads} onTake={(g) => (setTyped(inField('mass', g)), setTrouble(null))} />
      )}
      <PackFields
        number={number}
        grams={grams}
        setTyped={setTyped}
        piecesText={piecesText}
        setPieces={setPieces}
        usual={usual}
        stores={stores}
        store={store}
        setStore={setStore}
        wrappings={wrappings}
        wrap={wrap}
        setWrapping={setWrapping}
        kind={kind}
        setKind={setKind}
      />
      <p className="hint">
        {what}.
        {asIf && !isNotToEat(asIf) && (
          <>
            {' '}
            Eat by <b>{sayDate(asIf.keeps.eatBy)}</b>; cautious limit {sayDate(asIf.keeps.careful)}, official{' '}
            {sayDate(asIf.keeps.authority)}.
          </>
        )}
      </p>
      {asIf && <NotToEat of={what} harm={asIf} />}
      {advice && <p className="hint">{advice}</p>}
      {packCautions({
        wrapping: wrap,
        form: kind,
        venomous: species.hazards.some((h) => h.kind === 'venomous'),
        species,
      }).map((c) => (
        <p key={c} className="alert alert-warning">
          {degrees(c)}
        </p>
      ))}
      <Trouble says={trouble} />
      <div className="keys">
        <DeckKey act={open && !done} name="Packed" note={`saved as pack ${number}`} onClick={() => void putBy()} />
        {last && (
          <KeyLink to={`/table/new?pack=${last.id}`} name="To the table" note={`with pack ${packNumber(book, last)}`} />
        )}
        {packs.length > 0 && (
          <KeyLink
            act={done}
            to="/larder"
            name="To the larder"
            note={done ? 'what is there, and eat-by days' : undefined}
          />
        )}
      </div>
    </Row>
  );
}
