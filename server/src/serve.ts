import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { HomeNetwork } from '@dagboek/journal/log';
import { Clock } from './common/clock.ts';
import type { Config } from './common/config.ts';
import { createApp } from './create-app.ts';
import { fillWithDemo } from './demo.ts';
import { DoorService } from './door/door.service.ts';
import { listenAtHome } from './door/listen-at-home.ts';
import { JournalService } from './journal/journal.service.ts';

/** A server that listens. */
export interface Served {
  readonly app: NestExpressApplication;
  readonly url: string;
  readonly port: number;
  /** How it is reached from the network; null from this machine alone. */
  readonly home: HomeNetwork | null;
  /** Where a browser of this machine becomes the server's own screen. */
  readonly screen: string;
  /** Ends it in order: the book is whole in its one file. */
  close(): Promise<void>;
}

/** Opens the book, fills it with the demo where that is asked for, and listens. Throws BookTrouble, or what listening throws. */
export async function serve(config: Config): Promise<Served> {
  const app = await createApp(config);
  try {
    if (config.demo) {
      await fillWithDemo(app.get(JournalService));
      app.get(Clock).notBefore(await app.get(JournalService).lastWrittenMs());
    }
    const server = (await app.listen(config.port, config.host)) as Server;
    const { port } = server.address() as AddressInfo;
    const host = config.host.includes(':') ? `[${config.host}]` : config.host;
    const closeHome = config.lan ? await listenAtHome(app, config.lan, config.data) : () => undefined;
    const close = async (): Promise<void> => {
      closeHome();
      server.closeAllConnections();
      await app.close();
    };
    const door = app.get(DoorService);
    const url = `http://${host}:${port}`;
    const screen = `${url}/phones${door.screenKey === null ? '' : `#here=${door.screenKey}`}`;
    return { app, home: door.home, url, screen, port, close };
  } catch (e) {
    await app.close();
    throw e;
  }
}
