/** A yearly span of days, both ends included, as MM-DD. It may wrap over New Year (11-01 to 02-28). */
export interface YearlySpan {
  readonly from: string;
  readonly to: string;
}

/**
 * Whether a civil day (YYYY-MM-DD) lies in a yearly span. 29 February after a span that ends on 02-28 is the case that the
 * notice did not think of: `leapDay` says on which side it falls, so that the caller can take the stricter.
 */
export function inSpan(day: string, span: YearlySpan, leapDay: 'within' | 'after' = 'within'): boolean {
  const md = day.slice(5) === '02-29' && span.to === '02-28' && leapDay === 'within' ? '02-28' : day.slice(5);
  return span.from <= span.to ? md >= span.from && md <= span.to : md >= span.from || md <= span.to;
}

/** Whether a month (1-12) lies in a span of months, both included; it may wrap over New Year. */
export const inMonths = (month: number, [from, to]: readonly [number, number]): boolean =>
  from <= to ? month >= from && month <= to : month >= from || month <= to;
