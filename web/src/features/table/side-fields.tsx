import type { Recipe } from '@dagboek/core/recipes';
import { useState } from 'react';
import { ManyChips } from '../../ui/chips.tsx';
import { LineKey } from '../../ui/key.tsx';

const COURSES = [
  { course: 'side', label: 'Sides', all: 'all sides' },
  { course: 'sauce', label: 'Sauces', all: 'all sauces' },
] as const;
/** So many stand there at first: on a phone more push the hour out of sight. */
const FIRST = 5;

/** What stands beside the fish: a few of each, the rest one tap away; what is chosen always in sight. */
export function SideFields({
  offered,
  values,
  onChange,
}: {
  offered: readonly Recipe[];
  values: readonly string[];
  onChange: (ids: string[]) => void;
}) {
  const [open, setOpen] = useState<readonly string[]>([]);
  return COURSES.map(({ course, label, all }) => {
    const of = offered.filter((r) => r.course === course);
    const shown = open.includes(course) ? of : of.filter((r, i) => i < FIRST || values.includes(r.id));
    return (
      <div key={course}>
        <ManyChips
          label={label}
          options={shown.map((r) => ({ value: r.id, text: r.name }))}
          values={values.filter((id) => of.some((r) => r.id === id))}
          onChange={(ids) => onChange([...values.filter((id) => !of.some((r) => r.id === id)), ...ids])}
        />
        {shown.length < of.length && (
          <LineKey onClick={() => setOpen([...open, course])}>
            {all}, {of.length}
          </LineKey>
        )}
      </div>
    );
  });
}
