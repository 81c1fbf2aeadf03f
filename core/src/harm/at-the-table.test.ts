import { describe, expect, test } from '@jest/globals';
import { byproductCaution, CORE_LINES, leavesRaw, packCautions, tableCautions, type Eaten } from './index.ts';

const WORMS = 'May hold worms: not raw unless frozen.';
const fish = (id: string, verdict: Eaten['raw']['verdict'], eating: readonly string[] = [WORMS]): Eaten => ({
  id,
  name: id,
  eating,
  raw: { verdict, why: `Why ${id}.` },
});
const say = (list: Eaten[], method: string): string[] => tableCautions(list, method).map((c) => c.say);

describe('cautions at the table', () => {
  test('stand for every pack chosen, each once, by name where they differ', () => {
    const both = say(
      [
        fish('Pollack', 'frozen first'),
        fish('Mackerel', 'frozen first', [WORMS, 'Forms histamine.']),
        fish('Pollack', 'frozen first'),
      ],
      'grilled',
    );
    expect(both.filter((s) => s === WORMS)).toHaveLength(1);
    expect(both).toContain('Mackerel: forms histamine.');
    expect(say([fish('Mackerel', 'frozen first', ['Forms histamine.'])], 'grilled')).toContain('Forms histamine.');
  });
  test('raw, cured and cold-smoked: what its kind allows, that acid kills no worms, and the freezing with flukes excepted', () => {
    for (const method of ['raw', 'cured', 'smoked']) {
      expect(leavesRaw(method)).toBe(true);
      const list = tableCautions([fish('Roach', 'cook')], method);
      expect(list[0]).toEqual({ grade: 'stop', say: 'Not raw, not even after freezing. Why Roach.' });
      expect(list.map((c) => c.say).join(' ')).toMatch(/kill no worms.*−35° for 15 hours.*carp family through/);
    }
    expect(say([fish('Roach', 'cook')], 'smoked').join(' ')).toMatch(/Cold-smoked fish counts as raw/);
    expect(say([fish('Cod', 'frozen first')], 'raw')[0]).toMatch(/^Not raw, unless frozen/);
    expect(tableCautions([fish('Cod', 'frozen first')], 'poached').every((c) => c.grade === 'mind')).toBe(true);
  });
  test('what is never eaten stops every meal; eaters at risk are always named', () => {
    expect(tableCautions([fish('Cod', 'frozen first'), fish('Puffer', 'never')], 'grilled')[0]).toEqual({
      grade: 'stop',
      say: 'Puffer: never eaten. Why Puffer.',
    });
    expect(say([fish('Cod', 'frozen first')], 'grilled').at(-1)).toMatch(/[Pp]regnant.*cooked through/);
    expect(tableCautions([], 'raw')).toEqual([]);
    expect(CORE_LINES).toMatchObject({ parasitesC: 60, parasitesMin: 1, usC: 63, ukC: 70 });
  });
});

describe('packs and by-products', () => {
  test('raw fish without air is kept cold and open the bag before thawing; cooked fish is not warned of', () => {
    expect(packCautions({ wrapping: 'vacuum', form: 'fillets', venomous: false })[0]).toMatch(
      /3° or colder.*open the bag before thawing.*botulism/,
    );
    expect(packCautions({ wrapping: 'vacuum', form: 'cooked', venomous: false })).toEqual([]);
    expect(packCautions({ wrapping: 'bag', form: 'fillets', venomous: true })).toEqual([]);
    expect(packCautions({ wrapping: 'bag', form: 'whole', venomous: true })[0]).toMatch(/venomous in the freezer/);
    expect(packCautions({ wrapping: 'bag', form: 'cured', venomous: false })[0]).toMatch(/counts as raw/);
    expect(packCautions({ wrapping: 'bag', form: 'smoked', venomous: false })[0]).toMatch(
      /63° in the middle.*Cold-smoked fish counts as raw/,
    );
    const barbel = { hazards: [{ kind: 'poison', part: 'roe', does: 'It purges.' }] };
    expect(packCautions({ wrapping: 'bag', form: 'roe', venomous: false, species: barbel })).toEqual([
      'Not to be eaten: it purges.',
    ]);
    expect(packCautions({ wrapping: 'bag', form: 'liver', venomous: false, species: { hazards: [] } })[0]).toMatch(
      /vitamin A/,
    );
  });
  test('liver: vitamin A and dioxins, and of reef fish ciguatera; the roe of one is poison', () => {
    expect(byproductCaution('Liver', { hazards: [] })).toMatch(/vitamin A.*dioxins/);
    expect(byproductCaution('liver', { hazards: [], ciguatera: true })).toMatch(/ciguatera/);
    const barbel = { hazards: [{ kind: 'poison', part: 'roe', does: 'It purges.' }] };
    expect(byproductCaution('roe', barbel)).toMatch(/^Not to be eaten/);
    expect(byproductCaution('cheeks', barbel)).toBeNull();
    expect(byproductCaution('cheeks', null)).toBeNull();
  });
});
