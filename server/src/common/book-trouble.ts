/** Why a book cannot be opened: one sentence for whoever starts the server, and the way out. */
export class BookTrouble extends Error {
  override readonly name = 'BookTrouble';
}
