/** How much is sent or fetched at once: less after each time that nothing came back, more again when it does. */
export class Pace {
  private now: number;

  constructor(
    private readonly least: number,
    private readonly most: number,
  ) {
    this.now = most;
  }

  get atOnce(): number {
    return this.now;
  }

  wentThrough(): void {
    this.now = Math.min(this.most, this.now * 2);
  }

  gotLost(): void {
    this.now = Math.max(this.least, Math.floor(this.now / 4));
  }
}
