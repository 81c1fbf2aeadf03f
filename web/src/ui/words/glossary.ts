import { slug } from '../slug.ts';
import text from '../../../../docs/handbook/words.md?raw';

/** A word of the craft, and its two sentences. */
export interface GlossaryEntry {
  readonly term: string;
  /** In the address of the page of words: `fork-length`. */
  readonly id: string;
  readonly says: string;
}

/** The glossary, from A to Z: headings and paragraphs of `docs/handbook/words.md`. */
export const GLOSSARY: readonly GlossaryEntry[] = text
  .split(/^## /m)
  .slice(1)
  .map((part) => {
    const [term = '', ...says] = part.trim().split('\n');
    return { term, id: slug(term), says: says.join(' ').trim() };
  });
