import { epochMs, instantOf } from '@dagboek/core/time';
import type { RulePack } from '@dagboek/core/rules';
import type { FactsOf } from '@dagboek/journal';
import type { Tern } from './crew.ts';
import { seenToday } from './mishaps.ts';
import { MIN, type Scribe } from './scribe.ts';

/** The open trip: North Skerries, left 06:40; six fish and a lot of mackerel aboard, three let go, one just landed and not yet named. */
export function writeToday(s: Scribe, others: Scribe, t: Tern, rules: RulePack, day: string): void {
  const at = (time: string): number => epochMs(instantOf(day, time, rules.timeZone));
  const trip = s.id(at('06:40'));
  s.note('trip.started', trip, at('06:40'), t.ilse, {
    waters: rules.id,
    zone: 'north-skerries',
    from: 'boat',
    boat: 'Tern',
    crew: [t.ilse, t.tomas, t.wren],
    box: t.blueBox,
    iceKg: 9,
    waterC: 13.1,
    homeAt: instantOf(day, '20:15', rules.timeZone),
  });
  s.note('trip.noted', trip, at('07:15'), t.wren, {
    topic: 'weather',
    text: 'South-west 3, half cloud. Slack water at 15:20.',
    airC: 14.5,
  });

  seenToday(others, t, trip, at);

  let number = 0;
  const land = (
    time: string,
    angler: string,
    species: string | null,
    more: Partial<FactsOf<'fish.landed'>> = {},
  ): string => {
    const id = s.id(at(time));
    s.note('fish.landed', id, at(time), t.wren, {
      trip,
      number: ++number,
      angler,
      count: 1,
      gear: 'rod',
      ...(species ? { species } : {}),
      ...more,
    });
    return id;
  };
  const measure = (id: string, time: string, lengthMm: number, longestMm?: number) =>
    s.note('fish.measured', id, at(time), t.wren, {
      lengthMm,
      lengthKind: 'total',
      method: 'board',
      ...(longestMm ? { longestMm } : {}),
    });
  const keep = (id: string, killed: string, bled: string, iced: string | null, massG?: number): void => {
    if (massG) s.note('fish.weighed', id, at(killed) - MIN / 2, t.wren, { massG, how: 'scale' });
    s.note('fish.dispatched', id, at(killed), t.ilse, { how: 'brain spike', signsSeen: true });
    s.note('fish.bled', id, at(bled), t.tomas, { cut: 'both gills', medium: 'sea-water bucket' });
    if (iced) s.note('fish.iced', id, at(iced), t.wren, { box: t.blueBox, how: 'slurry' });
  };

  const mackerel = land('07:52', t.ilse, 'mackerel', { count: 8 });
  measure(mackerel, '07:54', 295, 345);
  keep(mackerel, '07:53', '07:56', '08:03', 2440);
  const small = land('08:20', t.wren, 'ballan-wrasse');
  measure(small, '08:21', 305);
  s.note('fish.released', small, at('08:22'), t.wren, { reason: 'too short', state: 'swam off' });
  const third = land('09:10', t.wren, 'pollack');
  const read = measure(third, '09:11', 460);
  s.amend(
    read,
    'fish.measured',
    { lengthMm: 440, lengthKind: 'total', method: 'board' },
    t.ilse,
    'nose was off the stop',
    6,
  );
  keep(third, '09:11', '09:12', '09:21', 790);
  const fourth = land('09:48', t.ilse, 'pollack');
  measure(fourth, '09:49', 525);
  keep(fourth, '09:49', '09:50', '10:01', 1310);
  const dory = land('10:35', t.tomas, 'john-dory');
  measure(dory, '10:36', 302);
  measure(dory, '10:38', 296);
  s.note('fish.released', dory, at('10:39'), t.wren, { reason: 'too near to tell', state: 'swam off' });
  const wrasse = land('11:05', t.ilse, 'ballan-wrasse', { gear: 'spear' });
  measure(wrasse, '11:09', 372);
  s.note('fish.dispatched', wrasse, at('11:06'), t.ilse, { how: 'knife through the brain', signsSeen: true });
  s.note('fish.bled', wrasse, at('11:14'), t.tomas, { cut: 'none' });
  s.note('fish.iced', wrasse, at('11:22'), t.wren, { box: t.blueBox, how: 'slurry' }, { about: true });
  const short = land('11:50', t.tomas, 'pollack');
  measure(short, '11:51', 355);
  s.note('fish.released', short, at('11:51'), t.wren, { reason: 'too short', state: 'swam off' });
  const bream = land('12:36', t.tomas, 'black-seabream');
  measure(bream, '12:37', 315);
  keep(bream, '12:38', '12:39', '12:44', 505);
  const ninth = land('13:24', t.tomas, 'pollack');
  measure(ninth, '13:25', 490);
  keep(ninth, '13:25', '13:26', '13:34', 1050);
  const tenth = land('14:13', t.wren, 'pollack');
  measure(tenth, '14:13', 430);
  keep(tenth, '14:14', '14:15', null, 735);
  land('14:19', t.tomas, null);
}
