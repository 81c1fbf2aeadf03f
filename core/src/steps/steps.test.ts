import { describe, expect, test } from '@jest/globals';
import { inSlices, type Steps, toEnd, TookTooLong } from './index.ts';

function* count(to: number): Steps<string> {
  for (let i = 0; i < to; i++) yield i / to;
  return `counted ${to}`;
}

describe('work that can be put down', () => {
  test('is done at once, and says how far it is', () => {
    const said: number[] = [];
    expect(toEnd(count(4), (s) => said.push(s))).toBe('counted 4');
    expect(said).toEqual([0, 0.25, 0.5, 0.75]);
  });

  test('is done slice by slice, with the same answer', async () => {
    let [ms, pauses] = [0, 0];
    const answer = await inSlices(count(100), {
      // Each step takes 3 ms.
      nowMs: () => (ms += 3),
      pause: () => Promise.resolve(++pauses),
      sliceMs: 10,
    });
    expect(answer).toBe('counted 100');
    expect(pauses).toBeGreaterThan(15);
    expect(pauses).toBeLessThan(40);
  });

  test('is given up when it takes longer than anybody waits', async () => {
    let ms = 0;
    const asked = inSlices(count(1e9), { nowMs: () => (ms += 50), pause: () => Promise.resolve(), limitMs: 1000 });
    await expect(asked).rejects.toThrow(TookTooLong);
  });
});
