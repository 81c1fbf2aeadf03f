import { type Walls, WALLS } from '@dagboek/core/box';
import type { OwnPlace } from '@dagboek/core/rules';
import { NO_PACK } from '@dagboek/core/rules';
import { GROUNDS } from '@dagboek/core/species';
import { type BookState, type Kind, type Logged, standingLine, type SubjectState } from '@dagboek/journal';
import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { DeckKey } from '../../lines/deck-key.tsx';
import { CorrectDialog } from '../../lines/correct-dialog.tsx';
import { LogLines } from '../../lines/log-lines.tsx';
import { plural } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { newId, useWrite, type WriteResult } from '../../asked/use-write.ts';
import { Page, Row } from '../../frame/page.tsx';
import { Chips, ManyChips, plain } from '../../ui/chips.tsx';
import { Quantity } from '../../asked/quantity.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { asTyped, sayVolume, typedAmount } from '../../asked/units.ts';
import { LineKey } from '../../ui/key.tsx';
import { TextField } from '../../ui/text-field.tsx';

/** People, boxes and places of the book: added, renamed, retired and brought back. Nothing of theirs is lost. */
export function CrewPage() {
  const { book } = useBook();
  const opened = book.all('book')[0] ?? null;
  const members = book.allAny('member').sort((a, b) => Date.parse(a.joinedAt) - Date.parse(b.joinedAt));
  const boxes = book.allAny('box').sort((a, b) => Date.parse(a.addedAt) - Date.parse(b.addedAt));
  const settings = [...(opened ? [opened] : []), ...members, ...boxes].flatMap((s) => s.log);
  return (
    <Page
      title="People, boxes and places"
      first={{ label: 'Book', value: 'Crew' }}
      cells={[
        { label: 'Title', value: opened?.name ?? 'not opened yet' },
        {
          label: 'People',
          value: plural(members.filter((m) => book.stands(m) && !m.leftAt).length, 'person', 'people'),
        },
        { label: 'Boxes', value: boxes.filter((b) => book.stands(b) && !b.retiredAt).length },
      ]}
    >
      <Row className="pad">
        <h2>People</h2>
        <p>
          Everyone who comes along, catches, cuts, cooks or eats. Ages and licences stand under{' '}
          <Link to="/all">All, Papers</Link>.
        </p>
        <ul className="plain-list crew-list">
          {members.map((m) => (
            <Thing
              key={m.id}
              state={m}
              name={m.name}
              more={m.role}
              begin="member.joined"
              retired={m.leftAt !== null}
              retire="member.left"
              words={{ retire: 'No longer comes', back: 'Comes again', gone: 'no longer comes' }}
            />
          ))}
        </ul>
        <AddPerson names={members.filter((m) => book.stands(m)).map((m) => m.name)} />
      </Row>
      <Row className="pad ruled">
        <h2>Boxes</h2>
        <ul className="plain-list crew-list">
          {boxes.map((b) => (
            <Thing
              key={b.id}
              state={b}
              name={b.name}
              more={[sayVolume(b.litres), ...(b.walls ? [b.walls] : [])].join(', ')}
              begin="box.added"
              retired={b.retiredAt !== null}
              retire="box.retired"
              words={{ retire: 'No longer used', back: 'Used again', gone: 'no longer used' }}
            />
          ))}
        </ul>
        <AddBox names={boxes.filter((b) => book.stands(b)).map((b) => b.name)} />
      </Row>
      {opened?.waters === NO_PACK && (
        <Row className="pad ruled">
          <Places opened={opened} />
        </Row>
      )}
      <Row className="pad ruled">
        <h2>Log of these</h2>
        <LogLines lines={settings} />
      </Row>
    </Page>
  );
}

/** One person or box: renamed by correcting its first line, retired by a line of its own that can be struck again. */
function Thing({
  state,
  name,
  more,
  begin,
  retire,
  retired,
  words,
}: {
  state: SubjectState;
  name: string;
  more: string;
  begin: Kind;
  retire: 'member.left' | 'box.retired';
  retired: boolean;
  words: { retire: string; back: string; gone: string };
}) {
  const { book } = useBook();
  const { write } = useWrite();
  const [editing, setEditing] = useState<Logged | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const told = (r: WriteResult): void => setTrouble(r.ok ? null : r.why);
  const line = standingLine(state, begin);
  const ended = standingLine(state, retire);
  const stands = book.stands(state);
  return (
    <li className={stands ? undefined : 'struck-row'}>
      <span className="name in-[.struck-row]:line-through in-[.struck-row]:text-ink-3">
        <b>{name}</b>{' '}
        <small>{[more, !stands ? 'crossed out' : retired ? words.gone : ''].filter(Boolean).join(', ')}</small>
      </span>
      <span className="line-keys">
        {stands && line && (
          <LineKey aria-label={`Rename ${name}`} onClick={() => setEditing(line)}>
            Rename
          </LineKey>
        )}
        {stands && !retired && (
          <LineKey aria-label={`${words.retire}: ${name}`} onClick={() => void write(retire, state.id, {}).then(told)}>
            {words.retire}
          </LineKey>
        )}
        {stands && retired && ended && (
          <LineKey
            aria-label={`${words.back}: ${name}`}
            onClick={() => void write('log.struck', state.id, {}, { strikes: ended.first.id }).then(told)}
          >
            {words.back}
          </LineKey>
        )}
      </span>
      <Trouble says={trouble} />
      {editing && <CorrectDialog line={editing} onClose={() => setEditing(null)} />}
    </li>
  );
}

const taken = (names: readonly string[], name: string): boolean =>
  names.some((n) => n.trim().toLowerCase() === name.trim().toLowerCase());

function AddForm({ children, onAdd, trouble }: { children: ReactNode; onAdd: () => void; trouble: string | null }) {
  return (
    <form
      className="by-row"
      onSubmit={(e) => {
        e.preventDefault();
        onAdd();
      }}
    >
      {children}
      <Trouble says={trouble} />
    </form>
  );
}

function AddPerson({ names }: { names: readonly string[] }) {
  const { write } = useWrite();
  const [name, setName] = useState('');
  const [role, setRole] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const add = async (): Promise<void> => {
    if (taken(names, name)) return setTrouble('Someone already has this name. Add a letter to one of them.');
    const r = await write('member.joined', newId(), {
      name: name.trim(),
      ...(role.trim() ? { role: role.trim() } : {}),
    });
    setTrouble(r.ok ? null : r.why);
    if (!r.ok) return;
    setName((now) => (now === name ? '' : now));
    setRole('');
  };
  return (
    <AddForm onAdd={() => void add()} trouble={trouble}>
      <TextField
        label="Another person"
        grow
        id="new-person"
        maxLength={60}
        value={name}
        onChange={(e) => setName(e.target.value)}
      />
      <TextField
        label="Usual job (optional)"
        grow
        id="new-role"
        maxLength={120}
        value={role}
        onChange={(e) => setRole(e.target.value)}
      />
      <DeckKey type="submit" name="Add the person" />
    </AddForm>
  );
}

function AddBox({ names }: { names: readonly string[] }) {
  const { write } = useWrite();
  const [name, setName] = useState('');
  const [litres, setLitres] = useState('');
  const [walls, setWalls] = useState<Walls | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const add = async (): Promise<void> => {
    if (taken(names, name)) return setTrouble('A box already has this name.');
    const l = typedAmount('volume', litres);
    if (!l || Number.isNaN(l.value)) return setTrouble(`Enter how much it holds, such as ${sayVolume(52)}.`);
    const r = await write('box.added', newId(), {
      name: name.trim(),
      litres: l.value,
      ...(walls ? { walls } : {}),
      ...asTyped({ litres: l }),
    });
    setTrouble(r.ok ? null : r.why);
    if (!r.ok) return;
    setName((now) => (now === name ? '' : now));
    setLitres('');
    setWalls(null);
  };
  return (
    <AddForm onAdd={() => void add()} trouble={trouble}>
      <TextField
        label="Another box"
        grow
        id="new-box"
        maxLength={60}
        value={name}
        onChange={(e) => setName(e.target.value)}
      />
      <Quantity label="Holds" amount="volume" value={litres} onChange={setLitres} />
      <Chips label="Walls" options={plain(WALLS)} value={walls} onChange={setWalls} />
      <DeckKey type="submit" name="Add the box" />
    </AddForm>
  );
}

/** Places of a book without a rule pack, each with its kinds of ground: from them follows what is likely there. */
function Places({ opened }: { opened: BookState }) {
  const { amend } = useWrite();
  const [name, setName] = useState('');
  const [grounds, setGrounds] = useState<string[]>([]);
  const [trouble, setTrouble] = useState<string | null>(null);
  const set = async (places: readonly OwnPlace[], because: string): Promise<boolean> => {
    const all = places.map((p) => ({ ...p, grounds: [...p.grounds] }));
    const r = await amend(opened, 'book.opened', { places: all }, { because });
    setTrouble(r.ok ? null : r.why);
    return r.ok;
  };
  const add = async (): Promise<void> => {
    const n = name.trim();
    if (n === '') return setTrouble('Enter a name for the place.');
    if (
      taken(
        opened.places.map((p) => p.name),
        n,
      )
    )
      return setTrouble('A place already has this name.');
    if (await set([...opened.places, { id: newId(), name: n, grounds }], `a place: ${n}`)) {
      // What was typed meanwhile stays.
      setName((now) => (now === name ? '' : now));
      setGrounds((now) => (now === grounds ? [] : now));
    }
  };
  return (
    <>
      <h2>Places</h2>
      <p>Where you fish, in your own names. The kind of ground decides which species are likely.</p>
      <ul className="plain-list crew-list">
        {opened.places.map((p) => (
          <li key={p.id}>
            <span className="name">
              <b>{p.name}</b> <small>{p.grounds.map((g) => GROUNDS[g] ?? g).join(', ') || 'ground not given'}</small>
            </span>
            <LineKey
              aria-label={`Take ${p.name} off the list`}
              onClick={() =>
                void set(
                  opened.places.filter((x) => x.id !== p.id),
                  `no longer: ${p.name}`,
                )
              }
            >
              Take off
            </LineKey>
          </li>
        ))}
      </ul>
      <AddForm onAdd={() => void add()} trouble={trouble}>
        <TextField
          label="Another place"
          grow
          id="new-place"
          maxLength={60}
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
        <ManyChips
          label="Ground"
          options={Object.entries(GROUNDS).map(([value, text]) => ({ value, text }))}
          values={grounds}
          onChange={setGrounds}
        />
        <DeckKey type="submit" name="Add the place" />
      </AddForm>
    </>
  );
}
