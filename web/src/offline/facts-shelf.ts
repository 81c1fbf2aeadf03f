/** Species and rules as they came, beside what the service worker keeps: read where the network is gone. Never thrown out. */
const SHELF = 'catalogue-and-rules';
export const FACTS_PATHS = ['/api/catalogue', '/api/rulebook'] as const;
export type FactsPath = (typeof FACTS_PATHS)[number];

/** The lists that each answer holds. */
const LISTS: Readonly<Record<FactsPath, readonly string[]>> = {
  '/api/catalogue': ['species', 'traits', 'packs'],
  '/api/rulebook': ['packs'],
};

/** Whether an answer is this server's: a login page or a portal may answer everything with 200, and is neither used nor kept. */
export const holdsFacts = (path: FactsPath, answer: unknown): boolean =>
  typeof answer === 'object' &&
  answer !== null &&
  LISTS[path].every((list) => Array.isArray((answer as Record<string, unknown>)[list]));

/** Lays an answer on the shelf. Never fails: where a browser has no shelf, the page goes on with what it was given. */
export async function layOnShelf(path: string, res: Response): Promise<void> {
  try {
    await (await caches.open(SHELF)).put(path, res);
  } catch {
    // No secure origin, or a full device: the kept answers are one more place.
  }
}

/** Fetches species and rules and lays them on the shelf: a newer version of the page finds its own there, at sea too. Whether it did. */
export async function fetchToShelf(): Promise<boolean> {
  try {
    for (const path of FACTS_PATHS) {
      const res = await fetch(path, { cache: 'no-cache' });
      if (!res.ok || !holdsFacts(path, await res.clone().json())) return false;
      await layOnShelf(path, res);
    }
    return true;
  } catch {
    return false;
  }
}
