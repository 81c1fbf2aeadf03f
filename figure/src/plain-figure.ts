import type { FigureSpec, PatternSpec } from './spec.ts';

const PAPER = '#fcf8ec';
const TEAL = '#0a4c52';
const WASH = '#cbddd8';

/**
 * The same figure without its colours: paper and ink, and only the parts named in teal. For the choices of the key and
 * the fish so far, where colour would lead the eye. Names: fins and paired fins by their name, "tail", "finlets",
 * "pattern", "side line", "body".
 */
export function plainFigure(spec: FigureSpec, teal: readonly string[]): FigureSpec {
  const on = (part: string): boolean => teal.includes(part);
  const bare = <T extends object>(part: T): T => {
    const { bands, patches, spots, rim, color, ...rest } = part as T & Record<string, unknown>;
    void [bands, patches, spots, rim, color];
    return rest as unknown as T;
  };
  const pattern: PatternSpec[] = on('pattern')
    ? (spec.pattern ?? []).map((p) => ({ ...p, color: TEAL, halo: PAPER }))
    : [];
  const { skin, ...rest } = structuredClone(spec);
  return {
    ...rest,
    colors: {
      back: on('body') ? WASH : PAPER,
      flank: on('body') ? WASH : PAPER,
      belly: on('body') ? WASH : PAPER,
      fin: on('finlets') ? TEAL : PAPER,
    },
    fins: (spec.fins ?? []).map((f) => ({ ...bare(f), ...(on(f.name) ? { color: TEAL } : { color: PAPER }) })),
    paired: Object.fromEntries(
      Object.entries(spec.paired ?? {}).map(([name, f]) => [name, { ...bare(f), color: on(name) ? TEAL : PAPER }]),
    ),
    ...(spec.tail ? { tail: { ...bare(spec.tail), color: on('tail') ? TEAL : PAPER } } : {}),
    ...(spec.lateral
      ? {
          lateral: {
            ...spec.lateral,
            color: on('side line') ? TEAL : '#857d66',
            underlay: PAPER,
            width: on('side line') ? 2.6 : 0.8,
            bold: on('side line'),
          },
        }
      : {}),
    pattern,
    ...(skin && on('skin') ? { skin } : {}),
  };
}
