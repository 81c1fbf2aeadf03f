/** How the other hand lies, and tools by name, as several steps say them. */
export const HOLD = 'The other hand holds behind the edge, in the cut-proof glove.';
export const TAIL = 'Your other hand holds the tail, behind the edge, in the cut-proof glove.';
export const SHEARS = 'kitchen shears';
export const KNIFE = 'filleting knife';
export const GLOVE = 'cut-proof glove';
