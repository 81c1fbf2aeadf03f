import { LENGTH_WORDS } from '@dagboek/core/rules';
import type { LengthKind, MeasureMethod } from '@dagboek/core/species';
import type { Species } from '../../asked/catalogue.ts';
import { Chips } from '../../ui/chips.tsx';
import { READ_OFF } from './read-off.ts';

const METHOD_WORDS: Record<MeasureMethod, string> = {
  board: 'board',
  mat: 'mat',
  tape: 'tape',
  photo: 'picture',
  eye: 'by eye',
};

/** With what it is measured, and which length. */
export function MeasureWays({
  method,
  setMethod,
  species,
  kind,
  setKind,
}: {
  method: MeasureMethod;
  setMethod: (to: MeasureMethod) => void;
  species: Species;
  kind: LengthKind;
  setKind: (to: LengthKind) => void;
}) {
  return (
    <div className="measure-chips">
      <Chips
        label="With"
        options={READ_OFF.map((value) => ({ value, text: METHOD_WORDS[value] }))}
        value={method}
        onChange={setMethod}
      />
      {species.lengthKinds.length > 1 && (
        <Chips
          label="Which length"
          options={species.lengthKinds.map((value) => ({
            value,
            text: LENGTH_WORDS[value].replace(' length', ''),
          }))}
          value={kind}
          onChange={setKind}
        />
      )}
    </div>
  );
}
