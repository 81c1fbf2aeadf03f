import {
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useDndContext,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { type BoxState, fishOnIce, type Layer, kilosOf, tripOfBox } from '@dagboek/journal';
import { useCatalogue } from '../../asked/catalogue.ts';
import { nowMs } from '../../ui/clock.ts';
import { plural } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { massParts, sayVolume } from '../../asked/units.ts';
import { useNow } from '../../ui/use-now.ts';
import { capital } from '../../ui/names-in-text.ts';
import { AstrayBox } from './astray-box.tsx';
import { BoxKnown } from './melt-test.tsx';
import { BoxSection } from './box-section.tsx';
import { TripNext } from '../../lines/trip-next.tsx';

/** The boxes now: those that hold something first, each as it is reckoned; then the empty ones. */
export function BoxPage() {
  const { book } = useBook();
  const { byId } = useCatalogue();
  // Drawn anew by the minute; what was noted a moment ago lies not in the future.
  const now = Math.max(useNow(60_000), nowMs());
  const lines = fishOnIce(book);
  // A box that is used no more still stands here while something lies in it.
  const boxes = book
    .allAny('box')
    .filter((b) => (book.stands(b) && b.retiredAt === null) || lines.some((f) => f.iced?.box === b.id));
  const known = new Set(boxes.map((b) => b.id));
  const astray = lines.filter((f) => !known.has(f.iced?.box ?? ''));
  const { kg } = kilosOf(lines, byId);
  const inUse = boxes.filter((b) => tripOfBox(book, b.id) !== null);
  const empty = boxes.filter((b) => !inUse.includes(b));
  return (
    <Page
      title="Box"
      first={{ label: 'Boxes', value: boxes.length }}
      cells={[
        { label: 'On ice', value: plural(book.countOnIce, 'fish', 'fish') },
        { label: 'Together', value: massParts(kg * 1000).join(' ') },
      ]}
    >
      <Carried boxes={boxes}>
        {inUse.map((b) => (
          <BoxSection key={b.id} box={b} boxes={boxes} now={now} />
        ))}
        {astray.length > 0 && <AstrayBox lines={astray} now={now} />}
        {inUse.length === 0 && astray.length === 0 && (
          <Row className="pad">
            <h2>Nothing lies on ice</h2>
            <p className="lead">
              This page calculates how cold every fish in a box is, and how long the ice lasts. A box is in use once a
              trip starts with it.
            </p>
            <TripNext />
          </Row>
        )}
        {empty.map((b) => (
          <EmptyBox key={b.id} box={b} />
        ))}
      </Carried>
    </Page>
  );
}

function EmptyBox({ box }: { box: BoxState }) {
  return (
    <section aria-label={box.name}>
      <Row className="pad box-head empty-box">
        <h2>
          {capital(box.name)} <small>{sayVolume(box.litres)}</small>
        </h2>
        <p>Empty. The box is in use once a trip starts with it, or a fish is put into it.</p>
        <BoxKnown box={box} />
      </Row>
    </section>
  );
}

/** While a fish is carried every box stands at hand, however far down the page it is. */
function OtherBoxes({ boxes }: { boxes: readonly BoxState[] }) {
  const { active } = useDndContext();
  return (
    <div className={`other-boxes${active ? ' open' : ''}`} aria-hidden={active ? undefined : true}>
      {boxes.map((b) => (
        <OtherBox key={b.id} box={b} open={active !== null} />
      ))}
    </div>
  );
}

function OtherBox({ box, open }: { box: BoxState; open: boolean }) {
  const { setNodeRef, isOver } = useDroppable({ id: `into ${box.id}`, data: { box: box.id } });
  return (
    <div ref={setNodeRef} className={isOver ? 'over' : undefined}>
      {open && (
        <>
          <b>{box.name}</b>
          <small>{sayVolume(box.litres)}</small>
        </>
      )}
    </div>
  );
}

/** So far a finger moves before it carries: less is a tap. */
const FAR_PX = 8;

/** Fish are carried to another layer or box by pointer, finger or keys; what was done stands in the log as a line. */
function Carried({ boxes, children }: { boxes: readonly BoxState[]; children: React.ReactNode }) {
  const { write } = useUndoWrite();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: FAR_PX } }),
    useSensor(KeyboardSensor),
  );
  const drop = ({ active, over }: DragEndEvent): void => {
    const fish = (active.data.current as { fish?: string } | undefined)?.fish;
    const to = over?.data.current as { box: string; layer?: Layer } | undefined;
    if (fish && to) void write('fish.moved', fish, { box: to.box, ...(to.layer ? { layer: to.layer } : {}) });
  };
  return (
    <DndContext sensors={sensors} onDragEnd={drop}>
      {children}
      {boxes.length > 1 && <OtherBoxes boxes={boxes} />}
    </DndContext>
  );
}
