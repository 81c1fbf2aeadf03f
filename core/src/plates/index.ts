export { COOKING_LOSS, cookedG, meatFrom, meatOfAll, PLATE_G, platesFrom } from './plates.ts';
export type { DinnerMeat, MeatOf } from './plates.ts';
