import { type Method } from '@dagboek/core/cook';
import { DONENESS, looksOfWay } from '@dagboek/journal';
import { Quantity } from '../../asked/quantity.tsx';
import { DateTimeField } from '../../asked/when.tsx';
import { Chips, ManyChips, plain } from '../../ui/chips.tsx';
import { type useNewMeal } from './use-new-meal.ts';

/** Of a meal that is eaten already: when it was served, its readings, how done it was and what was seen. */
export function HowItWas({
  meal,
  atMs,
  setAt,
  pulled,
  setPulled,
  core,
  setCore,
  doneness,
  setDoneness,
  method,
  cues,
  setCues,
}: {
  meal: ReturnType<typeof useNewMeal>;
  atMs: number | null;
  setAt: (to: number | null) => void;
  pulled: string;
  setPulled: (to: string) => void;
  core: string;
  setCore: (to: string) => void;
  doneness: 'glassy' | 'just parts' | 'moist' | 'dry' | null;
  setDoneness: (to: 'glassy' | 'just parts' | 'moist' | 'dry' | null) => void;
  method: Method;
  cues: string[];
  setCues: (to: string[]) => void;
}) {
  return (
    <>
      <DateTimeField key={meal.zone} label="Served" valueMs={atMs} onChange={setAt} />
      <div className="measure-row">
        <Quantity label="Taken off at" amount="temperature" value={pulled} onChange={setPulled} />
        <Quantity label="Core temperature (optional)" amount="temperature" value={core} onChange={setCore} />
      </div>
      <Chips label="How done was it?" options={plain(DONENESS)} value={doneness} onChange={setDoneness} />
      <ManyChips label="Seen" options={plain(looksOfWay(method, meal.main))} values={cues} onChange={setCues} />
    </>
  );
}
