import { isCivilDay, isTimeZone } from '../time/index.ts';
import { schemaChecker } from '../schema/index.ts';
import { type Steps, toEnd } from '../steps/index.ts';
import { ringSteps, ringTrouble } from './ring.ts';
import type { LonLat, Rule, RulePack, Zone } from './rule.ts';
import { kindOfRule } from './rule-kinds.ts';
import { RING, RULE_SCHEMA, RULES_SCHEMA, ZONE_SCHEMA } from './rules-schema.ts';

type Check = ReturnType<typeof schemaChecker>;
const lazily = (schema: object): Check => {
  let check: Check | null = null;
  return (data, path) => (check ??= schemaChecker(schema))(data, path);
};
const ruleShape = lazily(RULE_SCHEMA);

/** Points are looked at by `ringSteps`: a schema takes a hundred times as long over them. */
const RING_WITHOUT_POINTS = { ...RING, items: {} };
const ZONE_WITHOUT_POINTS = {
  ...ZONE_SCHEMA,
  properties: { ...ZONE_SCHEMA.properties, bounds: RING_WITHOUT_POINTS },
};
const zoneShape = lazily(ZONE_WITHOUT_POINTS);
const ringShape = lazily(RING_WITHOUT_POINTS);
const anything = (list: object): object => ({ ...list, items: {} });
const P = RULES_SCHEMA.properties as Readonly<Record<'coast' | 'zones' | 'rules', object>>;
/** The pack itself, and how many of each it holds; what they are is looked at one by one. */
const packShape = lazily({
  ...RULES_SCHEMA,
  properties: {
    ...RULES_SCHEMA.properties,
    coast: anything(P.coast),
    zones: anything(P.zones),
    rules: anything(P.rules),
  },
});

/** What is wrong with the days and the numbers of a rule whose shape is right. */
function insideTrouble(rule: Rule): string | null {
  const { from, to } = rule.inForce ?? {};
  const odd = [from, to].find((d) => d !== undefined && !isCivilDay(d));
  if (odd !== undefined) return `"${odd}" is not a day of the calendar.`;
  if (from !== undefined && to !== undefined && to < from) return 'The rule would end before it begins.';
  return kindOfRule(rule)?.trouble(rule) ?? null;
}

/** What is wrong with the document of one rule, to its last field, in a sentence; null when it holds together. */
export function ruleDocumentTrouble(doc: unknown): string | null {
  return ruleShape(doc)[0] ?? insideTrouble(doc as Rule);
}

const NO_PACK = 'This is not a complete rule pack.';

/** Packs that were looked at to the end, with what was said of them: nobody changes a document that was read. */
const LOOKED_AT = new WeakMap<object, string | null>();

/** Likewise of a whole rule pack: its shape, its time zone, its bounds, its ids and each rule; the first fault ends it. */
export function* rulePackSteps(doc: unknown): Steps<string | null> {
  if (typeof doc !== 'object' || doc === null) return yield* lookAtPack(doc);
  const known = LOOKED_AT.get(doc);
  if (known !== undefined) return known;
  const trouble = yield* lookAtPack(doc);
  LOOKED_AT.set(doc, trouble);
  return trouble;
}

/** The same, at once; of a pack that `rulePackSteps` looked at, what that said. */
export function rulePackTrouble(doc: unknown): string | null {
  const known = typeof doc === 'object' && doc !== null ? LOOKED_AT.get(doc) : undefined;
  return known !== undefined ? known : toEnd(lookAtPack(doc));
}

function* lookAtPack(doc: unknown): Steps<string | null> {
  const wrong = packShape(doc)[0];
  if (wrong !== undefined) return `${NO_PACK} ${wrong}`;
  const pack = doc as RulePack;
  // Counted first, all of them: a document that is too long is not read.
  for (const [i, z] of pack.zones.entries()) {
    const odd = zoneShape(z, ['zones', String(i)])[0];
    if (odd !== undefined) return `${NO_PACK} ${odd}`;
    yield 0;
  }
  for (const [i, ring] of (pack.coast ?? []).entries()) {
    const odd = ringShape(ring, ['coast', String(i)])[0];
    if (odd !== undefined) return `${NO_PACK} ${odd}`;
  }
  for (const [i, r] of pack.rules.entries()) {
    const odd = ruleShape(r, ['rules', String(i)])[0];
    if (odd !== undefined) return `${NO_PACK} ${odd}`;
    yield i / pack.rules.length;
  }
  if (!isTimeZone(pack.timeZone))
    return `timeZone: "${pack.timeZone}" is not a time zone; write one such as Atlantic/Faroe.`;
  if (!isCivilDay(pack.checked)) return `checked: "${pack.checked}" is not a day of the calendar.`;
  for (const z of pack.zones) {
    const broken = z.bounds && (yield* ringSteps(z.bounds));
    if (broken) return `The bounds of the zone "${z.name}" do not hold: ${broken}`;
  }
  for (const [i, ring] of (pack.coast ?? []).entries()) {
    const broken = yield* ringSteps(ring);
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
  if (LOOKED_AT.get(doc) === null) return doc as unknown as RulePack;
  const zones = list(doc['zones']).filter((z): z is Zone => zoneShape(z).length === 0);
  const coast = list(doc['coast']).filter(
    (ring): ring is readonly LonLat[] => ringShape(ring).length === 0 && ringTrouble(ring as LonLat[]) === null,
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
  if (!isTimeZone(pack.timeZone)) return `"${pack.timeZone}" is not a time zone.`;
  return isCivilDay(pack.checked) ? pack : `"${pack.checked}" is not a day of the calendar.`;
}
