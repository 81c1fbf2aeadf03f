import { MOST_BYTES, type Preview } from '@dagboek/catalogue';
import { useState } from 'react';
import { Link } from 'react-router';
import { useCatalogue } from '../../asked/catalogue.ts';
import { plural } from '../../asked/format.ts';
import { useWrite } from '../../asked/use-write.ts';
import { Page, Row } from '../../frame/page.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { useReading } from '../../offline/workers/reading.tsx';
import { FoldKey } from '../../ui/fold-key.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { ByHandForm } from './by-hand-form.tsx';
import { OwnPackLines } from './own-pack-lines.tsx';
import { namesInUse, ownPacks, writingsOf } from './own-packs.ts';
import type { PackDone } from './pack-done.ts';
import { PackPreview } from './pack-preview.tsx';
import { ShippedPackLines } from './shipped-pack-lines.tsx';

/** Packs of species: those that ship, and one's own, read from a file or typed in, seen before they are written, and taken back. */
export function PacksPage() {
  const { all, shipped, traits, packs } = useCatalogue();
  const { book } = useBook();
  const { writeAll } = useWrite();
  const [preview, setPreview] = useState<Preview | null>(null);
  const [done, setDone] = useState<PackDone | null>(null);
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
      says: `${plural(n, 'species', 'species')} of “${preview.pack.name}” written into the book. You can remove it again below.`,
      undo: null,
    });
    setPreview(null);
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
        <h2>Packs that come with Dagboek</h2>
        <p className="hint">They are never overwritten. Your own packs are added to them.</p>
        <ul className="plain-list">
          <ShippedPackLines packs={packs} shipped={shipped} traits={traits} />
        </ul>
      </Row>
      <Row className="pad ruled">
        <h2>Your own</h2>
        {own.length === 0 && <p>None yet. Read a pack someone gave you, or add a species by hand.</p>}
        <ul className="plain-list">
          <OwnPackLines own={own} inUse={inUse} setDone={setDone} setTrouble={setTrouble} writeAll={writeAll} />
        </ul>
        <Trouble says={trouble} />
        {done && (
          <p className="alert alert-warning" role="status">
            {done.says}{' '}
            {done.undo && (
              <FoldKey
                onClick={() => void writeAll(done.undo ?? []).then((r) => (r.ok ? setDone(null) : setTrouble(r.why)))}
              >
                Restore it
              </FoldKey>
            )}
          </p>
        )}
      </Row>
      <Row className="pad ruled">
        <h2>Read a pack</h2>
        <p>
          JSON, a pack or a single species, in the form that <a href="/api/catalogue/schema">the schema</a> tells; or
          CSV with one line for each species and one column for each trait (save one of the above as an example). At
          most {MOST_BYTES / 1e6} MB. You see all changes before they are saved.
        </p>
        <PackFile onRead={(name, bytes, text) => void read(name, bytes, text)} disabled={all.length === 0} />
        {reading.shown}
        <Trouble says={unread} />
        {preview && (
          <PackPreview preview={preview}>
            {preview.faults.length === 0 && (
              <div className="keys">
                {preview.changes.some((c) => c.what !== 'same') || preview.removed.length > 0 ? (
                  <DeckKey act name="Add it to the book" note="can be removed any time" onClick={() => void write()} />
                ) : (
                  <p>Everything in it is already in the book.</p>
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
