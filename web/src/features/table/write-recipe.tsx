import { METHODS } from '@dagboek/core/cook';
import {
  ALLERGENS,
  type Allergen,
  type Ingredient,
  readIngredient,
  type Recipe,
  recipeTrouble,
  type Step,
} from '@dagboek/core/recipes';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { newId, useWrite } from '../../asked/use-write.ts';
import { Page, Row } from '../../frame/page.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import { Chips, ManyChips, plain } from '../../ui/chips.tsx';
import { Key, LineKey } from '../../ui/key.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { typedNumber } from '../../ui/typed-number.ts';

/** A step as it is typed. */
interface Draft {
  readonly id: string;
  readonly name: string;
  readonly say: string;
  readonly minutes: string;
  readonly place: 'ring' | 'oven' | 'grill' | 'none';
  readonly hands: boolean;
  readonly takes: Step['takes'];
  readonly from: Step | null;
}

const PLACES = ['none', 'ring', 'oven', 'grill'] as const;
const draftOf = (s: Step): Draft => ({
  id: s.id,
  name: s.name,
  say: s.say,
  minutes: s.takes === 'minutes' ? String(s.minutes) : '',
  place: s.place ?? 'none',
  hands: s.hands,
  takes: s.takes,
  from: s,
});
/** "200 g flour", as `readIngredient` takes it, for so many plates. */
const lineOf = (i: Ingredient, plates: number): string => {
  if (i.amount === null) return i.name;
  const n = i.per === 'plate' ? i.amount * plates : i.per === 'fish' ? i.amount * plates * 1.6 : i.amount;
  const round = Math.round(n * 10) / 10;
  return i.unit === 'piece' ? `${round} ${i.name}` : `${round} ${i.unit} ${i.name}`;
};
const PLATES = 4;

/** Writes a recipe, or changes one: what goes in a line each, its steps in their order, each waiting for the one before. */
export function WriteRecipe({ from, onDone }: { from: Recipe | null; onDone: () => void }) {
  const { write } = useWrite();
  const navigate = useNavigate();
  const [name, setName] = useState(from?.name ?? '');
  const [says, setSays] = useState(from?.says ?? '');
  const [course, setCourse] = useState<Recipe['course']>(from?.course ?? 'fish');
  const [way, setWay] = useState(from?.method ?? 'pan');
  const [takes, setTakes] = useState(from ? from.ingredients.map((i) => lineOf(i, PLATES)).join('\n') : '');
  const [allergens, setAllergens] = useState<Allergen[]>([
    ...new Set(from?.ingredients.flatMap((i) => i.allergens) ?? []),
  ]);
  const [declared, setDeclared] = useState(from !== null && from.declared !== false);
  const [steps, setSteps] = useState<readonly Draft[]>(
    from?.steps.map(draftOf) ?? [
      { id: 's1', name: '', say: '', minutes: '5', place: 'none', hands: true, takes: 'minutes', from: null },
    ],
  );
  const [stands, setStands] = useState(from?.stands === null ? '' : String(from?.stands ?? 5));
  const [trouble, setTrouble] = useState<string | null>(null);
  // One of one's own is changed, any other becomes one; a second tap makes no second.
  const [own] = useState(newId);
  const id = from?.id.startsWith('0') ? from.id : own;
  const change = (id: string, to: Partial<Draft>): void =>
    setSteps(steps.map((s) => (s.id === id ? { ...s, ...to } : s)));
  const save = async (): Promise<void> => {
    const known = new Map(from?.ingredients.map((i) => [lineOf(i, PLATES), i]));
    const lines = takes
      .split('\n')
      .map((l) => l.trim())
      .filter(Boolean);
    const ingredients = lines.map((l) => known.get(l) ?? readIngredient(l, PLATES));
    // What is declared by hand stands with the first thing, so that it is not lost.
    const declared = new Set(ingredients.flatMap((i) => i.allergens));
    const more = allergens.filter((a) => !declared.has(a));
    const recipe: Recipe = {
      id,
      name: name.trim(),
      says: says.trim(),
      course,
      method: course === 'fish' ? way : null,
      from: course === 'fish' ? (from?.from ?? 'fish') : null,
      cuts: from?.cuts ?? (course === 'fish' ? ['fillet', 'portion'] : []),
      fat: from?.fat ?? 'either',
      ingredients: ingredients.map((x, i) => (i === 0 ? { ...x, allergens: [...x.allergens, ...more] } : x)),
      ...(declared ? {} : { declared: false as const }),
      steps: steps.map((s, i): Step => ({
        id: s.id,
        name: s.name.trim(),
        say: s.say.trim() || s.name.trim(),
        takes: s.takes,
        minutes: s.takes === 'minutes' ? (typedNumber(s.minutes) ?? Number.NaN) : 0,
        perPlate: s.from?.perPlate ?? 0,
        hands: s.hands,
        place: s.place === 'none' ? null : s.place,
        after: s.from && s.from.after?.every((a) => steps.slice(0, i).some((x) => x.id === a)) ? s.from.after : null,
        waits: s.from?.waits ?? null,
      })),
      stands: stands.trim() === '' ? null : (typedNumber(stands) ?? Number.NaN),
      spoils: from?.spoils ?? (course === 'fish' ? 4 : 1),
      leadsTo: from?.leadsTo ?? [],
    };
    const wrong = recipeTrouble(recipe);
    if (wrong) return setTrouble(wrong);
    const r = await write('recipe.written', id, { recipe: recipe as object as Record<string, unknown> });
    if (!r.ok) return setTrouble(r.why);
    onDone();
    void navigate(`/table/recipes/${id}`);
  };
  return (
    <Page
      title={from ? 'Change a recipe' : 'Write a recipe'}
      first={{ label: 'Steps', value: steps.length }}
      cells={[{ label: 'Dish', value: name || 'not named yet' }]}
    >
      <form
        onSubmit={(e) => {
          e.preventDefault();
          void save();
        }}
      >
        <Row className="pad question" time={<b className="q">1</b>}>
          <h2>What is it?</h2>
          <div className="field grow">
            <label htmlFor="r-name">Name of the dish</label>
            <input
              id="r-name"
              className="input"
              maxLength={80}
              value={name}
              onChange={(e) => setName(e.target.value)}
            />
          </div>
          <div className="field grow">
            <label htmlFor="r-says">In a sentence</label>
            <input
              id="r-says"
              className="input"
              maxLength={300}
              value={says}
              onChange={(e) => setSays(e.target.value)}
            />
          </div>
          <Chips
            label="It is"
            options={plain(['fish', 'side', 'sauce'] as const)}
            value={course}
            onChange={setCourse}
          />
          {course === 'fish' && (
            <div className="field">
              <label htmlFor="r-way">Its fish is</label>
              <select id="r-way" className="select" value={way} onChange={(e) => setWay(e.target.value)}>
                {METHODS.map((m) => (
                  <option key={m.id} value={m.id}>
                    {m.name}
                  </option>
                ))}
              </select>
            </div>
          )}
        </Row>
        <Row className="pad question" time={<b className="q">2</b>}>
          <h2>What goes in, for {PLATES} plates?</h2>
          <div className="field grow">
            <label htmlFor="r-takes">A line each: amount, unit, name</label>
            <textarea
              id="r-takes"
              className="textarea"
              rows={6}
              value={takes}
              placeholder={'60 g butter\n1 lemon\nsalt'}
              onChange={(e) => setTakes(e.target.value)}
            />
          </div>
          <ManyChips label="Must be declared" options={plain(ALLERGENS)} values={allergens} onChange={setAllergens} />
          <label className="check">
            <input
              type="checkbox"
              className="checkbox"
              checked={declared}
              onChange={(e) => setDeclared(e.target.checked)}
            />
            I have read what goes in, and all that must be declared is ticked.
          </label>
        </Row>
        <Row className="pad question" time={<b className="q">3</b>}>
          <h2>What is done?</h2>
          {steps.map((s, i) => (
            <fieldset key={s.id} className="border-0 py-2 px-0 mx-0 mt-2 mb-0 border-t border-rule-2">
              <legend>Step {i + 1}</legend>
              <div className="measure-row">
                <div className="field grow">
                  <label htmlFor={`n-${s.id}`}>Name</label>
                  <input
                    id={`n-${s.id}`}
                    className="input"
                    maxLength={80}
                    value={s.name}
                    onChange={(e) => change(s.id, { name: e.target.value })}
                  />
                </div>
                {s.takes === 'minutes' ? (
                  <Quantity
                    label="Minutes"
                    unit="min"
                    value={s.minutes}
                    onChange={(minutes) => change(s.id, { minutes })}
                  />
                ) : (
                  <p>{s.takes === 'cook' ? 'as long as the fish takes' : 'as long as it rests'}</p>
                )}
                <div className="field">
                  <label htmlFor={`p-${s.id}`}>Where</label>
                  <select
                    id={`p-${s.id}`}
                    className="select"
                    value={s.place}
                    onChange={(e) => change(s.id, { place: e.target.value as Draft['place'] })}
                  >
                    {PLACES.map((p) => (
                      <option key={p} value={p}>
                        {p === 'none' ? 'nowhere' : p}
                      </option>
                    ))}
                  </select>
                </div>
                <label className="gap-2 flex items-center min-h-11">
                  <input
                    type="checkbox"
                    className="checkbox"
                    checked={s.hands}
                    onChange={(e) => change(s.id, { hands: e.target.checked })}
                  />
                  by hand
                </label>
              </div>
              <div className="field grow">
                <label htmlFor={`s-${s.id}`}>What is done</label>
                <textarea
                  id={`s-${s.id}`}
                  className="textarea"
                  rows={2}
                  maxLength={600}
                  value={s.say}
                  onChange={(e) => change(s.id, { say: e.target.value })}
                />
              </div>
              {steps.length > 1 && (
                <LineKey
                  aria-label={`Leave out step ${i + 1}`}
                  onClick={() => setSteps(steps.filter((x) => x.id !== s.id))}
                >
                  leave it out
                </LineKey>
              )}
            </fieldset>
          ))}
          <div className="keys">
            <Key
              name="Another step"
              onClick={() =>
                setSteps([
                  ...steps,
                  {
                    id: `s${Date.now().toString(36)}`,
                    name: '',
                    say: '',
                    minutes: '5',
                    place: 'none',
                    hands: true,
                    takes: 'minutes',
                    from: null,
                  },
                ])
              }
            />
            {course === 'fish' && !steps.some((s) => s.takes === 'cook') && (
              <Key
                name="The fish in its fire"
                note="as long as it is reckoned"
                onClick={() =>
                  setSteps([
                    ...steps,
                    {
                      id: 'cook',
                      name: 'Cook the fish',
                      say: 'Until it is done.',
                      minutes: '',
                      place: 'ring',
                      hands: true,
                      takes: 'cook',
                      from: null,
                    },
                  ])
                }
              />
            )}
          </div>
          <Quantity
            label="Ready, it stands"
            unit="min"
            value={stands}
            placeholder="as long as it likes"
            onChange={setStands}
          />
          <Trouble says={trouble} />
          <div className="keys">
            <DeckKey act type="submit" name="Keep the recipe" note="on every device of the book" />
            <Key name="Leave it" onClick={() => (from ? onDone() : void navigate('/table/recipes'))} />
          </div>
        </Row>
      </form>
    </Page>
  );
}
