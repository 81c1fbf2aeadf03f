import { writeFileSync } from 'node:fs';
import { loadSpecies } from './load.ts';
import { secondReading } from './second-reading.ts';

/** `npm run second-reading`: docs/generated/second-reading.md, out of the files. */
writeFileSync('docs/generated/second-reading.md', secondReading(loadSpecies()));
