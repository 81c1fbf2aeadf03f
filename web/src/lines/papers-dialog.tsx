import type { MemberState } from '@dagboek/journal';
import { useState } from 'react';
import { useRules } from '../asked/names.ts';
import { useWrite } from '../asked/use-write.ts';
import { Chips } from '../ui/chips.tsx';
import { Dialog } from '../ui/dialog.tsx';
import { Trouble } from '../ui/trouble.tsx';
import { DayField } from '../asked/when.tsx';
import { Key } from '../ui/key.tsx';

type Holds = 'holds it' | 'does not' | 'not said';

/** A person's papers: day of birth and licences, as the rules of these waters ask for them. Corrects the line of their joining. */
export function PapersDialog({ member, onClose }: { member: MemberState; onClose: () => void }) {
  const rules = useRules();
  const { amend } = useWrite();
  const asked = [
    ...new Set([
      ...(rules?.rules.flatMap((r) => (r.kind === 'licence' ? [r.licence] : [])) ?? []),
      ...(member.licences ?? []).map((l) => l.name),
    ]),
  ];
  const [born, setBorn] = useState(member.bornOn ?? '');
  const [held, setHeld] = useState<Readonly<Record<string, { holds: Holds; from: string; until: string }>>>(
    Object.fromEntries(
      asked.map((name) => {
        const l = member.licences?.filter((x) => x.name === name).at(-1);
        return [
          name,
          {
            holds: l ? 'holds it' : member.licences ? 'does not' : 'not said',
            from: l?.from ?? '',
            until: l?.until ?? '',
          },
        ];
      }),
    ),
  );
  const [trouble, setTrouble] = useState<string | null>(null);
  const save = async (): Promise<void> => {
    const list = Object.entries(held);
    const open = list.find(([, h]) => h.holds === 'holds it' && h.until === '');
    if (open) return setTrouble(`Enter the last day on which the ${open[0]} is valid.`);
    const said = list.some(([, h]) => h.holds !== 'not said');
    const licences = list
      .filter(([, h]) => h.holds === 'holds it')
      .map(([name, h]) => ({ name, until: h.until, ...(h.from ? { from: h.from } : {}) }));
    const r = await amend(
      member,
      'member.joined',
      { bornOn: born || undefined, licences: said ? licences : undefined },
      { because: 'papers' },
    );
    setTrouble(r.ok ? null : r.why);
    if (r.ok) onClose();
  };
  return (
    <Dialog title={`${member.name}: papers`} open onClose={onClose}>
      <p>Only what the rules ask for. It is stored in this book and shown on the officer’s sheet.</p>
      <DayField optional label="Day of birth, for rules by age" value={born} onChange={setBorn} />
      {asked.length === 0 && <p className="hint">The rules of these waters ask for no licence.</p>}
      {asked.map((name) => {
        const h = held[name] ?? { holds: 'not said' as const, from: '', until: '' };
        return (
          <div key={name}>
            <Chips
              label={name}
              options={(['holds it', 'does not', 'not said'] as const).map((value) => ({ value, text: value }))}
              value={h.holds}
              onChange={(holds) => setHeld({ ...held, [name]: { ...h, holds } })}
            />
            {h.holds === 'holds it' && (
              <div className="date-time mt-3 flex flex-wrap gap-y-2 gap-x-3 items-start">
                <DayField
                  optional
                  label={`First day of the ${name}, if it has one`}
                  value={h.from}
                  onChange={(from) => setHeld({ ...held, [name]: { ...h, from } })}
                />
                <DayField
                  label={`Last day of the ${name}`}
                  value={h.until}
                  onChange={(until) => setHeld({ ...held, [name]: { ...h, until } })}
                />
              </div>
            )}
          </div>
        );
      })}
      <Trouble says={trouble} />
      <div className="keys">
        <Key act onClick={() => void save()} name="Save the papers" />
      </div>
    </Dialog>
  );
}
