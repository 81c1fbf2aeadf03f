import { Clock } from './common/clock.ts';
import { Config } from './common/config.ts';
import { createApp } from './create-app.ts';
import { fillWithDemo } from './demo.ts';
import { BookTrouble } from './storage/book-trouble.ts';
import { JournalService } from './journal/journal.service.ts';

const config = Config.from(process.env);
const app = await createApp(config).catch((e: unknown) => {
  if (!(e instanceof BookTrouble)) throw e;
  console.error(e.message);
  process.exit(1);
});
app.enableShutdownHooks();
if (config.demo) {
  await fillWithDemo(app.get(JournalService));
  app.get(Clock).notBefore(await app.get(JournalService).lastWrittenMs());
}
const server = await app.listen(config.port, config.host).catch((e: NodeJS.ErrnoException) => {
  console.error(
    e.code === 'EADDRINUSE'
      ? `Something already listens on port ${config.port}. Stop it, or set DAGBOEK_PORT to another number.`
      : e.message,
  );
  process.exit(1);
});
const address = server.address() as { port: number };
const host = config.host.includes(':') ? `[${config.host}]` : config.host;
console.log(`Dagboek is at http://${host}:${address.port}/  (book in ${config.data})`);
