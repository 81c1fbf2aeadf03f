import { Title } from '../../ui/title.tsx';
import { methodOf } from '@dagboek/core/cook';
import { PLATE_G } from '@dagboek/core/plates';
import { sayAllergens, sayPortion, scaled, toJsonLd, writtenOut } from '@dagboek/core/recipes';
import { mindOf, recipeOf } from '@dagboek/journal';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { MissingPage } from '../../frame/missing-page.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { Page, Row } from '../../frame/page.tsx';
import { saveFile } from '../../ui/save-file.ts';
import { Key, KeyLink } from '../../ui/key.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { typedNumber } from '../../ui/typed-number.ts';
import { degrees, inField, typedAmount } from '../../asked/units.ts';
import { WriteRecipe } from './write-recipe.tsx';

/** One recipe: scaled to as much as there is, its steps, and where what is left goes. */
export function RecipePage() {
  const { id = '' } = useParams();
  const { book } = useBook();
  const { write } = useWrite();
  const navigate = useNavigate();
  const [changes, setChanges] = useState(false);
  const [plates, setPlates] = useState('4');
  const [fish, setFish] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const recipe = recipeOf(book, id);
  if (id === 'new' || changes)
    return <WriteRecipe from={id === 'new' ? null : recipe} onDone={() => setChanges(false)} />;
  if (!recipe) return <MissingPage />;
  const own = book.get('recipe', id);
  const heads = Math.min(200, Math.max(1, Math.round(typedNumber(plates) || 1)));
  const given = typedAmount('mass', fish)?.value;
  const amounts = { plates: heads, fishG: given !== undefined && given > 0 ? given : heads * PLATE_G };
  const method = methodOf(recipe.method ?? '');
  const mind = method ? mindOf(method, recipe.stages ?? []) : [];
  const allergens = sayAllergens([recipe]);
  return (
    <Page
      title={recipe.name}
      first={{ label: 'Plates', value: heads }}
      cells={[
        { label: 'Way', value: method?.name ?? 'beside it' },
        {
          label: 'For',
          value: recipe.from ? `${recipe.fat === 'either' ? 'any' : recipe.fat} ${recipe.from}` : 'any fish',
        },
      ]}
    >
      <div className="with-margin">
        <div>
          <Row className="pad">
            <Title>{recipe.name}</Title>
            <p className="lead">{recipe.says}</p>
            <div className="measure-row">
              <Quantity whole label="Plates" unit="" value={plates} onChange={setPlates} />
              {recipe.from && (
                <Quantity
                  label="Fish"
                  amount="mass"
                  value={fish}
                  placeholder={inField('mass', heads * PLATE_G)}
                  onChange={setFish}
                />
              )}
            </div>
          </Row>
          <Row className="pad">
            <h2>Takes</h2>
            <ul className="plain-list [columns:2] gap-x-7 max-tablet:grid-cols-[minmax(0,1fr)] max-tablet:[columns:1]">
              {scaled(recipe, amounts).map((p) => (
                <li className="py-1 px-0 border-b [break-inside:avoid] border-rule" key={p.name}>
                  {sayPortion(p)}
                </li>
              ))}
            </ul>
            {allergens && <p className={recipe.declared === false ? 'alert alert-warning' : undefined}>{allergens}</p>}
          </Row>
          {writtenOut(recipe).steps.map((s) => (
            <Row
              key={s.id}
              className="line"
              time={
                <>
                  <b>
                    {s.takes === 'minutes'
                      ? `${Math.round(s.minutes + s.perPlate * heads)} min`
                      : s.takes === 'cook'
                        ? 'by heat'
                        : 'rests'}
                  </b>
                  <span>{s.place ?? (s.hands ? 'hands' : 'by itself')}</span>
                </>
              }
            >
              <p className="py-2 px-0">
                <b>{s.name}</b> {degrees(s.say)}
              </p>
            </Row>
          ))}
          {mind.length > 0 && (
            <Row className="pad">
              <p className="alert alert-error">
                <b>Mind:</b> {degrees(mind.join(' '))}
              </p>
            </Row>
          )}
        </div>
        <aside className="margin">
          <div className="keys">
            {method && recipe.from === 'fish' && (
              <KeyLink
                act
                to={`/table/new?way=${encodeURIComponent(method.id)}&recipe=${encodeURIComponent(recipe.id)}`}
                name="Cook it"
                note="choose the packs"
              />
            )}
            <Key
              name="Save as a file"
              note="schema.org Recipe, for others to read"
              onClick={() =>
                saveFile(`${recipe.id}.json`, JSON.stringify(toJsonLd(recipe, amounts), null, 2), 'application/ld+json')
              }
            />
            <Key
              name={own ? 'Change it' : 'Add as your own'}
              note="your own words and amounts"
              onClick={() => setChanges(true)}
            />
            {own && !own.retired && (
              <DeckKey
                name="Hide the recipe"
                note="no longer offered"
                onClick={() =>
                  void write('recipe.retired', id, {}).then((r) =>
                    r.ok ? void navigate('/table/recipes') : setTrouble(r.why),
                  )
                }
              />
            )}
          </div>
          <Trouble says={trouble} />
          {recipe.leadsTo.length > 0 && (
            <>
              <h2 className="ruled">What is left</h2>
              <ul className="plain-list">
                {recipe.leadsTo.flatMap((to) => {
                  const next = recipeOf(book, to);
                  return next ? (
                    <li key={to}>
                      <Link to={`/table/recipes/${to}`}>{next.name}</Link>
                    </li>
                  ) : (
                    []
                  );
                })}
              </ul>
            </>
          )}
          {recipe.stands !== null && <p>Can wait {recipe.stands} min at most.</p>}
        </aside>
      </div>
    </Page>
  );
}
