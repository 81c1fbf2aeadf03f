export {
  type Interval,
  intervalOfCount,
  intervalOfShare,
  normalCdf,
  normalQuantile,
  poissonMeanAbove,
  studentQuantile,
} from './distributions.ts';
