import { KITCHENS_LIKE } from '@dagboek/core/cook';
import type { NamedKitchen } from '@dagboek/journal';
import { useState } from 'react';
import { useWrite } from '../../asked/use-write.ts';
import { Row } from '../../frame/page.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { Chips } from '../../ui/chips.tsx';
import { LineKey } from '../../ui/key.tsx';
import { TextField } from '../../ui/text-field.tsx';
import { Trouble } from '../../ui/trouble.tsx';

type Like = (typeof KITCHENS_LIKE)[number]['id'];

/** Which kitchen is shown; another one, begun from one like it; one that there is no more. */
export function WhichKitchen({
  kitchens,
  kitchen,
  onWhich,
}: {
  kitchens: readonly NamedKitchen[];
  kitchen: NamedKitchen;
  onWhich: (name: string) => void;
}) {
  const { book } = useBook();
  const { write } = useWrite();
  const { writeAll } = useUndoWrite();
  const own = book.all('book')[0];
  const [adds, setAdds] = useState(false);
  const [name, setName] = useState('');
  const [like, setLike] = useState<Like>('galley');
  const [trouble, setTrouble] = useState<string | null>(null);
  const add = async (): Promise<void> => {
    const called = name.trim();
    if (called === '') return setTrouble('Enter a name, such as on the boat.');
    if (kitchens.some((k) => k.name.toLowerCase() === called.toLowerCase()))
      return setTrouble('There is a kitchen of that name already.');
    if (!own) return;
    const { vessels, ...means } = KITCHENS_LIKE.find((k) => k.id === like)!.kitchen;
    const r = await write('book.kitchen', own.id, { name: called, means, vessels: [...vessels] });
    setTrouble(r.ok ? null : r.why);
    if (!r.ok) return;
    onWhich(called);
    setName('');
    setAdds(false);
  };
  const remove = async (): Promise<void> => {
    if (!own) return;
    const { hands, rings, ovens, grills, vessels } = kitchen;
    const facts = { name: kitchen.name, gone: true, means: { hands, rings, ovens, grills }, vessels: [...vessels] };
    const r = await writeAll([{ kind: 'book.kitchen', subject: own.id, facts }]);
    setTrouble(r.ok ? null : r.why);
    if (r.ok) onWhich('');
  };
  return (
    <Row className="pad">
      {kitchens.length > 1 && (
        <Chips
          label="Kitchen"
          options={kitchens.map((k) => ({ value: k.name, text: k.name || 'at home' }))}
          value={kitchen.name}
          onChange={onWhich}
        />
      )}
      <p className="flex flex-wrap gap-x-5">
        <LineKey aria-expanded={adds} onClick={() => setAdds(!adds)}>
          {adds ? 'Not now' : 'Another kitchen'}
        </LineKey>
        {kitchen.name && <LineKey onClick={() => void remove()}>Remove this kitchen</LineKey>}
      </p>
      {adds && (
        <form
          onSubmit={(e) => {
            e.preventDefault();
            void add();
          }}
        >
          <TextField
            label="Where it is"
            id="kitchen-name"
            maxLength={40}
            value={name}
            placeholder="on the boat"
            onChange={(e) => setName(e.target.value)}
          />
          <Chips
            label="Begin with"
            options={KITCHENS_LIKE.map((k) => ({ value: k.id, text: k.name }))}
            value={like}
            onChange={setLike}
          />
          <div className="keys">
            <DeckKey type="submit" name="Add this kitchen" note="change it below" />
          </div>
        </form>
      )}
      <Trouble says={trouble} />
    </Row>
  );
}
