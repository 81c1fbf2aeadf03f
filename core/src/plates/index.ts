export { meatFrom, PLATE_G, platesFrom } from './plates.ts';
