// Apart from core/stats: chi-square and beta weigh more than all of it, and only few pages ask for them.
export { type Interval, intervalOfCount, poissonMeanAbove } from './interval-of-count.ts';
export { intervalOfShare } from './interval-of-share.ts';
