import type { Indexes } from './indexes.ts';
import { type LayeredDraft, LayeredMap } from './layered-map.ts';
import type { SubjectState } from '../state/states.ts';

/** The states themselves, by id and by kind, while they are changed. */
export class StatesDraft {
  readonly all: LayeredDraft<SubjectState>;
  private readonly kinds = new Map<string, LayeredDraft<SubjectState>>();

  constructor(private readonly before: Indexes) {
    this.all = before.states.draft();
  }

  private kind(k: string): LayeredDraft<SubjectState> {
    const known = this.kinds.get(k) ?? (this.before.ofKind.get(k) ?? LayeredMap.empty<SubjectState>()).draft();
    this.kinds.set(k, known);
    return known;
  }

  put(id: string, was: SubjectState | undefined, after: SubjectState | null): void {
    if (was && was.kind !== after?.kind) this.kind(was.kind).delete(id);
    if (after) {
      this.all.set(id, after);
      this.kind(after.kind).set(id, after);
    } else this.all.delete(id);
  }

  done(): Pick<Indexes, 'states' | 'ofKind'> {
    return {
      states: this.all.done(),
      ofKind: this.before.ofKind.withMutations((m) => this.kinds.forEach((v, k) => m.set(k, v.done()))),
    };
  }
}
