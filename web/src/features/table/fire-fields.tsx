import { type Method, type Setting } from '@dagboek/core/cook';
import type { ToBeCooked } from '@dagboek/journal';
import { Quantity } from '../../asked/quantity.tsx';
import { inField } from '../../asked/units.ts';

/** How thick the fish is, how hot the fire, how cold the fish, how much oil or water. */
export function FireFields({
  setting,
  main,
  setSetting,
  heat,
  usual,
}: {
  setting: Readonly<Partial<Record<'c' | 'amount' | 'mm' | 'start' | 'turns', string>>>;
  main: ToBeCooked;
  setSetting: (to: Readonly<Partial<Record<'c' | 'amount' | 'mm' | 'start' | 'turns', string>>>) => void;
  heat: NonNullable<Method['heat']>;
  usual: Setting;
}) {
  return (
    <div className="measure-row">
      <Quantity
        label="Thickest"
        unit="mm"
        whole
        value={setting.mm ?? ''}
        placeholder={String(main.thicknessMm)}
        onChange={(mm) => setSetting({ ...setting, mm })}
      />
      <Quantity
        label={`${heat.of.replace(/^the /, '').replace(/^./, (c) => c.toUpperCase())} at`}
        amount="temperature"
        value={setting.c ?? ''}
        placeholder={inField('temperature', usual.mediumC)}
        onChange={(c) => setSetting({ ...setting, c })}
      />
      <Quantity
        label="Fish starts at"
        amount="temperature"
        value={setting.start ?? ''}
        placeholder={inField('temperature', main.startC)}
        onChange={(start) => setSetting({ ...setting, start })}
      />
      {heat.amount && (
        <Quantity
          label={heat.amount.is === 'l' ? (heat.of === 'the oil' ? 'Oil' : 'Liquid') : 'Pan weighs'}
          unit={heat.amount.is}
          value={setting.amount ?? ''}
          placeholder={String(usual.amount)}
          onChange={(amount) => setSetting({ ...setting, amount })}
        />
      )}
    </div>
  );
}
