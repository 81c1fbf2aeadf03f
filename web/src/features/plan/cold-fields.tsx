import { type BoxState } from '@dagboek/journal';
import { Quantity } from '../../asked/quantity.tsx';
import { inField, sayVolume } from '../../asked/units.ts';
import { type useSky } from '../../devices/sky.ts';
import { Chips } from '../../ui/chips.tsx';
import { LineKey } from '../../ui/key.tsx';

/** Which box, how much ice, how warm the water is, and the weather there now. */
export function ColdFields({
  boxes,
  box,
  setBox,
  ice,
  setIce,
  water,
  sky,
  setKept,
  draft,
  trouble,
}: {
  boxes: BoxState[];
  box: string | null;
  setBox: (to: string | null) => void;
  ice: string;
  setIce: (text: string) => void;
  water: string;
  sky: ReturnType<typeof useSky>;
  setKept: (v: { of: string; zone?: string; ice?: string; water?: string }) => void;
  draft: { of: string; zone?: string; ice?: string; water?: string };
  trouble: { field?: string; why: string } | null;
}) {
  const setWater = (text: string): void => setKept({ ...draft, water: text });
  const at = (f: string): string | null => (trouble?.field === f ? trouble.why : null);
  return (
    <>
      <Chips
        label="Box"
        options={boxes.map((b) => ({ value: b.id, text: `${b.name}, ${sayVolume(b.litres)}` }))}
        value={box}
        onChange={setBox}
      />
      <div className="measure-row">
        <Quantity label="Ice" amount="heavy" value={ice} onChange={setIce} error={at('iceKg')} />
        <Quantity
          label="Sea temperature (optional)"
          amount="temperature"
          value={water}
          onChange={setWater}
          error={at('waterC')}
        />
        {sky.reading && sky.water && (
          <LineKey onClick={() => setWater(inField('temperature', sky.reading?.weather.waterC ?? 0))}>
            {sky.water}, says the {sky.reading.simulated ? 'simulated ' : ''}source
          </LineKey>
        )}
      </div>
      {sky.weather && (
        <p className="hint">
          Weather there now: {sky.weather}.{sky.tide ? ` ${sky.tide}.` : ''}
          {sky.reading?.simulated ? ' Simulated, not a forecast.' : ''}
        </p>
      )}
    </>
  );
}
