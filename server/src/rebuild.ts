import { Config } from './common/config.ts';
import { openDataSource } from './storage/data-source.ts';
import { rebuildProjections } from './storage/projections.ts';

/** `npm run rebuild`: folds every projection anew from the log and says whether anything differed. */
const config = Config.from(process.env);
const source = await openDataSource(config.data);
const { subjects, differences } = await source.transaction((db) => rebuildProjections(db));
await source.destroy();
console.log(
  differences.length === 0
    ? `${subjects} subjects folded anew; nothing differed.`
    : `${subjects} subjects folded anew; ${differences.length} rows differed:`,
);
for (const d of differences.slice(0, 20)) console.log(d.slice(0, 200));
process.exitCode = differences.length === 0 ? 0 : 1;
