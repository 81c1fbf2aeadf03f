import type { EyeSpec, GillSpec, MouthSpec, PatternSpec } from '../spec.ts';
import { asIs, INK, NOTHING, type StateLook, TEAL, type TraitLooks } from './state-look.ts';

const MOUTH: MouthSpec = { y: 0.006, length: 0.08, angle: 15, jaw: 'equal', lip: 0.009, harm: 'harmless' };

const mouth = (change: Partial<MouthSpec>): StateLook => ({
  change: (b) => ({ ...b, mouth: { ...MOUTH, ...(b.mouth ? { harm: b.mouth.harm } : {}), ...change } }),
  teal: ['mouth'],
});

const whiskers = (list: NonNullable<MouthSpec['barbels']>): StateLook => mouth({ barbels: list, y: 0.02 });

const eye = (change: Partial<EyeSpec>): StateLook => ({
  change: (b) => ({ ...b, ...(b.eye ? { eye: { ...b.eye, ...change } } : {}) }),
  teal: [],
});

const gill = (change: Partial<GillSpec>): StateLook => ({
  change: (b) => ({ ...b, gill: { u: 0.24, harm: 'harmless', ...b.gill, ...change } }),
  teal: [],
});

const mark = (p: Partial<PatternSpec> & Pick<PatternSpec, 'points'>, color = TEAL): StateLook => ({
  change: asIs,
  teal: [],
  paint: (plain) => ({ ...plain, pattern: [{ type: 'patch', color, opacity: 0.95, ...p }] }),
});

const eyeU = 0.11;

/** States that are mouths, eyes and gill covers. */
export const HEAD_LOOKS: Readonly<Record<string, TraitLooks>> = {
  jaw: {
    crop: { part: 'mouth', span: 0.3 },
    states: {
      lower: mouth({ jaw: 'lower', by: 0.024, angle: 20 }),
      even: mouth({ jaw: 'equal' }),
      upper: mouth({ jaw: 'upper', by: 0.024, y: 0.02 }),
    },
  },
  mouth: {
    crop: { part: 'mouth', span: 0.36 },
    states: {
      up: mouth({ angle: 52, jaw: 'lower', by: 0.01, y: -0.008, length: 0.07 }),
      level: mouth({ angle: 8 }),
      under: mouth({ y: 0.05, angle: 4, length: 0.05, jaw: 'upper', by: 0.03 }),
    },
  },
  'mouth-size': {
    crop: { part: 'mouth', span: 0.36 },
    states: {
      small: mouth({ length: 0.036 }),
      middling: mouth({ length: 0.085 }),
      large: mouth({ length: 0.14, maxilla: true }),
    },
  },
  barbel: {
    crop: { part: 'chin', span: 0.32 },
    states: {
      no: mouth({ y: 0.02 }),
      yes: whiskers([{ at: [0.06, 0.98], length: 0.06, angle: 70 }]),
      two: whiskers([
        { at: [0.055, 0.9], length: 0.09, angle: 40 },
        { at: [0.065, 0.98], length: 0.085, angle: 58 },
      ]),
      more: whiskers([
        { at: [0.03, 0.55], length: 0.03, angle: 100 },
        { at: [0.045, 0.8], length: 0.05, angle: 84 },
        { at: [0.065, 0.95], length: 0.06, angle: 62 },
        { at: [0.08, 1], length: 0.055, angle: 48 },
      ]),
    },
  },
  lips: {
    crop: { part: 'mouth', span: 0.32 },
    states: { yes: mouth({ thick: 0.026, lip: 0.016, length: 0.05 }), no: mouth({ length: 0.05 }) },
  },
  teeth: {
    crop: { part: 'mouth', span: 0.36 },
    states: {
      small: mouth({ length: 0.1, angle: 8 }),
      fangs: mouth({ length: 0.12, angle: 8, teeth: { count: 7, size: 0.017 } }),
      beak: mouth({ length: 0.045, angle: 4, beak: 0.022, thick: 0.012 }),
      blades: mouth({ length: 0.11, angle: 8, teeth: { count: 14, size: 0.009 } }),
    },
  },
  'red-eye': {
    crop: { part: 'eye', span: 0.26 },
    states: { yes: eye({ iris: '#d24a25' }), no: eye({ iris: '#d8d3b8' }) },
  },
  'gill-spine': {
    crop: { part: 'gill cover', span: 0.36 },
    states: {
      yes: gill({ spines: [{ at: [0.232, -0.1], angle: 4, length: 0.05, harm: 'sharp' }] }),
      no: gill({ spines: [] }),
    },
  },
  head: {
    crop: { part: 'cheek', span: 0.42 },
    states: {
      yes: {
        change: (b) => ({
          ...gill({
            ridges: [
              [
                [0.02, -0.1],
                [0.07, 0],
                [0.13, -0.15],
                [0.2, -0.32],
              ],
              [
                [0.05, 0.3],
                [0.1, 0.22],
                [0.16, 0.1],
                [0.23, -0.16],
              ],
              [
                [0.09, 0.6],
                [0.14, 0.5],
                [0.2, 0.3],
              ],
              [
                [0.16, -0.85],
                [0.2, -0.72],
                [0.25, -0.7],
              ],
            ],
            preopercle: true,
          }).change(b),
          headSpines: [
            { at: [0.235, -0.72], angle: -4, length: 0.036 },
            { at: [0.14, -0.97], angle: -40, length: 0.022 },
          ],
        }),
        teal: [],
      },
      no: NOTHING,
    },
  },
  'gold-mark': {
    crop: { part: 'cheek', span: 0.36 },
    states: {
      none: NOTHING,
      brow: mark(
        {
          points: [
            [eyeU - 0.025, -1.02],
            [eyeU + 0.03, -1.02],
            [eyeU + 0.022, -0.66],
            [eyeU - 0.022, -0.6],
          ],
        },
        '#d59c13',
      ),
      cheek: mark(
        {
          points: [
            [0.175, -0.15],
            [0.205, -0.1],
            [0.212, 0.15],
            [0.19, 0.25],
            [0.172, 0.1],
          ],
        },
        '#d59c13',
      ),
    },
  },
  'eye-band': {
    crop: { part: 'eye', span: 0.36 },
    states: {
      yes: mark({
        points: [
          [eyeU - 0.012, -0.45],
          [eyeU + 0.016, -0.45],
          [eyeU + 0.04, -1.02],
          [eyeU + 0.004, -1.02],
        ],
      }),
      no: NOTHING,
    },
  },
  'eye-mark': {
    crop: { part: 'cheek', span: 0.34 },
    states: {
      yes: mark(
        {
          points: [
            [eyeU + 0.03, -0.4],
            [eyeU + 0.05, -0.3],
            [eyeU + 0.056, -0.02],
            [eyeU + 0.044, 0.12],
            [eyeU + 0.04, -0.1],
          ],
        },
        INK,
      ),
      no: NOTHING,
    },
  },
  moustache: {
    crop: { part: 'mouth', span: 0.32 },
    states: {
      yes: mark(
        {
          points: [
            [0.02, -0.05],
            [0.06, -0.04],
            [0.105, 0.22],
            [0.1, 0.36],
            [0.05, 0.1],
          ],
        },
        INK,
      ),
      no: NOTHING,
    },
  },
};
