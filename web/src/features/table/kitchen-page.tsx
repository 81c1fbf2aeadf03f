import { type Vessel, vesselTrouble } from '@dagboek/core/cook';
import { kitchenOf, kitchensOf } from '@dagboek/journal';
import { useState } from 'react';
import { Link } from 'react-router';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { newId, useWrite } from '../../asked/use-write.ts';
import { Page, Row } from '../../frame/page.tsx';
import { Chips, plain } from '../../ui/chips.tsx';
import { LineKey } from '../../ui/key.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { sayShortLength, typedAmount } from '../../asked/units.ts';
import { useKept } from '../../ui/use-kept.ts';
import { WhichKitchen } from './which-kitchen.tsx';
import { TextField } from '../../ui/text-field.tsx';

const COUNTS = {
  hands: { label: 'Cooks', options: ['1', '2', '3'] },
  rings: { label: 'Hob rings', options: ['0', '1', '2', '3', '4', '5'] },
  ovens: { label: 'Oven', options: ['0', '1', '2'] },
  grills: { label: 'Grill', options: ['0', '1'] },
} as const;
const USES = ['pan', 'pot', 'kettle', 'steamer', 'grill', 'tray'] as const;

/** What the kitchen has: how much may be done at once, and what fish is cooked in, measured inside. */
export function KitchenPage() {
  const { book } = useBook();
  const { write } = useWrite();
  const kitchens = kitchensOf(book);
  const [which, setWhich] = useKept('table.kitchen', '');
  const kitchen = kitchenOf(book, which);
  const own = book.all('book')[0];
  const [trouble, setTrouble] = useState<string | null>(null);
  const [name, setName] = useState('');
  const [use, setUse] = useState<(typeof USES)[number]>('pan');
  const [shape, setShape] = useState<'round' | 'oblong'>('round');
  const [long, setLong] = useState('');
  const [wide, setWide] = useState('');
  const [deep, setDeep] = useState('');
  const { hands, rings, ovens, grills } = kitchen;
  const keep = async (
    means: Partial<Record<keyof typeof COUNTS, number>>,
    vessels: readonly Vessel[],
  ): Promise<boolean> => {
    if (!own) return false;
    const r = await write('book.kitchen', own.id, {
      ...(kitchen.name ? { name: kitchen.name } : {}),
      means: { hands, rings, ovens, grills, ...means },
      vessels: [...vessels],
    });
    setTrouble(r.ok ? null : r.why);
    return r.ok;
  };
  const add = async (): Promise<void> => {
    const mm = (text: string): number => typedAmount('length', text)?.value ?? Number.NaN;
    const longMm = mm(long);
    const v: Vessel = {
      id: newId(),
      name: name.trim(),
      use,
      shape,
      longMm,
      wideMm: shape === 'round' ? longMm : mm(wide),
      deepMm: mm(deep),
    };
    const wrong = vesselTrouble(v);
    if (wrong) return setTrouble(wrong);
    if (await keep({}, [...kitchen.vessels, v])) for (const clear of [setName, setLong, setWide, setDeep]) clear('');
  };
  return (
    <Page
      title={kitchen.name ? `The kitchen, ${kitchen.name}` : 'The kitchen'}
      first={{ label: 'Pans and pots', value: kitchen.vessels.length }}
      cells={[{ label: 'At once', value: `${hands} at work, ${rings} rings` }]}
    >
      <WhichKitchen kitchens={kitchens} kitchen={kitchen} onWhich={setWhich} />
      <Row className="pad">
        <h2>What can be done at the same time</h2>
        {!kitchen.own && <p className="lead">A small kitchen ashore, until you enter your own.</p>}
        {(Object.keys(COUNTS) as (keyof typeof COUNTS)[]).map((k) => (
          <Chips
            key={k}
            label={COUNTS[k].label}
            options={plain<string>(COUNTS[k].options)}
            value={String(kitchen[k])}
            onChange={(n) => void keep({ [k]: Number(n) }, kitchen.vessels)}
          />
        ))}
      </Row>
      <Row className="pad">
        <h2>Pans, pots and grills</h2>
        <ul className="plain-list">
          {kitchen.vessels.map((v) => (
            <li className="border-b flex justify-between items-center min-h-12 border-rule" key={v.id}>
              <span>
                <b>{v.name}</b>{' '}
                <small>
                  {v.use}, {sayShortLength(v.longMm)}
                  {v.shape === 'round' ? ' across' : ` by ${sayShortLength(v.wideMm)}`}, {sayShortLength(v.deepMm)} deep
                </small>
              </span>
              <LineKey
                aria-label={`${v.name}: no longer used`}
                onClick={() =>
                  void keep(
                    {},
                    kitchen.vessels.filter((x) => x.id !== v.id),
                  )
                }
              >
                No longer used
              </LineKey>
            </li>
          ))}
        </ul>
        <form
          className="ruled"
          onSubmit={(e) => {
            e.preventDefault();
            void add();
          }}
        >
          <h3>Another</h3>
          <TextField
            label="Name"
            id="v-name"
            maxLength={60}
            value={name}
            placeholder="Iron pan"
            onChange={(e) => setName(e.target.value)}
          />
          <Chips label="Type" options={plain(USES)} value={use} onChange={setUse} />
          <Chips label="Shape" options={plain(['round', 'oblong'] as const)} value={shape} onChange={setShape} />
          <div className="measure-row">
            <Quantity
              label={shape === 'round' ? 'Across, inside' : 'Long, inside'}
              amount="length"
              value={long}
              onChange={setLong}
            />
            {shape === 'oblong' && <Quantity label="Wide, inside" amount="length" value={wide} onChange={setWide} />}
            <Quantity label="Deep" amount="length" value={deep} onChange={setDeep} />
          </div>
          <Trouble says={trouble} />
          <div className="keys">
            <DeckKey act type="submit" name="Add it" note="measured inside, at the bottom" />
          </div>
        </form>
        <p className="line-links">
          <Link to="/table/recipes">Recipes</Link> <Link to="/table/new">Cook a meal</Link>
        </p>
      </Row>
    </Page>
  );
}
