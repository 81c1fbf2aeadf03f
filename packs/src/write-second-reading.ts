import { writeFileSync } from 'node:fs';
import { loadSpecies } from './load.ts';
import { secondReading } from './second-reading.ts';

/** `npm run second-reading`: docs/second-reading.md, out of the files. */
writeFileSync('docs/second-reading.md', secondReading(loadSpecies()));
