import { useAsked } from '../../asked/asked.ts';
import { stamp } from '@dagboek/core/time';
import { heldPack, labelOf, type PackLabel, packsHeld } from '@dagboek/journal';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useNames } from '../../asked/names.ts';
import { plural, useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { useTitle } from '../../frame/page.tsx';
import { useAddressed } from '../../ui/use-addressed.ts';
import { useNow } from '../../ui/use-now.ts';
import { Key, KeyLink } from '../../ui/key.tsx';
import { LabelCard } from './label-card.tsx';

/** A sheet of A4 on its side, three by three. */
const ON_SHEET = 9;
/** What was packed in the last days is offered first. */
const LATELY_MS = 36 * 3_600_000;

/** Labels of packs, on a sheet or one by one, printed from the browser: black on white. */
export function LabelsPage() {
  useTitle('Labels');
  const { book } = useBook();
  const { byId } = useCatalogue();
  const names = useNames();
  const { day, zone } = useFormat();
  const now = useNow(60_000);
  const asked = useAsked(now);
  const today = day(stamp(now, zone));
  const held = packsHeld(asked).sort((a, b) => b.pack.number - a.pack.number);
  const lately = held.filter((h) => now - Date.parse(h.pack.storedAt) < LATELY_MS);
  const offered = (lately.length > 0 ? lately : held.slice(0, 1)).map((h) => h.pack.id).join(',');
  const [packs, setPacks] = useAddressed('packs', offered);
  const [one, setOne] = useAddressed('single');
  const [place, setPlace] = useAddressed('from');
  const ids = (packs ?? '').split(',').filter(Boolean);
  const single = one === '1';
  const from = Math.min(ON_SHEET, Math.max(1, Number(place) || 1));
  const choose = (id: string, on: boolean): void =>
    setPacks((before) => {
      const rest = (before ?? '').split(',').filter((x) => x !== '' && x !== id);
      return [...rest, ...(on ? [id] : [])].join(',');
    });
  const chosen = ids.flatMap((id) => {
    const pack = book.get('pack', id);
    const h = pack ? heldPack(asked, pack) : null;
    return h ? [labelOf(asked, h, names.species(h.pack.species))] : [];
  });
  const cells: (PackLabel | null)[] = single ? chosen : [...Array<null>(from - 1).fill(null), ...chosen];
  const sheets = single
    ? chosen.map((c) => [c])
    : Array.from({ length: Math.max(1, Math.ceil(cells.length / ON_SHEET)) }, (_, i) =>
        cells.slice(i * ON_SHEET, (i + 1) * ON_SHEET),
      );
  return (
    <div className="print-ground px-3 pt-4 pb-10 bg-[#d9d4c8] min-h-screen night:bg-paper print:p-0 print:bg-white max-tablet:px-0 max-tablet:pt-2 max-tablet:pb-17.5">
      <style>{`@page { size: ${single ? '99mm 68mm' : 'A4 landscape'}; margin: 0 }`}</style>
      <nav
        className="mx-auto mt-0 mb-3.5 gap-3 flex flex-wrap max-w-[210mm] items-center print:hidden! max-tablet:py-0 max-tablet:px-2"
        aria-label="Labels"
      >
        <Key
          act
          disabled={chosen.length === 0}
          onClick={() => window.print()}
          name="Print them"
          note={single ? `${plural(chosen.length, 'label')}, one a page` : plural(sheets.length, 'sheet')}
        />
        <KeyLink to="/larder" name="Back to the larder" />
        <label className="check gap-2 flex items-center min-h-11">
          <input
            type="checkbox"
            className="checkbox"
            checked={single}
            onChange={(e) => setOne(e.target.checked ? '1' : null)}
          />
          One label a page
        </label>
        {!single && (
          <label className="gap-2 flex items-center min-h-11 whitespace-nowrap">
            First free place{' '}
            <select className="select" value={from} onChange={(e) => setPlace(e.target.value)}>
              {Array.from({ length: ON_SHEET }, (_, i) => (
                <option key={i}>{i + 1}</option>
              ))}
            </select>
          </label>
        )}
        <details className="basis-full">
          <summary className="py-2.5 px-0 min-h-11 cursor-pointer">Which packs</summary>
          <div className="overflow-auto [columns:3_260px] max-h-[40vh]">
            {held.map((h) => (
              <label key={h.pack.id} className="check gap-2 flex items-center min-h-11">
                <input
                  type="checkbox"
                  className="checkbox"
                  checked={ids.includes(h.pack.id)}
                  onChange={(e) => choose(h.pack.id, e.target.checked)}
                />
                {h.number} {h.pack.what}
              </label>
            ))}
          </div>
        </details>
      </nav>
      <main
        tabIndex={0}
        aria-label="Labels"
        className="overflow-auto flex-1 flex flex-col min-w-0 text-black print:overflow-visible"
      >
        <h1 className="sr-only">Labels</h1>
        {chosen.length === 0 && (
          <p>
            {held.length === 0
              ? 'The larder is empty. Labels of its packs can be printed here.'
              : 'Choose the packs whose labels are to be printed.'}
          </p>
        )}
        <p className="hint print:hidden">
          {single
            ? 'For a label printer with labels of 99 by 68 mm, one a page.'
            : 'For any printer: A4 on its side, nine labels of 99 by 68 mm to cut apart, or a sheet of stickers.'}
        </p>
        {chosen.length > 0 &&
          sheets.map((sheet, s) => (
            <div key={s} className={single ? 'label-single' : 'label-sheet'}>
              {sheet.map((label, i) =>
                label ? (
                  <LabelCard
                    key={label.id}
                    label={label}
                    species={byId(book.getAny('pack', label.id)?.species ?? null)}
                    today={today}
                  />
                ) : (
                  <p
                    key={`gone-${i}`}
                    className="place-items-center border border-dashed border-[#bbb] grid text-[#555] print:invisible"
                  >
                    Peeled off already
                  </p>
                ),
              )}
            </div>
          ))}
      </main>
    </div>
  );
}
