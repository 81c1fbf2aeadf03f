import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Entry } from '@dagboek/journal/log';
import { landed } from '../../../journal/src/builders.test-support.ts';
import {
  afterReload,
  backOffMs,
  EARLY_MS,
  type OutboxAction,
  type OutboxItem,
  outboxReducer,
  sendable,
} from './outbox.ts';

const a = landed('a', '12:00');
const b = landed('b', '12:01');
const run = (actions: OutboxAction[], from: readonly OutboxItem[] = []): readonly OutboxItem[] =>
  actions.reduce(outboxReducer, from);
const states = (items: readonly OutboxItem[]): [string, string][] => items.map((i) => [i.entry.id, i.state]);

describe('the outbox', () => {
  test('written once, however often', () => {
    expect(
      run([
        { type: 'written', entry: a },
        { type: 'written', entry: a },
      ]),
    ).toHaveLength(1);
  });

  test('taken by the server it leaves; refused it stays and says why', () => {
    const sent = run([
      { type: 'written', entry: a },
      { type: 'written', entry: b },
      { type: 'sending', ids: [a.id, b.id] },
    ]);
    const after = run(
      [
        {
          type: 'answered',
          nowMs: 0,
          receipts: [
            { id: a.id, status: 'accepted' },
            { id: b.id, status: 'refused', why: 'no', field: 'count' },
          ],
        },
      ],
      sent,
    );
    expect(after).toEqual([{ entry: b, tries: 1, state: 'refused', why: 'no', field: 'count' }]);
    expect(
      run([{ type: 'answered', nowMs: 0, receipts: [{ id: a.id, status: 'known' }] }], sent).map((i) => i.entry.id),
    ).toEqual([b.id]);
  });

  test('unreachable is a pause with back-off', () => {
    const items = run([
      { type: 'written', entry: a },
      { type: 'sending', ids: [a.id] },
      { type: 'unreachable', ids: [a.id], nowMs: 1000 },
    ]);
    expect(items[0]).toMatchObject({ state: 'queued', tries: 1, notBeforeMs: 2000 });
    expect(sendable(items, 1999, 9)).toEqual([]);
    expect(sendable(items, 2000, 9)).toEqual([a]);
  });

  test('back-off doubles from a second to a minute', () => {
    expect([1, 2, 3, 4, 5, 6, 7, 8, 20].map(backOffMs)).toEqual([
      1000, 2000, 4000, 8000, 16000, 32000, 60000, 60000, 60000,
    ]);
  });

  test('a retry is at once, for refused and waiting ones alike', () => {
    const refused: OutboxItem[] = [{ entry: a, tries: 3, state: 'refused', why: 'no' }];
    expect(run([{ type: 'retry', ids: [a.id] }], refused)).toEqual([
      { entry: a, tries: 0, state: 'queued', notBeforeMs: 0 },
    ]);
  });

  test('what is early waits with its reason; replaced, the old one is set aside and the new one is queued', () => {
    const early = run(
      [{ type: 'answered', nowMs: 1000, receipts: [{ id: a.id, status: 'early', why: 'to come' }] }],
      [{ entry: a, tries: 1, again: true, state: 'sending' }],
    );
    expect(early).toEqual([
      { entry: a, tries: 1, again: true, state: 'queued', notBeforeMs: 1000 + EARLY_MS, why: 'to come' },
    ]);
    expect(run([{ type: 'replaced', by: new Map([[a.id, b]]), why: 'anew' }], early)).toEqual([
      { entry: a, tries: 1, again: true, state: 'set aside', why: 'anew' },
      { entry: b, tries: 0, state: 'queued', notBeforeMs: 0 },
    ]);
    const sending: OutboxItem[] = [{ entry: a, tries: 1, state: 'sending' }];
    expect(run([{ type: 'replaced', by: new Map([[a.id, b]]), why: 'anew' }], sending)).toEqual(sending);
  });

  test('only a refused one can be set aside, and it stays', () => {
    expect(
      states(
        run([
          { type: 'written', entry: a },
          { type: 'set aside', id: a.id },
        ]),
      ),
    ).toEqual([[a.id, 'queued']]);
    expect(
      states(run([{ type: 'set aside', id: a.id }], [{ entry: a, tries: 1, state: 'refused', why: 'no' }])),
    ).toEqual([[a.id, 'set aside']]);
  });

  test('after a reload nothing is on its way, and refused ones stay refused', () => {
    const items: OutboxItem[] = [
      { entry: a, tries: 1, state: 'sending' },
      { entry: b, tries: 1, state: 'refused', why: 'no' },
    ];
    expect(states(afterReload(items))).toEqual([
      [a.id, 'queued'],
      [b.id, 'refused'],
    ]);
  });

  test('whatever happens, an entry leaves only when the server says that it holds it', () => {
    const entries = [a, b, landed('c', '12:02')];
    const anId = fc.constantFrom(...entries.map((e) => e.id));
    const anAction: fc.Arbitrary<OutboxAction> = fc.oneof(
      fc.constantFrom(...entries).map((entry: Entry) => ({ type: 'written' as const, entry })),
      fc.array(anId).map((ids) => ({ type: 'sending' as const, ids })),
      fc.array(anId).map((ids) => ({ type: 'unreachable' as const, ids, nowMs: 5 })),
      fc.array(anId).map((ids) => ({ type: 'retry' as const, ids })),
      anId.map((id) => ({ type: 'set aside' as const, id })),
      anId.map((id) => ({
        type: 'answered' as const,
        nowMs: 5,
        receipts: [{ id, status: 'refused' as const, why: 'no' }],
      })),
      anId.map((id) => ({
        type: 'answered' as const,
        nowMs: 5,
        receipts: [{ id, status: 'early' as const, why: 'x' }],
      })),
      fc
        .tuple(anId, fc.nat())
        .map(([id, n]) => ({ type: 'replaced' as const, by: new Map([[id, landed(`n${n}`, '12:05')]]), why: 'x' })),
      anId.map((id) => ({ type: 'answered' as const, nowMs: 5, receipts: [{ id, status: 'accepted' as const }] })),
    );
    fc.assert(
      fc.property(fc.array(anAction, { maxLength: 30 }), (actions) => {
        let items: readonly OutboxItem[] = [];
        for (const action of actions) {
          const before = new Set(items.map((i) => i.entry.id));
          items = outboxReducer(items, action);
          const gone = [...before].filter((id) => !items.some((i) => i.entry.id === id));
          if (gone.length > 0)
            expect(action).toMatchObject({ type: 'answered', receipts: [{ id: gone[0], status: 'accepted' }] });
          expect(new Set(items.map((i) => i.entry.id)).size).toBe(items.length);
        }
      }),
    );
  });
});
