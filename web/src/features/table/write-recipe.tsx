import { METHODS } from '@dagboek/core/cook';
import { ALLERGENS, type Recipe, recipeTrouble } from '@dagboek/core/recipes';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { newId, useWrite } from '../../asked/use-write.ts';
import { Page, Row } from '../../frame/page.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import { Chips, ManyChips, plain } from '../../ui/chips.tsx';
import { Key } from '../../ui/key.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { SelectField, TextArea, TextField } from '../../ui/text-field.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import {
  cookStep,
  emptyStep,
  PLATES,
  type RecipeDraft,
  recipeDraft,
  recipeOf,
  type StepDraft,
} from './recipe-draft.ts';
import { RecipeStep } from './recipe-step.tsx';

/** Writes a recipe, or changes one: what goes in a line each, its steps in their order, each waiting for the one before. */
export function WriteRecipe({ from, onDone }: { from: Recipe | null; onDone: () => void }) {
  const { write } = useWrite();
  const navigate = useNavigate();
  const [d, setDraft] = useState(() => recipeDraft(from));
  const { steps, course } = d;
  const set = (to: Partial<RecipeDraft>): void => setDraft((was) => ({ ...was, ...to }));
  const add = (step: StepDraft): void => set({ steps: [...steps, step] });
  const [trouble, setTrouble] = useState<string | null>(null);
  // One of one's own is changed, any other becomes one; a second tap makes no second.
  const [own] = useState(newId);
  const id = from?.id.startsWith('0') ? from.id : own;
  const save = async (): Promise<void> => {
    const recipe = recipeOf(d, id, from);
    const wrong = recipeTrouble(recipe);
    if (wrong) return setTrouble(wrong);
    const r = await write('recipe.written', id, { recipe: recipe as object as Record<string, unknown> });
    if (!r.ok) return setTrouble(r.why);
    onDone();
    void navigate(`/table/recipes/${id}`);
  };
  return (
    <Page
      title={from ? 'Change the recipe' : 'Write a recipe'}
      first={{ label: 'Steps', value: steps.length }}
      cells={[{ label: 'Dish', value: d.name || 'not named yet' }]}
    >
      <form
        onSubmit={(e) => {
          e.preventDefault();
          void save();
        }}
      >
        <Row className="pad question" time={<b className="q">1</b>}>
          <h2>What is it?</h2>
          <TextField
            label="Name of the dish"
            grow
            id="r-name"
            maxLength={80}
            value={d.name}
            onChange={(e) => set({ name: e.target.value })}
          />
          <TextField
            label="In one sentence"
            grow
            id="r-says"
            maxLength={300}
            value={d.says}
            onChange={(e) => set({ says: e.target.value })}
          />
          <Chips
            label="It is"
            options={plain(['fish', 'side', 'sauce'] as const)}
            value={course}
            onChange={(to) => set({ course: to })}
          />
          {course === 'fish' && (
            <SelectField label="Fish" id="r-way" value={d.way} onChange={(e) => set({ way: e.target.value })}>
              {METHODS.map((m) => (
                <option key={m.id} value={m.id}>
                  {m.name}
                </option>
              ))}
            </SelectField>
          )}
        </Row>
        <Row className="pad question" time={<b className="q">2</b>}>
          <h2>What goes in, for {PLATES} plates?</h2>
          <TextArea
            label="One per line: amount, unit, name"
            grow
            id="r-takes"
            rows={6}
            value={d.takes}
            placeholder={'60 g butter\n1 lemon\nsalt'}
            onChange={(e) => set({ takes: e.target.value })}
          />
          <ManyChips
            label="Allergens"
            options={plain(ALLERGENS)}
            values={d.allergens}
            onChange={(to) => set({ allergens: to })}
          />
          <label className="check">
            <input
              type="checkbox"
              className="checkbox"
              checked={d.declared}
              onChange={(e) => set({ declared: e.target.checked })}
            />
            I have checked the ingredients, and all allergens are ticked.
          </label>
        </Row>
        <Row className="pad question" time={<b className="q">3</b>}>
          <h2>What is done?</h2>
          {steps.map((s, i) => (
            <RecipeStep
              key={s.id}
              step={s}
              number={i + 1}
              change={(to) => set({ steps: steps.map((x) => (x.id === s.id ? { ...x, ...to } : x)) })}
              leaveOut={steps.length > 1 ? () => set({ steps: steps.filter((x) => x.id !== s.id) }) : null}
            />
          ))}
          <div className="keys">
            <Key name="Another step" onClick={() => add(emptyStep(`s${Date.now().toString(36)}`))} />
            {course === 'fish' && !steps.some((s) => s.takes === 'cook') && (
              <Key name="Cooking the fish" note="as long as calculated" onClick={() => add(cookStep())} />
            )}
          </div>
          <Quantity
            label="Can wait"
            unit="min"
            value={d.stands}
            placeholder="as long as you like"
            onChange={(stands) => set({ stands })}
          />
          <Trouble says={trouble} />
          <div className="keys">
            <DeckKey act type="submit" name="Save the recipe" note="on all devices of this book" />
            <Key name="Leave it" onClick={() => (from ? onDone() : void navigate('/table/recipes'))} />
          </div>
        </Row>
      </form>
    </Page>
  );
}
