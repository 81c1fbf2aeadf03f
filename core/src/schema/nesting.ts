/** Whether a JSON text is nested deeper than `most` lists and objects. Looks at each letter once, and reads nothing. */
export function isNestedBeyond(text: string, most: number): boolean {
  let deep = 0;
  let quoted = false;
  for (let i = 0; i < text.length; i++) {
    const c = text.charCodeAt(i);
    if (quoted) {
      if (c === 0x5c) i++;
      else if (c === 0x22) quoted = false;
    } else if (c === 0x22) quoted = true;
    else if (c === 0x5b || c === 0x7b) {
      if (++deep > most) return true;
    } else if (c === 0x5d || c === 0x7d) deep--;
  }
  return false;
}
