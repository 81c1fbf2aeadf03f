import type { Part } from '../parts.ts';
import { plainFigure } from '../plain-figure.ts';
import type { FigureSpec } from '../spec.ts';
import { FIN_LOOKS } from './state-fins.ts';
import { HEAD_LOOKS } from './state-head.ts';
import { SKIN_LOOKS } from './state-skin.ts';
import type { TraitLooks } from './state-look.ts';

const LOOKS: Readonly<Record<string, TraitLooks>> = { ...FIN_LOOKS, ...HEAD_LOOKS, ...SKIN_LOOKS };

/** A state of a trait, drawn alone. */
export interface StateFigure {
  readonly spec: FigureSpec;
  readonly crop?: { readonly part: Part; readonly span: number };
}

/** A body without anything of its own that would answer a question: no pattern, skin, spines, barbels or free rays. */
export function bareBody(spec: FigureSpec): FigureSpec {
  const { pattern, skin, finlets, freeRays, headSpines, barb, toxin, description, ...rest } = structuredClone(spec);
  void [pattern, skin, finlets, freeRays, headSpines, barb, toxin, description];
  const { barbels, teeth, ...mouth } = rest.mouth ?? {};
  void [barbels, teeth];
  const { spines, ridges, ...gill } = rest.gill ?? {};
  void [spines, ridges];
  return {
    ...rest,
    ...(rest.mouth ? { mouth: mouth as NonNullable<FigureSpec['mouth']> } : {}),
    ...(rest.gill ? { gill: gill as NonNullable<FigureSpec['gill']> } : {}),
    // Spiny or soft is a question too: a bare fin is soft.
    fins: (rest.fins ?? []).map(({ free, filament, spines: stiff, soft, notch, ...f }) => {
      void [free, filament, notch];
      return { ...f, soft: (soft ?? 0) + (stiff ?? 0) };
    }),
  };
}

/** Traits that make sense on bodies that are not built like a fish seen from the side. */
const ON_ANY_BODY = new Set(['colour', 'pattern', 'skin', 'tail-barb', 'low-spots']);
/** Sharks carry their mouth below: it is drawn as it is. */
const NOT_ON_SHARKS = new Set(['jaw', 'mouth', 'mouth-size', 'lips', 'teeth', 'barbel']);

const fits = (body: FigureSpec, traitId: string): boolean =>
  body.plan === 'ray' || body.plan === 'squid'
    ? ON_ANY_BODY.has(traitId)
    : body.plan !== 'shark' || !NOT_ON_SHARKS.has(traitId);

/**
 * One state of a trait on a plain body, only what it is about in teal (or in its colour, where the colour is the state),
 * so that the eye is not led. Null for a trait or a state that is told in words alone.
 */
export function stateFigure(body: FigureSpec, traitId: string, stateId: string): StateFigure | null {
  const looks = LOOKS[traitId];
  const look = looks?.states[stateId];
  if (!looks || !look || !fits(body, traitId)) return null;
  const bare = look.change(bareBody(body));
  const plain = plainFigure({ ...bare, id: `${body.id}-${traitId}-${stateId}`.replaceAll(' ', '-') }, look.teal);
  return { spec: look.paint ? look.paint(plain) : plain, ...(looks.crop ? { crop: looks.crop } : {}) };
}

/**
 * The fish so far: the plain body with everything that was answered laid over it, in the order of the answers. What is not
 * drawn (a state told in words, "cannot tell") leaves it as it is.
 */
export function figureSoFar(body: FigureSpec, answers: Readonly<Record<string, string>>): FigureSpec {
  const looks = Object.entries(answers).flatMap(([trait, state]) =>
    fits(body, trait) ? (LOOKS[trait]?.states[state] ?? []) : [],
  );
  const id = `${body.id}-${Object.entries(answers).flat().join('-')}`.replaceAll(' ', '-');
  const changed = looks.reduce((b, l) => l.change(b), bareBody(body));
  // A body that is teal all over says nothing on a drawing of many answers.
  const teal = looks.flatMap((l) => l.teal).filter((t) => t !== 'body');
  return looks.reduce((p, l) => (l.paint ? l.paint(p) : p), plainFigure({ ...changed, id }, teal));
}

/** Traits with drawn states. */
export const drawnTraits = (): string[] => Object.keys(LOOKS);
