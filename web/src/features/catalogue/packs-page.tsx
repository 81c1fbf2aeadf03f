import { FoldKey } from '../../ui/fold-key.tsx';
import { type Writing } from '@dagboek/journal';
import { MOST_BYTES, type Preview, writeTraitMatrix } from '@dagboek/catalogue';
import { useState } from 'react';
import { Link } from 'react-router';
import { useCatalogue } from '../../asked/catalogue.ts';
import { DeckKey } from '../../lines/deck-key.tsx';
import { plural } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { Page, Row } from '../../frame/page.tsx';
import { saveFile } from '../../ui/save-file.ts';
import { Trouble } from '../../ui/trouble.tsx';
import { ByHandForm } from './by-hand-form.tsx';
import { namesInUse, type OwnPack, ownPacks, takeBack, writingsOf } from './own-packs.ts';
import { PackPreview } from './pack-preview.tsx';
import { LineKey } from '../../ui/key.tsx';
import { useReading } from '../../offline/workers/reading.tsx';

/** What was just written, so that it can be taken back at once. */
interface Done {
  readonly says: string;
  readonly undo: readonly Writing[] | null;
}

/** Packs of species: those that ship, and one's own, read from a file or typed in, seen before they are written, and taken back. */
export function PacksPage() {
  const { all, shipped, traits, packs } = useCatalogue();
  const { book } = useBook();
  const { writeAll } = useWrite();
  const [preview, setPreview] = useState<Preview | null>(null);
  const [done, setDone] = useState<Done | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const own = ownPacks(book);
  const inUse = namesInUse(book);
  const reading = useReading('readPackFile');
  const [unread, setUnread] = useState<string | null>(null);
  const read = async (name: string, bytes: number, text: string): Promise<void> => {
    setDone(null);
    setTrouble(null);
    setUnread(null);
    setPreview(null);
    const known = {
      traits,
      shipped,
      own: own.flatMap((p) => p.species.map((s) => ({ pack: p.id, file: s.file }))),
      inUse,
    };
    try {
      setPreview(await reading.read({ name, bytes, text, known }));
    } catch (e) {
      setUnread((e as Error).message);
    }
  };
  const write = async (): Promise<void> => {
    if (!preview?.pack) return;
    const writings = writingsOf(preview, own);
    const r = await writeAll(writings);
    if (!r.ok) return setTrouble(r.why);
    const n = preview.changes.filter((c) => c.what !== 'same').length;
    setDone({
      says: `${plural(n, 'species', 'species')} of “${preview.pack.name}” written into the book. Taken back below, if it was not meant.`,
      undo: null,
    });
    setPreview(null);
  };
  const back = async (pack: OwnPack): Promise<void> => {
    setDone(null);
    const writings = takeBack(pack, inUse);
    if (typeof writings === 'string') return setTrouble(writings);
    const r = await writeAll(writings);
    if (!r.ok) return setTrouble(r.why);
    setTrouble(null);
    // Struck lines stand again when the same species are written anew.
    const undo = pack.species.map((s): Writing => ({
      kind: 'species.added',
      subject: s.state.id,
      facts: { pack: pack.id, packName: pack.name, species: s.file },
    }));
    setDone({
      says: `“${pack.name}” is taken back: ${plural(pack.species.length, 'species', 'species')} gone from the catalogue.`,
      undo,
    });
  };
  return (
    <Page
      title="Packs of species"
      first={{ label: 'Species', value: all.length }}
      cells={[
        { label: 'Catalogue', value: <Link to="/catalogue">All species</Link> },
        { label: 'Packs', value: `${packs.length} ship, ${own.length} of your own` },
      ]}
    >
      <Row className="pad">
        <h2>Packs that ship</h2>
        <p className="hint">They are never overwritten. Yours stand beside them.</p>
        <ul className="plain-list">
          {packs.map((p) => {
            const species = shipped.filter((s) => s.pack === p.id);
            return (
              <li className="flex flex-wrap gap-y-1 gap-x-3.5 items-center" key={p.id}>
                <span className="flex-1 min-w-55">
                  <b>{p.name}</b>, {plural(species.length, 'species', 'species')}
                  <small>{p.about}</small>
                </span>
                <LineKey
                  aria-label={`Save the traits of ${p.name} as CSV`}
                  onClick={() => saveFile(`${p.id}-traits.csv`, writeTraitMatrix(species, traits), 'text/csv')}
                >
                  Traits as CSV
                </LineKey>
              </li>
            );
          })}
        </ul>
      </Row>
      <Row className="pad ruled">
        <h2>Your own</h2>
        {own.length === 0 && <p>None yet. Read a pack someone gave you, or write down a species by hand.</p>}
        <ul className="plain-list">
          {own.map((p) => (
            <li className="flex flex-wrap gap-y-1 gap-x-3.5 items-center" key={p.id}>
              <span className="flex-1 min-w-55">
                <b>{p.name}</b>
                <small>
                  {p.species.map((s, i) => (
                    <span key={s.file.id}>
                      {i > 0 && ', '}
                      <Link to={`/catalogue/${s.file.id}`}>{s.file.name}</Link>
                      {inUse[s.file.id] ? ` (${inUse[s.file.id]} in the log)` : ''}
                    </span>
                  ))}
                </small>
              </span>
              <LineKey
                aria-label={`Save ${p.name} as a file`}
                onClick={() =>
                  saveFile(
                    `${p.id}.json`,
                    JSON.stringify(
                      {
                        id: p.id,
                        name: p.name,
                        about: `${p.name}, saved from the book.`,
                        species: p.species.map((s) => s.file),
                      },
                      null,
                      2,
                    ),
                    'application/json',
                  )
                }
              >
                Save as a file
              </LineKey>
              <LineKey aria-label={`Take ${p.name} back`} onClick={() => void back(p)}>
                Take it back
              </LineKey>
            </li>
          ))}
        </ul>
        <Trouble says={trouble} />
        {done && (
          <p className="alert alert-warning" role="status">
            {done.says}{' '}
            {done.undo && (
              <FoldKey
                onClick={() => void writeAll(done.undo ?? []).then((r) => (r.ok ? setDone(null) : setTrouble(r.why)))}
              >
                Let it stand again
              </FoldKey>
            )}
          </p>
        )}
      </Row>
      <Row className="pad ruled">
        <h2>Read a pack</h2>
        <p>
          JSON, a pack or a single species, in the form that <a href="/api/catalogue/schema">the schema</a> tells; or
          CSV, a line a species and a column a trait (save one of the above to see how). At most {MOST_BYTES / 1e6} MB.
          You see what would change before anything does.
        </p>
        <PackFile onRead={(name, bytes, text) => void read(name, bytes, text)} disabled={all.length === 0} />
        {reading.shown}
        <Trouble says={unread} />
        {preview && (
          <PackPreview preview={preview}>
            {preview.faults.length === 0 && (
              <div className="keys">
                {preview.changes.some((c) => c.what !== 'same') || preview.removed.length > 0 ? (
                  <DeckKey
                    act
                    name="Write it into the book"
                    note="and take it back any time"
                    onClick={() => void write()}
                  />
                ) : (
                  <p>All of it is in the book already.</p>
                )}
                <DeckKey name="Cancel" note="nothing changes" onClick={() => setPreview(null)} />
              </div>
            )}
          </PackPreview>
        )}
      </Row>
      <Row className="pad ruled">
        <h2>One species by hand</h2>
        <ByHandForm onMade={(file) => void read('by hand.json', 0, JSON.stringify(file))} />
      </Row>
    </Page>
  );
}

function PackFile({
  onRead,
  disabled,
}: {
  onRead: (name: string, bytes: number, text: string) => void;
  disabled: boolean;
}) {
  return (
    <div className="field">
      <label htmlFor="pack-file">File of a pack</label>
      <input
        id="pack-file"
        type="file"
        className="file-input border-[1.5px] border-rule-2 w-full max-w-115 min-h-11 bg-paper-open"
        accept=".json,.csv,application/json,text/csv"
        disabled={disabled}
        onChange={(e) => {
          const input = e.target;
          const file = input.files?.[0];
          if (!file) return;
          // A file beyond the limit is refused by its size and never read.
          const text = file.size > MOST_BYTES ? Promise.resolve('') : file.text();
          void text.then((t) => {
            onRead(file.name, file.size, t);
            // So that the same file, mended, can be chosen again.
            input.value = '';
          });
        }}
      />
    </div>
  );
}
