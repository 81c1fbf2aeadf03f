import { massBalance, routeOf, stageName } from '@dagboek/core/cut';
import { byproductCaution, byproductPoison, FOR_ANIMALS } from '@dagboek/core/harm';
import { BYPRODUCT_USES, type CutState, foundOnCuts, offalOf, weighingsOf } from '@dagboek/journal';
import { useState } from 'react';
import { type Species } from '../../asked/catalogue.ts';
import { useRules } from '../../asked/names.ts';
import { FoundNote } from '../../fish/found-note.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { FindForm } from './find-form.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { Chips, plain } from '../../ui/chips.tsx';
import { Key } from '../../ui/key.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { useNow } from '../../ui/use-now.ts';
import { asTyped, sayGrams, typedAmount, units } from '../../asked/units.ts';
import { TextField } from '../../ui/text-field.tsx';

const PARTS = [
  'frame and head',
  'frame',
  'head',
  'cheeks',
  'throat',
  'belly',
  'roe',
  'milt',
  'liver',
  'skin',
  'trimmings',
  'guts',
];
/** What is to be known of where a part goes. */
const USE_NOTES: Readonly<Partial<Record<(typeof BYPRODUCT_USES)[number], string>>> = {
  stock: 'For stock: remove gills and bloody parts first, or it turns bitter and grey.',
  'the water': 'Not in a harbour, off a bathing beach or in a lake.',
  animals: 'No cooked bones, nothing salted, and no part of a fish that must not be eaten.',
};

/** What the rules say of guts in the water: here as a prohibition, of other waters as a hint; without rules, to ask. */
function OffalNote({ offal }: { offal: ReturnType<typeof offalOf> }) {
  if (!offal) return <p className="hint">The rules of these waters are not known: ask the local authority first.</p>;
  return (
    <>
      {offal.here.map((r) => (
        <p key={r.id} className="alert alert-warning">
          <b>Not here.</b> {r.sentence} <small>{r.source}</small>
        </p>
      ))}
      {offal.elsewhere.map((r) => (
        <p key={r.id} className="hint">
          {r.sentence}
        </p>
      ))}
    </>
  );
}

/** Parts beside the meat: what, how much, what for; and what was found inside. */
export function Byproducts({ cut, species }: { cut: CutState; species: Species | null }) {
  const { write } = useUndoWrite();
  const { book } = useBook();
  const offal = offalOf({ book, rules: useRules(), nowMs: useNow() }, cut.fish);
  const [what, setWhat] = useState('frame and head');
  const caution = byproductCaution(what, species);
  const poison = byproductPoison(what, species);
  const [grams, setGrams] = useState('');
  const [use, setUse] = useState<(typeof BYPRODUCT_USES)[number]>('stock');
  const [found, setFound] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const add = async (): Promise<void> => {
    const read = typedAmount('mass', grams);
    if (!read || Number.isNaN(read.value))
      return setTrouble(`Give the weight of the by-product, for example ${sayGrams(120)}.`);
    const massG = read.value;
    const w = weighingsOf(cut);
    const balance = massBalance(
      { ...w, byproducts: { ...w.byproducts, [what]: (w.byproducts[what] ?? 0) + massG } },
      (s) => stageName(routeOf(cut.route), s),
      units,
    );
    if (!balance.ok) return setTrouble(balance.why);
    const r = await write('cut.byproduct', cut.id, { what: what.trim(), massG, use, ...asTyped({ massG: read }) });
    setTrouble(r.ok ? null : r.why);
    if (r.ok) setGrams('');
  };
  const note = async (): Promise<void> => {
    const r = await write('cut.found', cut.id, { text: found.trim() });
    setTrouble(r.ok ? null : r.why);
    if (r.ok) setFound('');
  };
  return (
    <>
      <h2>Found inside</h2>
      <FindForm cut={cut} />
      <FoundNote of={species?.name ?? 'It'} found={foundOnCuts([cut])} />
      <h2 className="mt-4.5">What happens to the rest</h2>
      <div className="by-row">
        <TextField label="What" id="what" list="parts" value={what} onChange={(e) => setWhat(e.target.value)}>
          <datalist id="parts">
            {PARTS.map((p) => (
              <option key={p} value={p} />
            ))}
          </datalist>
        </TextField>
        <Quantity label="Weight" amount="mass" value={grams} onChange={setGrams} />
        <Chips label="For" options={plain(BYPRODUCT_USES)} value={use} onChange={setUse} />
        <Key onClick={() => void add()} name="Add the part" />
      </div>
      <div className="by-row">
        <TextField label="Anything else" grow id="found" value={found} onChange={(e) => setFound(e.target.value)} />
        <Key onClick={() => void note()} name="Note it" />
      </div>
      {USE_NOTES[use] && <p className="hint">{USE_NOTES[use]}</p>}
      {use === 'the water' && <OffalNote offal={offal} />}
      {use === 'animals' && <p className="alert alert-warning">{poison ?? FOR_ANIMALS}</p>}
      {caution && (
        <p className="alert alert-warning" role="status">
          {caution}
        </p>
      )}
      <Trouble says={trouble} />
    </>
  );
}
