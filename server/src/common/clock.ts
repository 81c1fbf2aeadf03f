/** The one source of "now". Given a start it runs on from there, or stands still. */
export class Clock {
  private readonly offsetMs: number;
  constructor(
    private readonly startMs: number | null = null,
    readonly still = false,
    private readonly machine: () => number = Date.now,
  ) {
    this.offsetMs = startMs === null ? 0 : startMs - machine();
  }

  /** Whether this is not the machine's own time. */
  get set(): boolean {
    return this.startMs !== null;
  }

  nowMs(): number {
    return this.still && this.startMs !== null ? this.startMs : this.machine() + this.offsetMs;
  }
}
