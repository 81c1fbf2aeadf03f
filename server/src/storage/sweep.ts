import { existsSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';

/** Takes away what a crash left half done: parts of pictures, of a restored book and of backups. Nothing whole is named so. */
export function sweep(folder: string): void {
  const half: readonly [string, RegExp][] = [
    ['.', /^dagboek\.sqlite\.part$/],
    ['photos', /\.part$/],
    ['backups', /^\.\d{4}-\d\d-\d\dT[\d-]+$/],
  ];
  for (const [where, name] of half) {
    const at = join(folder, where);
    if (!existsSync(at)) continue;
    for (const f of readdirSync(at)) if (name.test(f)) rmSync(join(at, f), { recursive: true, force: true });
  }
}
