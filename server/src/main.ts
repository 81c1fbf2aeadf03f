import { Config } from './common/config.ts';
import { startTrouble } from './common/start-trouble.ts';
import { DoorService } from './door/door.service.ts';
import { tellHome } from './door/tell-home.ts';
import { serve } from './serve.ts';

/** Ends with one sentence where there is one to say; else with all that is known of the fault. */
function giveUp(e: unknown, config: Config | null): never {
  const why = startTrouble(e, config);
  if (why === null) throw e;
  console.error(why);
  process.exit(1);
}

let config: Config;
try {
  config = Config.from(process.env);
} catch (e) {
  giveUp(e, null);
}
const served = await serve(config).catch((e: unknown) => giveUp(e, config));
served.app.enableShutdownHooks();
console.log(`Dagboek is at ${served.url}/  (book in ${config.data})`);
if (served.home) tellHome(served, served.app.get(DoorService), process.stdin);
