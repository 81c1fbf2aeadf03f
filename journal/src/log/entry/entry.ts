/**
 * One thing done, noted once and never changed. A correction is another entry that `amends` it (same kind, the full
 * facts anew); taking back is another that `strikes` it. State is always the fold of entries.
 */
export interface Entry {
  /** UUIDv7, made on the device that wrote it. */
  readonly id: string;
  /** What was done, e.g. `fish.landed`; see `kinds/`. */
  readonly kind: string;
  /** UUID of the trip, fish, cut, pack, meal, member, box or book it is about. */
  readonly subject: string;
  /** When it happened: ISO instant with offset. */
  readonly at: string;
  /** When it was noted: ISO instant with offset. */
  readonly written: string;
  /** UUID of the member who wrote it, or `nobody` before there is one. */
  readonly member: string;
  /** Which device wrote it. */
  readonly device: string;
  readonly facts: Readonly<Record<string, unknown>>;
  /** The clock of its device was so far ahead of the server's, ms, and its times were set back by that: so both can be told. */
  readonly aheadMs?: number;
  /** `at` is a guess; shown as "about 12:40". */
  readonly about?: boolean;
  /** Id of the entry this one corrects: the latest version its writer had seen. */
  readonly amends?: string;
  /** Ids of rivals of that version which its writer had seen and put aside: they wait for nobody any more. */
  readonly over?: readonly string[];
  /** Id of the entry this one takes back. */
  readonly strikes?: string;
  /** Why it was corrected or struck. */
  readonly because?: string;
}
