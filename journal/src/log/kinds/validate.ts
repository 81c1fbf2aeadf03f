import { type ValidationError, validateSync } from 'class-validator';
import { type Refusal, refuse } from '@dagboek/core/result';
import { rulePackSteps } from '@dagboek/core/rules';
import type { Steps } from '@dagboek/core/steps';
import { hasUnseen } from '@dagboek/core/text';
import { epochMs, isInstant } from '@dagboek/core/time';
import type { Entry } from '../entry/entry.ts';
import { asFacts } from '../facts/as-facts.ts';
import { isKind, kindDefinition } from './index.ts';
import { sayConstraint } from '../facts/plain-constraints.ts';
import { rememberConstraints } from '../facts/remembered-constraints.ts';

rememberConstraints();

/** A clock may run this far ahead of the one that judges it. */
export const CLOCK_GRACE_MS = 10 * 60_000;
/** Facts of one entry, as JSON, may be this long. */
export const MOST_FACTS_CHARS = 20_000;

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/;
const FIELDS = [
  'id',
  'kind',
  'subject',
  'at',
  'written',
  'member',
  'device',
  'facts',
  'aheadMs',
  'about',
  'amends',
  'over',
  'strikes',
  'because',
];

/** Rivals of one version that a correction may put aside. */
const MOST_RIVALS = 20;
const isId = (x: unknown): x is string => typeof x === 'string' && UUID.test(x);

/** Facts may be nested so deep: a figure is the deepest, with seven. */
const MOST_DEEP = 12;

/** The first field of an object read out of JSON that bears a name of the language itself, or "" where it is nested too deep; null when all is well. */
function oddField(value: unknown, path = '', deep = 0): string | null {
  if (typeof value !== 'object' || value === null) return null;
  if (deep >= MOST_DEEP) return '';
  for (const [key, of] of Object.entries(value)) {
    const here = path ? `${path}.${key}` : key;
    const odd = key in Object.prototype ? here : oddField(of, here, deep + 1);
    if (odd !== null) return odd;
  }
  return null;
}

/** The first field with a text that holds signs nobody sees; null when all is well. */
function unseenField(value: unknown, path = ''): string | null {
  if (typeof value === 'string') return hasUnseen(value) ? path : null;
  if (typeof value !== 'object' || value === null) return null;
  for (const [key, of] of Object.entries(value)) {
    const odd = unseenField(of, path ? `${path}.${key}` : key);
    if (odd !== null) return odd;
  }
  return null;
}

function firstError(errors: readonly ValidationError[], path = ''): Refusal {
  const e = errors[0];
  if (!e) return refuse('These answers do not fit together.');
  const field = path ? `${path}.${e.property}` : e.property;
  if (e.constraints) {
    if (e.constraints['whitelistValidation'])
      return refuse(`This book does not know the field "${field}" here.`, field);
    return refuse(sayConstraint(e), field);
  }
  return firstError(e.children ?? [], field);
}

/**
 * The part of an entry that takes long to judge, as work that can be put down; null where there is none. Done before
 * `validateEntry`, that one takes its verdict over.
 */
export function costlySteps(raw: unknown): Steps<unknown> | null {
  const e = raw as { kind?: unknown; facts?: { pack?: unknown } | null } | null;
  const pack = e?.kind === 'rules.added' ? e.facts?.pack : undefined;
  if (typeof pack !== 'object' || pack === null) return null;
  // What is turned down by its length is not read.
  return JSON.stringify(pack).length > (kindDefinition('rules.added').mostChars ?? MOST_FACTS_CHARS)
    ? null
    : rulePackSteps(pack);
}

/** Why something is no entry of this book. `early`: it is one, and its time is still to come. */
export type EntryRefused = Refusal & { readonly early?: true };

/** A clock is not ten years wrong. */
const MOST_AHEAD_MS = 3650 * 86_400_000;

/**
 * Whether something read from outside is an entry of this book. Returns the entry, or a sentence and the field that is wrong.
 * Looks at this entry alone, never at others, so that the answer does not depend on the order of arrival.
 * `nowMs`: the judging clock; an entry may not have happened later than that (10 minutes' grace for unequal clocks).
 */
export function validateEntry(raw: unknown, nowMs: number): { ok: true; entry: Entry } | EntryRefused {
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw))
    return refuse('An entry is an object with id, kind, subject, at, written, member, device and facts.');
  const e = raw as Record<string, unknown>;
  const unknown = Object.keys(e).find((k) => !FIELDS.includes(k));
  if (unknown !== undefined) return refuse(`This book does not know the field "${unknown.slice(0, 60)}".`, unknown);
  for (const key of ['id', 'subject'] as const)
    if (!isId(e[key])) return refuse(`"${key}" is a UUID in lower case.`, key);
  for (const key of ['amends', 'strikes'] as const)
    if (e[key] !== undefined && !isId(e[key])) return refuse(`"${key}" is the id of another entry.`, key);
  for (const key of ['amends', 'strikes'] as const)
    if (e[key] === e['id']) return refuse('An entry cannot correct itself or cross itself out.', key);
  if (e['amends'] !== undefined && e['strikes'] !== undefined)
    return refuse('An entry corrects another or crosses it out, not both.', 'strikes');
  if (e['over'] !== undefined) {
    const { over } = e;
    if (e['amends'] === undefined || !Array.isArray(over) || over.length > MOST_RIVALS || !over.every(isId))
      return refuse(
        `"over" lists the ids of at most ${MOST_RIVALS} other corrections that this one puts aside.`,
        'over',
      );
  }
  for (const key of ['member', 'device'] as const)
    if (typeof e[key] !== 'string' || e[key].length < 1 || e[key].length > 60)
      return refuse(`"${key}" is a short text.`, key);
  for (const key of ['at', 'written'] as const)
    if (!isInstant(e[key]))
      return refuse(`"${key}" is a time of the calendar with its offset, such as 2026-09-12T14:20:00+01:00.`, key);
  if (
    e['aheadMs'] !== undefined &&
    !(Number.isInteger(e['aheadMs']) && Math.abs(e['aheadMs'] as number) <= MOST_AHEAD_MS)
  )
    return refuse('"aheadMs" is how far a clock was ahead, in whole milliseconds.', 'aheadMs');
  if (e['about'] !== undefined && typeof e['about'] !== 'boolean') return refuse('"about" is true or false.', 'about');
  if (e['because'] !== undefined && (typeof e['because'] !== 'string' || e['because'].length > 500))
    return refuse('A reason is a text of at most 500 letters.', 'because');
  if (typeof e['kind'] !== 'string' || !isKind(e['kind']))
    return refuse(
      `This book does not know entries of the kind "${String(e['kind']).slice(0, 60)}". It was written by a newer version of Dagboek: update the server, then send it again.`,
      'kind',
    );
  if ((e['kind'] === 'log.struck') !== (e['strikes'] !== undefined))
    return refuse('"strikes" belongs to entries of the kind log.struck, and only to them.', 'strikes');
  const facts = e['facts'];
  if (typeof facts !== 'object' || facts === null || Array.isArray(facts))
    return refuse('"facts" is an object.', 'facts');
  const odd = oddField(facts);
  if (odd === '') return refuse('These facts are nested too deep.', 'facts');
  if (odd !== null) return refuse(`This book does not know the field "${odd.slice(0, 60)}" here.`, odd);
  const unseen = unseenField(facts) ?? unseenField({ because: e['because'] ?? '' });
  if (unseen !== null) return refuse('This text contains invisible characters. Type it again.', unseen);
  const { facts: shape, mostChars = MOST_FACTS_CHARS } = kindDefinition(e['kind']);
  if (JSON.stringify(facts).length > mostChars) return refuse('This is too long for one entry.', 'facts');
  const errors = validateSync(asFacts(shape, facts), {
    whitelist: true,
    forbidNonWhitelisted: true,
    forbidUnknownValues: false,
  });
  if (errors.length > 0) return firstError(errors);
  if (epochMs(e['at'] as string) > nowMs + CLOCK_GRACE_MS)
    return { ...refuse('This time is in the future. Note things after they happened.', 'at'), early: true };
  return { ok: true, entry: raw as Entry };
}
