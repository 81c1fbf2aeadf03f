import 'reflect-metadata';
import { afterAll, beforeEach, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { Entry } from '@dagboek/journal/log';
import request from 'supertest';
import { anEntry, at, idOf, ILSE, landed, tripStarted } from '../../../journal/src/builders.test-support.ts';
import { aSpecies } from '../../../journal/src/documents.test-support.ts';
import { BookService } from '../book/book.service.ts';
import { aServer } from '../test-server.test-support.ts';

let app: NestExpressApplication;
const open: NestExpressApplication[] = [];
beforeEach(async () => void open.push((app = await aServer())));
afterAll(() => Promise.all(open.map((a) => a.close())));

const post = (entries: readonly Entry[]) => request(app.getHttpServer()).post('/api/journal').send({ entries });
const receipts = async (...entries: Entry[]): Promise<{ status: string; why?: string }[]> =>
  (await post(entries).expect(200)).body.receipts;
const species = (more: object = {}, time = '09:00') =>
  anEntry(
    'species.added',
    idOf('species'),
    { pack: 'isles', packName: 'Isles', species: aSpecies(more) },
    { at: at(time) },
  );
const rule = (facts: object, time = '09:10') =>
  anEntry('rule.set', idOf('rule'), { waters: 'skerrow-isles', ...facts } as never, { at: at(time) });
const RULE = { id: 'mine', kind: 'dailyBag', species: [], most: 2, sentence: 'No more than two.', source: 'a notice' };

describe('species and rules of one’s own, in a real file', () => {
  test('are taken, come back as they were sent, and stand in the book', async () => {
    const sent = [
      species(),
      species({ name: 'Eel of the bay' }, '09:05'),
      rule({ rule: RULE }),
      rule({ rule: { ...RULE, id: 'next' }, replaces: 'mine' }, '09:20'),
    ];
    expect((await receipts(...sent)).map((r) => r.status)).toEqual(['accepted', 'accepted', 'accepted', 'accepted']);
    const back = (await request(app.getHttpServer()).get('/api/journal').expect(200)).body.entries;
    expect(back).toEqual(sent);
    const { book } = app.get(BookService);
    expect(book.all('species').map((s) => s.species['name'])).toEqual(['Eel of the bay']);
    expect(book.get('rule', idOf('rule'))).toMatchObject({ rule: { id: 'next' }, replaces: 'mine' });
  });

  test('a species as long as the packs allow fits into one entry', async () => {
    expect(await receipts(species({ sources: Array.from({ length: 20 }, () => 'x'.repeat(590)) }))).toMatchObject([
      { status: 'accepted' },
    ]);
  });

  test.each([
    ['a species without a name', () => species({ name: '' }), 'name'],
    ['a species whose id could be a path', () => species({ id: '../eel' }), 'small letters'],
    ['a rule without a sentence', () => rule({ rule: { ...RULE, sentence: undefined } }), '"sentence" is missing'],
    ['a rule that is a list', () => rule({ rule: [RULE] }), 'This should be an object, and is an array.'],
    ['a rule for no waters', () => rule({ rule: RULE, waters: '' }), 'Waters: at least 1 letter.'],
  ])('%s is refused with a sentence, and the others of the batch are taken', async (_, bad, says) => {
    const [first, second] = await receipts(bad(), tripStarted());
    expect(first).toMatchObject({ status: 'refused', why: expect.stringContaining(says) });
    expect(second).toMatchObject({ status: 'accepted' });
  });
});

describe('what was seen, and papers', () => {
  const named = (seen: unknown) =>
    anEntry('fish.named', idOf('a'), { species: 'turbot', orElse: ['brill'], seen } as never, { at: at('12:20') });

  test('the marks seen stand with the name, and are asked for with the fish', async () => {
    await receipts(tripStarted(), landed('a', '12:18'), named({ plan: 'flat left', fringe: 'cannot tell' }));
    const { fish } = (
      await request(app.getHttpServer())
        .get(`/api/fish/${idOf('a')}`)
        .expect(200)
    ).body;
    expect(fish).toMatchObject({
      species: 'turbot',
      orElse: ['brill'],
      seen: { plan: 'flat left', fringe: 'cannot tell' },
    });
  });

  test.each([[['plan']], [{ plan: 3 }], [{ plan: 'x'.repeat(61) }], ['flat']])(
    'marks like %j are refused',
    async (seen) => {
      const [, , last] = await receipts(tripStarted(), landed('a', '12:18'), named(seen));
      expect(last).toMatchObject({ status: 'refused', why: expect.stringMatching(/seen/i) });
    },
  );

  test('a licence without its last day is refused; the member without it is taken', async () => {
    const join = (licences: unknown) =>
      anEntry('member.joined', ILSE, { name: 'Ilse', licences } as never, { at: at('08:00') });
    expect(await receipts(join([{ name: 'lake permit' }]))).toMatchObject([
      { status: 'refused', why: expect.stringContaining('last day') },
    ]);
    expect(await receipts(join([{ name: 'lake permit', until: '2026-12-31' }]))).toMatchObject([
      { status: 'accepted' },
    ]);
  });
});
