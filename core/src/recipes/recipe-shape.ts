import type { Recipe } from './recipe.ts';

const isObject = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null && !Array.isArray(x);
const isText = (x: unknown, most: number, least = 1): boolean =>
  typeof x === 'string' && x.length >= least && x.length <= most;
const isNumber = (x: unknown, most: number): boolean => typeof x === 'number' && x >= 0 && x <= most;
const every = (x: unknown, most: number, is: (y: unknown) => boolean): boolean =>
  Array.isArray(x) && x.length <= most && x.every(is);
const orNull = (x: unknown, is: (y: unknown) => boolean): boolean => x === null || is(x);
const texts = (x: unknown, most = 20): boolean => every(x, most, (y) => isText(y, 60));

/** Whether a document has the shape of a recipe, so that it can be read: what is wrong with it in a sentence says `recipeTrouble`. */
export function isRecipe(x: unknown): x is Recipe {
  const step = (s: unknown): boolean =>
    isObject(s) &&
    isText(s['id'], 60) &&
    isText(s['name'], 80) &&
    isText(s['say'], 600) &&
    isText(s['takes'], 10) &&
    isNumber(s['minutes'], 2880) &&
    isNumber(s['perPlate'], 60) &&
    typeof s['hands'] === 'boolean' &&
    orNull(s['place'], (p) => isText(p, 10)) &&
    orNull(s['after'], texts) &&
    orNull(s['waits'], (w) => isNumber(w, 2880)) &&
    (s['in'] === undefined || isText(s['in'], 10)) &&
    (s['holds'] === undefined || isNumber(s['holds'], 100)) &&
    (s['frees'] === undefined || s['frees'] === true);
  const stage = (s: unknown): boolean => isObject(s) && isText(s['id'], 60) && isNumber(s['minutes'], 60);
  const ingredient = (i: unknown): boolean =>
    isObject(i) &&
    isText(i['name'], 80) &&
    orNull(i['amount'], (a) => isNumber(a, 100_000)) &&
    isText(i['unit'], 10) &&
    isText(i['per'], 10) &&
    texts(i['allergens']);
  return (
    isObject(x) &&
    isText(x['id'], 60) &&
    isText(x['name'], 80) &&
    isText(x['says'], 600, 0) &&
    isText(x['course'], 10) &&
    orNull(x['method'], (m) => isText(m, 60)) &&
    orNull(x['from'], (f) => isText(f, 20)) &&
    texts(x['cuts']) &&
    isText(x['fat'], 10) &&
    every(x['ingredients'], 40, ingredient) &&
    (x['keepsWarm'] === undefined || isNumber(x['keepsWarm'], 240)) &&
    (x['declared'] === undefined || x['declared'] === false) &&
    every(x['steps'], 30, step) &&
    (x['stages'] === undefined || every(x['stages'], 4, stage)) &&
    orNull(x['stands'], (m) => isNumber(m, 2880)) &&
    isNumber(x['spoils'], 20) &&
    texts(x['leadsTo'])
  );
}
