import type { FigureSpec } from './spec.ts';

/** One sentence for screen readers, made from the parts. */
export function describeFigure(spec: FigureSpec): string {
  const count = (on: 'dorsal' | 'anal'): number =>
      (spec.fins ?? []).filter((f) => f.on === on && !/spines|adipose/.test(f.name)).length,
    parts: string[] = [];
  const plural = (n: number, word: string): void =>
    void (
      n &&
      parts.push(
        `${n === 1 ? 'one' : n === 2 ? 'two' : n === 3 ? 'three' : n === 4 ? 'four' : n} ${word}${n > 1 ? 's' : ''}`,
      )
    );
  plural(count('dorsal'), 'dorsal fin');
  plural(count('anal'), 'anal fin');
  if (spec.fins?.some((f) => f.name === 'adipose fin')) parts.push('an adipose fin');
  if (spec.finlets) parts.push('finlets');
  if (spec.tail && spec.tail.shape !== 'none') parts.push(`${spec.tail.shape} tail`);
  const barbels = spec.mouth?.barbels ?? [];
  const named = barbels.find((b) => b.name)?.name;
  if (named) parts.push(`${named} barbel`);
  else plural(barbels.length, 'barbel');
  if (spec.mouth && spec.mouth.jaw !== 'equal') parts.push(`${spec.mouth.jaw} jaw longer`);
  for (const p of spec.pattern ?? []) if (p.name) parts.push(p.name);
  const view =
    spec.plan === 'ray' ? 'seen from above' : spec.plan === 'flat' ? 'seen from the eyed side' : 'seen from the side';
  return `${spec.name}, ${view}, head ${spec.facing === 'right' ? 'right' : 'left'}: ${parts.join(', ')}.`;
}
