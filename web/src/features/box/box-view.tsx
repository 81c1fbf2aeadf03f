import { depthShare, thicknessShare } from '@dagboek/core/species';
import { type BoxNow, type Filling, type FishState, type Layer, LAYERS, type levelsIn } from '@dagboek/journal';
import { useDraggable, useDroppable } from '@dnd-kit/core';
import { type CSSProperties, useId } from 'react';
import { useCatalogue } from '../../asked/catalogue.ts';
import { sayFish, useNames } from '../../asked/names.ts';
import { sayTemperature } from '../../asked/units.ts';
import { figureOf, figureUrl } from '../../fish/figure-view.tsx';
import { BoxDrawing } from './box-drawing.tsx';
import { H, LID, W, WALL } from './drawn-size.ts';
import { type Laid, layFish } from './lay-fish.ts';

/** Fish are drawn up to this share of the box at least, however little ice is left. */
const FISH_SHARE = 0.48;
/** Boxes are longer than they are wide and high. */
const LONGER = 1.6;
/** A fish that was not measured is drawn so long, mm. */
const ANY_MM = 380;
/** So many can be carried by their number; the rest stand in the list. */
const MOST_IN_TRAY = 24;
/** A lot is drawn as so many at most. */
const MOST_OF_LOT = 3;

/** A fish in the box with what is known of it, for the drawing. */
export interface DrawnInBox {
  readonly fish: FishState;
  readonly number: string;
  readonly coreC: number | null;
  readonly cold: boolean;
  /** Over the clock of histamine, or near it. */
  readonly danger: boolean;
}

/** The box in elevation: ice, water and fish in layers to scale, each fish with its number and how cold it is inside. */
export function BoxView({
  filling,
  now,
  fish,
  more,
  levels,
  chosen,
  onChoose,
}: {
  filling: Filling;
  now: BoxNow;
  fish: readonly DrawnInBox[];
  /** How many lie in it besides. */
  more: number;
  levels: ReturnType<typeof levelsIn>;
  chosen: string | null;
  onChoose: (id: string) => void;
}) {
  const { byId } = useCatalogue();
  const names = useNames();
  const id = useId().replace(/\W/g, '');
  const { litres } = filling.box;
  const perL = H / litres;
  const longMm = 100 * Math.cbrt(litres / LONGER) * LONGER;
  const perMm = W / longMm;
  const [top, water] = [Math.min(H, levels.topL * perL), Math.min(H, levels.waterL * perL)];
  const drawn = fish.flatMap((f) =>
    Array.from({ length: Math.min(f.fish.count, MOST_OF_LOT) }, (_, i) => ({ f, id: `${f.fish.id} ${i}` })),
  );
  const { laid, leftOut } = layFish(
    drawn.map(({ f, id: key }) => {
      const s = byId(f.fish.species);
      const lengthMm = f.fish.length?.mm ?? ANY_MM;
      const depthMm = lengthMm * (s ? depthShare(s.shape) : 0.22);
      const thickMm = lengthMm * (s ? thicknessShare(s.shape) : 0.11);
      return { id: key, lengthMm, depthMm, thickMm, layer: f.fish.layer };
    }),
    { width: W, height: Math.max(40, Math.min(H, Math.max(top, fish.length > 0 ? H * FISH_SHARE : 0))), perMm },
  );
  const y0 = LID + H;
  const fishHeight = Math.max(40, Math.min(H, Math.max(top, fish.length > 0 ? H * FISH_SHARE : 0)));

  return (
    <div className="box-elevation">
      <div className="box-picture relative">
        <BoxDrawing
          id={id}
          water={water}
          y0={y0}
          now={now}
          top={top}
          levels={levels}
          litres={litres}
          filling={filling}
          fish={fish.length}
        />
        <div className="p-0 m-0 inset-0 pointer-events-none absolute list-none" aria-hidden="true">
          {laid.map((l) => {
            const spec = byId(drawn.find((d) => d.id === l.id)?.f.fish.species ?? null)?.figure;
            return (
              <span
                key={l.id}
                className={`in-box${chosen === null ? '' : l.id.startsWith(chosen) ? ' on' : ' off'}`}
                style={placed(l, fishHeight)}
              >
                {spec ? (
                  <img
                    src={figureUrl(figureOf(spec, { size: 220 }))}
                    alt=""
                    className={`drawn${l.flip ? ' flip' : ''}`}
                    draggable={false}
                  />
                ) : (
                  <span className="no-figure" />
                )}
                {l.id.endsWith(' 0') && (
                  <b className={`fish-no${l.flip ? ' flip' : ''}`}>{drawn.find((d) => d.id === l.id)?.f.number}</b>
                )}
              </span>
            );
          })}
        </div>
        {now.iceKg > 0.02 && (
          <svg
            viewBox={`0 0 ${ALL_W} ${ALL_H}`}
            className="inset-0 block w-full h-auto absolute opacity-38 pointer-events-none"
            aria-hidden="true"
          >
            <rect x={WALL + 1} y={y0 - top} width={W - 2} height={Math.max(1, top - 1)} fill={`url(#${id}i)`} />
          </svg>
        )}
        <LayerTargets box={filling.box.id} />
      </div>
      {leftOut + more > 0 && (
        <p className="text-cap text-ink-2">and {leftOut + more} more, which do not fit in the drawing</p>
      )}
      <ul className="p-0 mx-0 mt-2.5 mb-0 gap-2 flex flex-wrap list-none" aria-label="Fish in the box">
        {fish.slice(0, MOST_IN_TRAY).map((f) => (
          <Badge
            key={f.fish.id}
            drawn={f}
            name={sayFish(f.fish, names)}
            on={chosen === f.fish.id}
            onChoose={() => onChoose(f.fish.id)}
          />
        ))}
        {fish.length + more > MOST_IN_TRAY && (
          <li className="text-cap text-ink-2">and {fish.length + more - MOST_IN_TRAY} more, below</li>
        )}
      </ul>
    </div>
  );
}

const part = (n: number, of: number): string => `${(100 * n) / of}%`;
const [ALL_W, ALL_H] = [W + 2 * WALL, H + LID + WALL];

/** Where a fish can be laid: a third of the box each, seen only while one is carried. */
function LayerTargets({ box }: { box: string }) {
  return (
    <div
      className="inset-x-[6%] absolute top-[9%] aspect-[1.6] grid grid-rows-[repeat(3,1fr)] pointer-events-none"
      aria-hidden="true"
    >
      {[...LAYERS].reverse().map((layer) => (
        <LayerTarget key={layer} box={box} layer={layer} />
      ))}
    </div>
  );
}

function LayerTarget({ box, layer }: { box: string; layer: Layer }) {
  const { setNodeRef, isOver, active } = useDroppable({ id: `${box} ${layer}`, data: { box, layer } });
  return (
    <div ref={setNodeRef} className={`box-layer${active ? ' open' : ''}${isOver ? ' over' : ''}`}>
      {active && layer}
    </div>
  );
}

/** Where one lies in the drawing, in shares of it. */
const placed = (l: Laid, fishHeight: number): CSSProperties => ({
  left: part(l.x + WALL, ALL_W),
  top: part(l.y + LID + (H - fishHeight), ALL_H),
  width: part(l.length, ALL_W),
  height: part(l.depth, ALL_H),
});

/** The number of a fish and how cold it is inside, by which it is chosen and carried. */
function Badge({ drawn, name, on, onChoose }: { drawn: DrawnInBox; name: string; on: boolean; onChoose: () => void }) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
    id: drawn.fish.id,
    data: { fish: drawn.fish.id },
  });
  const degrees = drawn.coreC === null ? null : sayTemperature(Math.round(drawn.coreC * 2) / 2);
  const state = drawn.danger ? ' danger' : drawn.cold ? '' : ' warm';
  return (
    <li>
      <button
        ref={setNodeRef}
        type="button"
        className={`box-badge${state}${on ? ' on' : ''}${isDragging ? ' carried' : ''}`}
        style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
        {...listeners}
        {...attributes}
        aria-roledescription="fish that can be carried"
        aria-pressed={on}
        aria-label={`${drawn.number}, ${name}${degrees ? `, ${degrees} inside${drawn.cold ? '' : ', still warm'}` : ''}`}
        onClick={onChoose}
      >
        <b>{drawn.number}</b>
        <span>{name}</span>
        {degrees && <u className="no-underline font-bold in-[.box-badge.on]:text-inherit">{degrees}</u>}
      </button>
    </li>
  );
}
