import { Config } from './common/config.ts';
import { serve } from './serve.ts';
import { BookTrouble } from './storage/book-trouble.ts';

const config = Config.from(process.env);
const served = await serve(config).catch((e: NodeJS.ErrnoException) => {
  if (!(e instanceof BookTrouble) && e.syscall !== 'listen') throw e;
  console.error(
    e.code === 'EADDRINUSE'
      ? `Something already listens on port ${config.port}. Stop it, or set DAGBOEK_PORT to another number.`
      : e.message,
  );
  process.exit(1);
});
served.app.enableShutdownHooks();
console.log(`Dagboek is at ${served.url}/  (book in ${config.data})`);
