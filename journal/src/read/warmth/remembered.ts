/** Answers kept by what they were reckoned from, the ones asked for longest ago given up first. */
export class Remembered<T> {
  private readonly kept = new Map<string, T>();
  constructor(private readonly most: number) {}

  /** The answer for a key, if it is kept still. */
  get(key: string): T | undefined {
    const known = this.kept.get(key);
    if (known !== undefined) {
      this.kept.delete(key);
      this.kept.set(key, known);
    }
    return known;
  }

  set(key: string, value: T): void {
    this.kept.delete(key);
    this.kept.set(key, value);
    if (this.kept.size > this.most) this.kept.delete(this.kept.keys().next().value as string);
  }

  /** The answer for a key: as it was reckoned before, or made now. */
  of(key: string, make: () => T): T {
    const known = this.get(key);
    if (known !== undefined) return known;
    const made = make();
    this.set(key, made);
    return made;
  }
}
