import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { practicePictures } from './practice-pictures.ts';

// Writes the practice pictures and what is true of them into the folder named, for the interface to ship.
const folder = process.argv[2];
if (!folder) throw new Error('Name the folder to write to.');
mkdirSync(folder, { recursive: true });
const pictures = await practicePictures();
for (const { jpeg, truth } of pictures) writeFileSync(join(folder, truth.file), jpeg);
writeFileSync(
  join(folder, 'practice.json'),
  `${JSON.stringify(
    pictures.map((p) => p.truth),
    null,
    2,
  )}\n`,
);
console.log(pictures.map((p) => `${p.truth.file} ${Math.round(p.jpeg.length / 1024)} kB`).join('\n'));
