import 'reflect-metadata';
import { expect, test } from '@jest/globals';
import { seeded } from '@dagboek/core/random';
import { mutated } from '@dagboek/packs';
import request from 'supertest';
import { wholeLine } from '../../journal/src/builders.test-support.ts';
import { aRule, aRulePack, aSpecies } from '../../journal/src/documents.test-support.ts';
import { BookService } from './book/book.service.ts';
import { aFolder, aServer } from './test-server.test-support.ts';

test('mutated requests are refused with a sentence or do no harm, and the book opens with what got in', async () => {
  const folder = aFolder();
  const app = await aServer(folder);
  const rng = seeded(20260912);
  const line = wholeLine();
  const of = (kind: string, facts: object) => ({ ...line[0], kind, facts });
  const good = [
    ...line,
    of('rules.added', { pack: aRulePack(), from: '2026-09-12' }),
    of('rule.set', { waters: 'bay', rule: aRule() }),
    of('species.added', { pack: 'own', packName: 'Own', species: aSpecies() }),
    of('member.joined', { name: 'Ilse', bornOn: '1990-01-31', licences: [{ name: 'permit', until: '2026-12-31' }] }),
  ];
  let [taken, refused] = [0, 0];
  for (let i = 0; i < 250; i++) {
    const entry = { ...good[i % good.length], id: `01950000-0000-7000-8000-${String(i).padStart(12, '0')}` };
    const body = i % 8 === 7 ? mutated({ entries: [entry, entry] }, rng) : { entries: [mutated(entry, rng)] };
    const res = await request(app.getHttpServer())
      .post('/api/journal')
      .set('content-type', 'application/json')
      .send(JSON.stringify(body));
    expect([JSON.stringify(body).slice(0, 2000), res.status < 500]).toEqual([expect.anything(), true]);
    if (res.status >= 400) expect(res.body.detail).toMatch(/\w/);
    for (const r of (res.body.receipts ?? []) as { status: string; why?: string }[]) {
      if (r.status === 'accepted') taken++;
      else if (r.status === 'refused') refused++;
      if (r.status === 'refused') expect(r.why).toMatch(/\w/);
    }
  }
  expect(refused).toBeGreaterThan(100);
  expect(taken).toBeGreaterThan(5);
  await app.close();
  const again = await aServer(folder);
  expect(again.get(BookService).book.size).toBe(taken);
  await again.close();
}, 30_000);
