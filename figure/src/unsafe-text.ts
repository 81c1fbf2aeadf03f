/** Words that are escaped where they are written. All other text of a figure goes into the drawing as it stands. */
const WORDS = new Set(['name', 'latin', 'description', 'toxin']);
/** More scales, spots or points than this are no fish, and would hold up the page. */
const MOST = 5000;

/**
 * The path of a value that must not go into a drawing: text that could close an attribute, or a number beyond reason.
 * Null when there is none. Figures also come from packs that people pass on, so they are not trusted.
 */
export function unsafeText(value: unknown, path = ''): string | null {
  if (typeof value === 'string') return /["'<>&]/.test(value) ? path : null;
  if (typeof value === 'number') return Math.abs(value) <= MOST ? null : path;
  if (typeof value !== 'object' || value === null) return null;
  for (const [k, v] of Object.entries(value)) {
    if (WORDS.has(k) && typeof v === 'string') continue;
    const bad = unsafeText(v, path ? `${path}.${k}` : k);
    if (bad !== null) return bad;
  }
  return null;
}
