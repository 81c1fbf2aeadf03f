/**
 * Signs that show nothing, or turn the letters after them round: control characters but tab and new line, the embeddings, overrides
 * and isolates of bidirectional text, and the two separators that end a line in some programs and not in others.
 */
const UNSEEN = /[\u0000-\u0008\u000b-\u001f\u007f-\u009f\u202a-\u202e\u2066-\u2069\u2028\u2029]/;
const EVERY_UNSEEN = new RegExp(UNSEEN.source, 'g');

/** Whether a text holds signs that nobody sees. */
export const hasUnseen = (text: string): boolean => UNSEEN.test(text);

/** The text without them; what ends a line in some programs ends it in all. */
export const visible = (text: string): string =>
  hasUnseen(text) ? text.replace(/\r\n?|[\u2028\u2029\u0085]/g, '\n').replace(EVERY_UNSEEN, '') : text;
