/** A yearly span of days, both ends included, as MM-DD. It may wrap over New Year (11-01 to 02-28). */
export interface YearlySpan {
  readonly from: string;
  readonly to: string;
}

/** Whether a civil day (YYYY-MM-DD) lies in a yearly span. 29 February counts as within a span that ends on 02-28. */
export function inSpan(day: string, span: YearlySpan): boolean {
  const md = day.slice(5) === '02-29' && span.to === '02-28' ? '02-28' : day.slice(5);
  return span.from <= span.to ? md >= span.from && md <= span.to : md >= span.from || md <= span.to;
}

/** Whether a month (1-12) lies in a span of months, both included; it may wrap over New Year. */
export const inMonths = (month: number, [from, to]: readonly [number, number]): boolean =>
  from <= to ? month >= from && month <= to : month >= from || month <= to;
