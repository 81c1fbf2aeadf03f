export { hasUnseen, visible } from './visible.ts';
