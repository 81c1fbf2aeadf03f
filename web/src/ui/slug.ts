/** A heading as the end of an address: `Keep or let go` is `keep-or-let-go`. */
export const slug = (heading: string): string =>
  heading
    .toLowerCase()
    .replace(/[’']/g, '')
    .replace(/[^\p{L}\d]+/gu, '-')
    .replace(/^-|-$/g, '');
