export { intervalOfShare } from './interval-of-share.ts';
