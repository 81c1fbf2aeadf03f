/** Words as the sentences of the log write them. */
export const list = (xs: readonly string[]): string =>
  xs.length < 2 ? (xs[0] ?? '') : `${xs.slice(0, -1).join(', ')} and ${xs[xs.length - 1]}`;
export const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);
export const METHOD_WORDS = {
  board: 'on the board',
  mat: 'on the mat',
  tape: 'with the tape',
  photo: 'from a picture',
  eye: 'by eye',
} as const;
