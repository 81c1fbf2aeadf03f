import { isCivilDay, isTimeZone } from '../time/index.ts';
import { array, schemaChecker } from '../schema/index.ts';
import { ringTrouble } from './ring.ts';
import type { LonLat, Rule, RulePack, Zone } from './rule.ts';
import { kindOfRule } from './rule-kinds.ts';
import { RING, RULE_SCHEMA, RULES_SCHEMA, ZONE_SCHEMA } from './rules-schema.ts';

type Check = (data: unknown) => string[];
const lazily = (schema: object): Check => {
  let check: Check | null = null;
  return (data) => (check ??= schemaChecker(schema))(data);
};
const ruleShape = lazily(RULE_SCHEMA);
const packShape = lazily(RULES_SCHEMA);
const zoneShape = lazily(ZONE_SCHEMA);
const coastShape = lazily(array(RING, 1));

/** What is wrong with the days and the numbers of a rule whose shape is right. */
function insideTrouble(rule: Rule): string | null {
  const { from, to } = rule.inForce ?? {};
  const odd = [from, to].find((d) => d !== undefined && !isCivilDay(d));
  if (odd !== undefined) return `"${odd}" is no day of the calendar.`;
  if (from !== undefined && to !== undefined && to < from) return 'The rule would end before it begins.';
  return kindOfRule(rule)?.trouble(rule) ?? null;
}

/** What is wrong with the document of one rule, to its last field, in a sentence; null when it holds together. */
export function ruleDocumentTrouble(doc: unknown): string | null {
  return ruleShape(doc)[0] ?? insideTrouble(doc as Rule);
}

/** Likewise of a whole rule pack: its shape, its time zone, its bounds, its ids and each rule. */
export function rulePackTrouble(doc: unknown): string | null {
  const wrong = packShape(doc);
  if (wrong.length > 0) return `This is no rule pack as it stands. ${wrong.join(' ')}`;
  const pack = doc as RulePack;
  if (!isTimeZone(pack.timeZone))
    return `timeZone: "${pack.timeZone}" is no time zone; write one such as Atlantic/Faroe.`;
  if (!isCivilDay(pack.checked)) return `checked: "${pack.checked}" is no day of the calendar.`;
  for (const z of pack.zones) {
    const broken = z.bounds && ringTrouble(z.bounds);
    if (broken) return `The bounds of the zone "${z.name}" do not hold: ${broken}`;
  }
  for (const [i, ring] of (pack.coast ?? []).entries()) {
    const broken = ringTrouble(ring);
    if (broken) return `Coastline ${i + 1} does not hold: ${broken}`;
  }
  const ids = new Set<string>();
  const zones = new Set(pack.zones.map((z) => z.id));
  for (const r of pack.rules) {
    if (ids.has(r.id)) return `Two rules have the id "${r.id}"; give each its own.`;
    ids.add(r.id);
  }
  for (const r of pack.rules) {
    const unknown = r.zones?.find((z) => !zones.has(z));
    if (unknown !== undefined) return `Rule "${r.id}" is for the zone "${unknown}", which the pack does not have.`;
    const trouble = insideTrouble(r);
    if (trouble) return `Rule "${r.id}" does not hold together. ${trouble}`;
    if (r.kind === 'exemption') {
      const gone = r.from.find((id) => !ids.has(id));
      if (gone !== undefined) return `Rule "${r.id}" takes away the rule "${gone}", which the pack does not have.`;
    }
  }
  return null;
}

/**
 * What can be read of a rule pack that stands in the log already: the rules, zones and coastlines that hold together, the
 * others left out, as of kinds that only a newer version knows. A sentence where the pack itself cannot be read.
 */
export function readableRulePack(doc: Readonly<Record<string, unknown>>): RulePack | string {
  const list = (x: unknown): readonly unknown[] => (Array.isArray(x) ? x : []);
  const zones = list(doc['zones']).filter((z): z is Zone => zoneShape(z).length === 0);
  const coast = list(doc['coast']).filter(
    (ring): ring is readonly LonLat[] => coastShape([ring]).length === 0 && ringTrouble(ring as LonLat[]) === null,
  );
  const rules = list(doc['rules']).filter((r): r is Rule => ruleDocumentTrouble(r) === null);
  const pack = {
    ...doc,
    rules,
    zones: zones.filter((z) => !z.bounds || ringTrouble(z.bounds) === null),
    ...(doc['coast'] === undefined ? {} : { coast }),
  } as unknown as RulePack;
  const wrong = packShape(pack)[0];
  if (wrong !== undefined) return wrong;
  if (!isTimeZone(pack.timeZone)) return `"${pack.timeZone}" is no time zone.`;
  return isCivilDay(pack.checked) ? pack : `"${pack.checked}" is no day of the calendar.`;
}
