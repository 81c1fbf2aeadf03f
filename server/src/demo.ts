import { loadRulePacks, loadSpecies, skerrowSeason } from '@dagboek/packs';
import type { JournalService } from './journal/journal.service.ts';

/**
 * Fills an empty book with the made-up season, through the journal like anything else, and fills on one that was left half
 * filled. Returns how many entries were written.
 */
export async function fillWithDemo(journal: JournalService): Promise<number> {
  const species = loadSpecies();
  const rules = loadRulePacks(species).find((p) => p.id === 'skerrow-isles');
  if (!rules) throw new Error('The Skerrow Isles rules are missing.');
  const entries = skerrowSeason(species, rules);
  const [first, last] = [entries[0], entries.at(-1)];
  const begun = first !== undefined && journal.has(first.id);
  if (journal.count() > 0 && (!begun || !last || journal.has(last.id))) return 0;
  for (let i = 0; i < entries.length; i += 200) {
    for (const r of await journal.append(entries.slice(i, i + 200)))
      if (r.status === 'refused') throw new Error(`The season does not keep its own rules: ${r.why}`);
  }
  return entries.length;
}
