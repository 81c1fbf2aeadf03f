import { sayBag, type Rule, type SpeciesBrief } from '@dagboek/core/rules';
import { type Names } from '@dagboek/journal';
import { type Species } from '../../asked/catalogue.ts';
import { LENGTH_UNIT } from '../../asked/units.ts';
import { FigureView } from '../../fish/figure-view.tsx';
import { SIZES } from './size-kinds.ts';

/** The species that may be kept today: length, allowance, and what else is set. */
export function OpenTable({
  open,
  byId,
  names,
  sizes,
  say,
}: {
  open: SpeciesBrief[];
  byId: (id: string | null | undefined) => Species | null;
  names: Names;
  sizes: (list: readonly Rule[]) => string;
  say: (r: Rule) => string;
}) {
  return (
    <table className="w-full border-collapse">
      <thead>
        <tr>
          <th scope="col">Species</th>
          <th scope="col">
            <span className="sr-only">Drawing</span>
          </th>
          <th scope="col">Length, {LENGTH_UNIT}</th>
          <th scope="col">Per person and day</th>
          <th scope="col">And</th>
        </tr>
      </thead>
      <tbody>
        {open.map((s) => {
          const figure = byId(s.speciesId)?.figure;
          const rest = s.rules.filter((r) => !SIZES.has(r.kind) && r.kind !== 'dailyBag');
          const group = s.rules.find((r) => r.kind === 'dailyBag' && r.species.length > 1);
          return (
            <tr key={s.speciesId} className="kept">
              <th className="font-bold" scope="row">
                {names.species(s.speciesId)}
              </th>
              <td className="print-fish">{figure && <FigureView spec={figure} size={64} plain />}</td>
              <td>{sizes(s.rules) || 'none set'}</td>
              <td>
                {sayBag(s.rules)}
                {group ? ', together with related species' : ''}
              </td>
              <td className="text-[13px]">{rest.map((r) => say(r).replace(/^[^:]*: /, '')).join(' ')}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
