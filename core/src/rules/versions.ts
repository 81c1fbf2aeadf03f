import { addDays } from '../time/index.ts';
import type { Rule, RulePack } from './rule.ts';

/** A later version of a pack, and the civil day from which it holds. */
export interface PackVersion {
  readonly pack: RulePack;
  readonly from: string;
}

const earlier = (a: string | undefined, b: string): string => (a !== undefined && a < b ? a : b);
const later = (a: string | undefined, b: string): string => (a !== undefined && a > b ? a : b);
const sameText = (a: Rule, b: Rule): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * One pack out of a pack and its later versions, in any order: each holds from its day until the next begins, so that a
 * catch is judged by what held at its moment, for ever after. A rule that a version leaves as it was goes on under its
 * name; one that it changes or drops ends the day before, and what is new begins on the day. Name, version, zones and
 * day of checking are those of the newest. Of two versions from the same day the last one given counts.
 */
export function withVersions(base: RulePack, versions: readonly PackVersion[]): RulePack {
  const inTurn = versions
    .filter(
      (v, i) => v.pack.id === base.id && !versions.slice(i + 1).some((w) => w.from === v.from && w.pack.id === base.id),
    )
    .sort((a, b) => (a.from < b.from ? -1 : 1));
  return inTurn.reduce(withVersion, base);
}

function withVersion(old: RulePack, { pack, from }: PackVersion): RulePack {
  const to = addDays(from, -1);
  const goesOn = (r: Rule): boolean => pack.rules.some((n) => sameText(n, r));
  const ended = old.rules.flatMap((r): Rule[] => {
    if (goesOn(r)) return [r];
    // One that would not have begun yet never does.
    if (r.inForce?.from !== undefined && r.inForce.from > to) return [];
    // Under another name, where the new version uses it: an id is one rule.
    const taken = pack.rules.some((n) => n.id === r.id);
    return [
      {
        ...r,
        ...(taken ? { id: `${r.id}, ${old.version}`, formerly: r.formerly ?? r.id } : {}),
        inForce: { ...r.inForce, to: earlier(r.inForce?.to, to) },
      },
    ];
  });
  const begun = pack.rules
    .filter((n) => !old.rules.some((r) => sameText(n, r)))
    .filter((n) => n.inForce?.to === undefined || n.inForce.to >= from)
    .map((n): Rule => ({ ...n, inForce: { ...n.inForce, from: later(n.inForce?.from, from) } }));
  const zones = [...pack.zones, ...old.zones.filter((z) => !pack.zones.some((x) => x.id === z.id))];
  const coast = pack.coast ?? old.coast;
  return { ...pack, zones, ...(coast ? { coast } : {}), rules: [...ended, ...begun] };
}
