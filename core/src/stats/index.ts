export {
  type Interval,
  intervalOfCount,
  normalCdf,
  normalQuantile,
  poissonMeanAbove,
  studentQuantile,
} from './distributions.ts';
