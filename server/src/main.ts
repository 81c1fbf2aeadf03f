import { Config } from './common/config.ts';
import { createApp } from './create-app.ts';
import { fillWithDemo } from './demo.ts';
import { JournalService } from './journal/journal.service.ts';

const config = Config.from(process.env);
const app = await createApp(config);
if (config.demo) await fillWithDemo(app.get(JournalService));
const server = await app.listen(config.port, config.host);
const address = server.address() as { port: number };
const host = config.host.includes(':') ? `[${config.host}]` : config.host;
console.log(`Dagboek is at http://${host}:${address.port}/  (book in ${config.data})`);
