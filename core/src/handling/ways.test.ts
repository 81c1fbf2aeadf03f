import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { BLEEDS, bleedsFor, handlingSentences, isNotBled, killBleeds, KILLS, killsFor, offeredWay } from './index.ts';

const mackerel = {
  kills: ['head snapped back', 'blow to the head'],
  bleeds: ['throat', 'head snapped back'],
} as const;
const weever = { kills: ['blow to the head'], bleeds: ['throat'] } as const;
const squid = { kills: ['brain spike'], bleeds: [] } as const;

describe('how a fish is killed', () => {
  test('as its own file says first; the rest may still be written', () => {
    expect(killsFor(weever, false)).toEqual({
      ways: ['blow to the head', 'brain spike', 'knife through the brain', 'head snapped back'],
      own: 1,
    });
    expect(killsFor(null, false)).toEqual({ ways: KILLS.filter((k) => k !== 'killed by the shot'), own: 0 });
  });
  test('a speared one by the shot, else by the knife, before all else', () => {
    expect(killsFor(weever, true).ways.slice(0, 3)).toEqual([
      'killed by the shot',
      'knife through the brain',
      'blow to the head',
    ]);
    expect(killsFor(null, true).own).toBe(2);
  });
  test('the way last chosen is offered where it suits this fish, else the first that does', () => {
    expect(offeredWay(killsFor(weever, false), 'brain spike')).toBe('blow to the head');
    expect(offeredWay(killsFor(mackerel, false), 'blow to the head')).toBe('blow to the head');
    expect(offeredWay(killsFor(mackerel, false), null)).toBe('head snapped back');
    expect(offeredWay(killsFor(null, false), 'knife through the brain')).toBe('knife through the brain');
    expect(offeredWay(killsFor(null, true), 'brain spike')).toBe('killed by the shot');
  });
});

describe('where it is cut', () => {
  test('as its own file says; what has nothing to bleed says so', () => {
    expect(offeredWay(bleedsFor(mackerel), 'both gills')).toBe('throat');
    expect([weever, squid, null].map(isNotBled)).toEqual([false, true, false]);
    expect(isNotBled({})).toBe(false);
  });
  test('a head snapped back has bled it, where its file says so', () => {
    expect(killBleeds(mackerel, 'head snapped back')).toBe(true);
    expect(killBleeds(mackerel, 'blow to the head')).toBe(false);
    expect(killBleeds(weever, 'head snapped back')).toBe(false);
  });
});

test('every way is offered once, and none is lost, whatever a file says', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom(...KILLS)), fc.array(fc.constantFrom(...BLEEDS)), (kills, bleeds) => {
      expect([...killsFor({ kills }, true).ways].sort()).toEqual([...KILLS].sort());
      const b = bleedsFor({ bleeds });
      expect([...b.ways].sort()).toEqual([...BLEEDS].sort());
      expect(b.own).toBe(new Set(bleeds).size);
      expect(new Set(b.ways.slice(0, b.own))).toEqual(new Set(bleeds));
    }),
  );
});

test('what is said while it is killed and bled comes from its own file; a spear and a pierced gut add theirs', () => {
  const species = { dispatch: 'Two blows.', bleeding: 'Cut both gills.' };
  const say = (step: 'dispatch' | 'bleed' | 'ice', speared = false, gutPierced = false) =>
    handlingSentences(step, species, { speared, gutPierced });
  expect(say('dispatch')[0]).toBe('Two blows.');
  expect(say('dispatch')[1]).toMatch(/spread its fins, and its eyes stay fixed/);
  expect(say('bleed')).toEqual(['Cut both gills.']);
  expect(say('bleed', true)[1]).toMatch(/predators about: bleed it aboard/);
  const seen = handlingSentences('bleed', species, { speared: false, gutPierced: false, predators: true });
  expect(seen).toEqual(say('bleed', true));
  expect(say('ice')).toEqual([]);
  expect(say('ice', false, true)[0]).toMatch(/gut was pierced: gut it soon/);
});
