import { sayAll, plural } from '../../asked/format.ts';
import { useDraggable, useDroppable } from '@dnd-kit/core';
import { type MenuDay, type MenuMeal, type MenuPart, type MenuWishes, sayEnough, whyThisDay } from '@dagboek/core/menu';
import { sayShortDate, weekday } from '@dagboek/core/time';
import { changeDay, FISH_ON_A_DAY, plannedDay } from '@dagboek/journal';
import { Lock, LockOpen } from 'lucide-react';
import { useId, useState } from 'react';
import { Link } from 'react-router';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useCrew } from '../../asked/crew.ts';
import { FigureView } from '../../fish/figure-view.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { Row } from '../../frame/page.tsx';
import { Chips, ManyChips } from '../../ui/chips.tsx';
import { sayGrams, units } from '../../asked/units.ts';
import { SelectField } from '../../ui/text-field.tsx';

const FISH_WORDS = { either: 'no preference', yes: 'fish', no: 'no fish' } as const;
const GUESTS = Array.from({ length: 13 }, (_, n) => n);

/** One day of the plan: its packs, why, for whom, and what is taken out of the freezer on it. */
export function MenuDayRow({
  day,
  days,
  meal,
  meals,
  wishes,
  method,
  outs,
  dim,
  open,
  onMove,
  onLock,
  onTrouble,
}: {
  day: MenuDay;
  days: readonly string[];
  meal: MenuMeal | null;
  meals: readonly MenuMeal[];
  wishes: MenuWishes;
  method: { readonly method: string; readonly why: string | null } | null;
  outs: readonly string[];
  /** It is being reckoned anew. */
  dim: boolean;
  /** Nothing is known of it yet: the first plan is being reckoned. */
  open: boolean;
  onMove: (pack: string, to: string) => void;
  onLock: (pack: string, on: string, locked: boolean) => void;
  onTrouble: (why: string | null) => void;
}) {
  const { setNodeRef, isOver } = useDroppable({ id: day.day, data: { day: day.day } });
  const name = weekday(day.day);
  return (
    <section ref={setNodeRef} aria-label={name} className={`menu-day${isOver ? ' over' : ''}${dim ? ' dim' : ''}`}>
      <Row
        className="line"
        time={
          <>
            <b className="font-bold text-[1.375rem] leading-[normal] font-head">{name.slice(0, 3)}</b>
            <span>{sayShortDate(day.day)}</span>
          </>
        }
      >
        <div className="px-0 pt-2.5 pb-1.5 w-full min-w-0">
          {meal && meal.parts.length > 0 ? (
            <>
              <ul className="menu-packs gap-1 list-none grid in-[.menu-day.dim]:opacity-55">
                {meal.parts.map((p) => (
                  <PackCard
                    key={p.pack.id}
                    part={p}
                    why={whyThisDay(wishes, meals, meal, p)}
                    day={day.day}
                    days={days}
                    onMove={onMove}
                    onLock={onLock}
                  />
                ))}
              </ul>
              <p className="py-1 px-0">
                {sayEnough(wishes, meal, units)}
                {method && (
                  <>
                    ; <b>{method.method}</b>
                    {method.why ? `: ${method.why}` : ''}
                  </>
                )}
                .{' '}
                <Link to={`/table/new?day=${day.day}&${meal.parts.map((p) => `pack=${p.pack.id}`).join('&')}`}>
                  To the table
                </Link>
              </p>
            </>
          ) : (
            <p className="py-1 px-0 text-ink-2">
              {open
                ? day.fish === 'no'
                  ? 'No fish, by choice.'
                  : 'Planning.'
                : meal
                  ? `Leftovers from the day before: ${sayGrams(meal.fromBeforeG)}.`
                  : day.fish === 'no'
                    ? 'No fish, by choice.'
                    : day.eaters.length + day.guests === 0
                      ? 'Nobody at home.'
                      : 'No fish needed today.'}
            </p>
          )}
          {outs.map((o) => (
            <p key={o} className="py-1 pr-0 pl-3.5 border-l-3 border-ink-2">
              {o}
            </p>
          ))}
          <WhoEats day={day} onTrouble={onTrouble} />
        </div>
      </Row>
    </section>
  );
}

/** A pack of a day: carried to another by pointer, finger or keys, or put there by the list. */
function PackCard({
  part,
  why,
  day,
  days,
  onMove,
  onLock,
}: {
  part: MenuPart;
  why: readonly string[];
  day: string;
  days: readonly string[];
  onMove: (pack: string, to: string) => void;
  onLock: (pack: string, on: string, locked: boolean) => void;
}) {
  const { byId } = useCatalogue();
  const { pack, meatG, locked } = part;
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
    id: `${day} ${pack.id}`,
    data: { pack: pack.id },
  });
  const id = useId();
  const s = byId(pack.species);
  return (
    <li className={`menu-pack${isDragging ? ' carried' : ''}`}>
      <div
        ref={setNodeRef}
        {...attributes}
        {...listeners}
        className="menu-grip"
        aria-label={`Pack ${pack.number}, ${pack.name}: carry to another day`}
        style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
      >
        <b className="font-bold text-[1.125rem] leading-[normal] font-text min-w-7.5">{pack.number}</b>
        {s && <FigureView spec={s.figure} size={56} plain />}
      </div>
      <div className="font-semibold leading-[1.2]">
        <Link to={`/larder/${pack.id}`}>{pack.name}</Link>, {sayGrams(meatG)}
        {meatG < pack.meatG - 1 ? ` of ${sayGrams(pack.meatG)}` : ''}
        {pack.meatG < pack.massG * 0.97 ? ' of meat' : ''}
        <small className="block font-normal">{why.join('; ')}</small>
      </div>
      <button
        type="button"
        className="size-12 place-items-center grid text-ink-2 aria-pressed:text-ink"
        aria-pressed={locked}
        aria-label={`Pack ${pack.number} stays on this day`}
        title={locked ? 'It stays on this day; tap to let the plan choose' : 'Keep it on this day'}
        onClick={() => onLock(pack.id, day, !locked)}
      >
        {locked ? <Lock size={18} aria-hidden="true" /> : <LockOpen size={18} aria-hidden="true" />}
      </button>
      <label htmlFor={id} className="sr-only">
        Day of pack {pack.number}
      </label>
      <select
        id={id}
        className="select max-[721px]:col-[2_/_4]"
        value={day}
        onChange={(e) => onMove(pack.id, e.target.value)}
      >
        {days.map((d) => (
          <option key={d} value={d}>
            {weekday(d).slice(0, 3)} {sayShortDate(d)}
          </option>
        ))}
      </select>
    </li>
  );
}

/** Who eats at home on a day, and whether it is to be fish. */
function WhoEats({ day, onTrouble }: { day: MenuDay; onTrouble: (why: string | null) => void }) {
  const { book } = useBook();
  const { writeAll } = useWrite();
  const { members } = useCrew();
  const [open, setOpen] = useState(false);
  const change = async (facts: Readonly<Record<string, unknown>>): Promise<void> => {
    const r = await writeAll([changeDay(book, day.day, facts)]);
    onTrouble(r.ok ? null : r.why);
  };
  const home = day.eaters.map((e) => e.id);
  const names = sayAll([...day.eaters.map((e) => e.name), ...(day.guests > 0 ? [plural(day.guests, 'guest')] : [])]);
  const said = plannedDay(book, day.day)?.home != null;
  return (
    <details open={open} onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="py-2.5 px-0 min-h-11 text-ink-2 cursor-pointer">
        {names === '' ? 'Nobody' : names}
        {' at home'}
        {day.fish === 'yes' ? '; fish is wished' : ''}
        {said ? '' : ' (as usual)'}
      </summary>
      {open && (
        <div className="by-row">
          <Chips
            label={`On ${weekday(day.day)}`}
            options={FISH_ON_A_DAY.map((value) => ({ value, text: FISH_WORDS[value] }))}
            value={day.fish}
            onChange={(fish) => void change({ fish })}
          />
          <ManyChips
            label="At home"
            options={members.map((m) => ({ value: m.id, text: m.name }))}
            values={home}
            onChange={(ids) => void change({ home: ids })}
          />
          <SelectField
            label="Guests"
            id={`guests-${day.day}`}
            value={day.guests}
            onChange={(e) => void change({ guests: Number(e.target.value) || undefined })}
          >
            {GUESTS.map((n) => (
              <option key={n} value={n}>
                {n === 0 ? 'none' : n}
              </option>
            ))}
          </SelectField>
        </div>
      )}
    </details>
  );
}
