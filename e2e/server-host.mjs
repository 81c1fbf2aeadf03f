import { Config } from '../server/dist/common/config.js';
import { serve } from '../server/dist/serve.js';

/**
 * Serves one book after another in one process, as server.ts asks for them: loading the program takes far longer than
 * opening a book. Tests about the process itself (signals, crashes, its words at the start) spawn their own.
 */
const served = new Map();

process.on('message', ({ id, env, stop }) => {
  const work = async () => {
    if (stop) {
      await served.get(id)?.close();
      served.delete(id);
      return { id };
    }
    const s = await serve(Config.from(env));
    served.set(id, s);
    return { id, url: s.url, port: s.port, home: s.home, screen: s.screen };
  };
  work().then(
    (told) => process.send?.(told),
    (e) => process.send?.({ id, why: e instanceof Error ? (e.stack ?? e.message) : String(e) }),
  );
});
process.on('disconnect', () => process.exit(0));
