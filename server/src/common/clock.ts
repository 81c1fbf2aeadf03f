/** The one source of "now". Given a start it runs on from there, or stands still. */
export class Clock {
  private offsetMs: number;
  constructor(
    private startMs: number | null = null,
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

  /** Moves a set clock on to `ms`, so that a demo opened again goes on from where it was left. Never moves it back. */
  notBefore(ms: number): void {
    if (this.startMs === null || ms <= this.nowMs()) return;
    this.startMs = ms;
    this.offsetMs = ms - this.machine();
  }
}
