import { methodOf } from '@dagboek/core/cook';
import { fromJsonLd, type Recipe } from '@dagboek/core/recipes';
import { recipesOf } from '@dagboek/journal';
import { useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { plural } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { newId, useWrite } from '../../asked/use-write.ts';
import { Page, Row } from '../../frame/page.tsx';
import { FileInput } from '../../ui/file-input.tsx';
import { Key, KeyLink } from '../../ui/key.tsx';
import { SearchField } from '../../ui/search-field.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { useAddressed } from '../../ui/use-addressed.ts';

const COURSES = { fish: 'Fish', side: 'Beside it', sauce: 'Sauces' } as const;
/** No recipe is longer, bytes. */
const MOST_BYTES = 400_000;

const finds = (r: Recipe, words: readonly string[]): boolean => {
  const all = [
    r.name,
    r.says,
    methodOf(r.method ?? '')?.name ?? '',
    r.fat,
    ...r.cuts,
    ...r.ingredients.map((i) => i.name),
  ]
    .join(' ')
    .toLowerCase();
  return words.every((w) => all.includes(w));
};

/** All recipes: those of one's own first. Read from a file of schema.org Recipe, or written. */
export function RecipesPage() {
  const { book } = useBook();
  const { write } = useWrite();
  const navigate = useNavigate();
  const [q, setAsked] = useAddressed('q');
  const asked = q ?? '';
  const file = useRef<HTMLInputElement>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const recipes = recipesOf(book);
  const words = asked.toLowerCase().split(/\s+/).filter(Boolean);
  const found = recipes.filter((r) => finds(r, words));
  const read = async (from: File): Promise<void> => {
    if (from.size > MOST_BYTES) return setTrouble('This file is too large for a recipe.');
    const id = newId();
    const r = fromJsonLd(await from.text(), id);
    if (!r.ok) return setTrouble(r.why);
    const wrote = await write('recipe.written', id, { recipe: r.recipe as object as Record<string, unknown> });
    if (wrote.ok) void navigate(`/table/recipes/${id}`);
    else setTrouble(wrote.why);
  };
  return (
    <Page
      title="Recipes"
      first={{ label: 'Recipes', value: recipes.length }}
      cells={[{ label: 'Of one’s own', value: book.all('recipe').filter((r) => !r.retired).length }]}
    >
      <div className="with-margin">
        <div>
          <Row className="pad">
            <h2>Recipes</h2>
            <SearchField
              label="Find a recipe"
              value={asked}
              onChange={setAsked}
              placeholder="roast whole, oily, fennel"
            />
            <p role="status">{words.length > 0 ? `${plural(found.length, 'recipe')} of ${recipes.length}.` : ''}</p>
          </Row>
          {(['fish', 'side', 'sauce'] as const).map((course) => {
            const list = found.filter((r) => r.course === course);
            if (list.length === 0) return null;
            return (
              <section key={course} aria-label={COURSES[course]}>
                <Row className="pad">
                  <h2>{COURSES[course]}</h2>
                </Row>
                {list.map((r) => (
                  <Row key={r.id} className="line">
                    <Link to={`/table/recipes/${r.id}`} className="as-row recipe-row">
                      <span className="name">
                        {r.name}
                        <small className="block font-normal">{r.says}</small>
                      </span>
                      <small>
                        {methodOf(r.method ?? '')?.name ?? ''}
                        {r.fat !== 'either' ? `, ${r.fat}` : ''}
                      </small>
                    </Link>
                  </Row>
                ))}
              </section>
            );
          })}
          {found.length === 0 && (
            <Row className="pad">
              <p>No recipe found.</p>
            </Row>
          )}
        </div>
        <aside className="margin">
          <div className="keys">
            <KeyLink to="/table/recipes/new" name="Write one" note="in your own words" />
          </div>
          <h2 className="ruled">Import a recipe</h2>
          <p>A file of schema.org Recipe (JSON-LD), as many websites and programs use.</p>
          <FileInput
            ref={file}
            label="Recipe file"
            accept=".json,.jsonld,application/ld+json"
            onFile={(f) => void read(f)}
          />
          <div className="keys">
            <Key name="Open a file" note="becomes your own recipe" onClick={() => file.current?.click()} />
          </div>
          <Trouble says={trouble} />
          <p className="line-links">
            <Link to="/table/kitchen">The kitchen</Link>
          </p>
        </aside>
      </div>
    </Page>
  );
}
