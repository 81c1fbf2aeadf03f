import type { Scribe } from './scribe.ts';

/** Ids of the people, boxes and book of the Tern. */
export interface Tern {
  readonly book: string;
  readonly ilse: string;
  readonly tomas: string;
  readonly wren: string;
  readonly oda: string;
  readonly blueBox: string;
  readonly deckTub: string;
  readonly softBag: string;
}

/** Opens the book and brings the crew and the boxes aboard. */
export function openTheBook(s: Scribe, atMs: number): Tern {
  const id = (): string => s.id(atMs);
  const t: Tern = {
    book: id(),
    ilse: id(),
    tomas: id(),
    wren: id(),
    oda: id(),
    blueBox: id(),
    deckTub: id(),
    softBag: id(),
  };
  s.note('book.opened', t.book, atMs, t.ilse, {
    name: 'The Tern’s book',
    waters: 'skerrow-isles',
    boat: 'Tern',
    from: 'boat',
  });
  s.note('member.joined', t.ilse, atMs, t.ilse, { name: 'Ilse', role: 'skipper; rod and spear' });
  s.note('member.joined', t.tomas, atMs, t.ilse, { name: 'Tomas', role: 'rod; cuts and cooks' });
  s.note('member.joined', t.wren, atMs, t.ilse, { name: 'Wren', role: 'rod; keeps the log', born: 2012 });
  s.note('member.joined', t.oda, atMs, t.ilse, { name: 'Oda', role: 'guest' });
  s.note('box.added', t.blueBox, atMs, t.ilse, { name: 'the blue box', litres: 52, walls: 'hard, thick' });
  s.note('box.added', t.deckTub, atMs, t.ilse, { name: 'the deck tub', litres: 20, walls: 'hard, thin' });
  s.note('box.added', t.softBag, atMs, t.ilse, { name: 'the soft bag', litres: 14, walls: 'soft' });
  return t;
}
