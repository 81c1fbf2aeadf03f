/** The words of a search, small. */
export const saySearch = (asked: string): string[] => asked.toLowerCase().split(/\s+/).filter(Boolean);
