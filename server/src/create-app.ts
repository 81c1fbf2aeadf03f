import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { NOT_JOINED } from '@dagboek/journal/log';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import compression from 'compression';
import expressStaticGzip from 'express-static-gzip';
import express, { type NextFunction, type Request, type Response } from 'express';
import helmet from 'helmet';
import { AppModule } from './app.module.ts';
import { Clock } from './common/clock.ts';
import type { Config } from './common/config.ts';
import { sendProblem } from './common/problem.filter.ts';
import { mustBeShallow } from './common/json-depth.ts';
import { PinoLogger } from './common/pino-logger.ts';
import { PlainLogger } from './common/plain-logger.ts';
import { beforeTheBody } from './door/before-body.ts';
import { DoorService } from './door/door.service.ts';
import { namesAtHome } from './door/listen-at-home.ts';
import { cameFromHome, shown } from './door/who-asks.ts';
import { withinBudget } from './guards/body-budget.ts';
import { onlyKnownHosts } from './guards/known-host.ts';

/** Requests may carry this much, bytes. */
const BODY_LIMIT = 1024 * 1024;
/** A picture may be this large. */
const PICTURE_LIMIT = 25 * 1024 * 1024;
/** All that are being taken in at once: two large pictures and a page of lines. */
const AT_ONCE = 2 * PICTURE_LIMIT + 2 * BODY_LIMIT;

/** The application, ready to listen: API, OpenAPI document, and the built interface where there is one. */
export async function createApp(
  config: Config,
  clock = new Clock(config.now ? Date.parse(config.now) : null, config.still),
): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(config, clock), {
    bodyParser: false,
    // What went wrong is told by `main`, in a sentence.
    abortOnError: false,
    logger: config.byHand ? new PlainLogger(config.log) : new PinoLogger(config.log),
  });
  app.use(onlyKnownHosts([...config.hosts, ...namesAtHome(config.lan)]));
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          // The solver of the plan of meals is WebAssembly; no text is ever run as a script.
          'script-src': ["'self'", "'wasm-unsafe-eval'"],
          'style-src': ["'self'", "'unsafe-inline'"],
          'img-src': ["'self'", 'data:', 'blob:'],
          'font-src': ["'self'"],
          'base-uri': ["'none'"],
          'frame-ancestors': ["'none'"],
          'upgrade-insecure-requests': null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use((req: Request, res: Response, next: NextFunction) => {
    // What a page of a logbook has no use for; camera, position and screen lock it has.
    res.setHeader('Permissions-Policy', 'payment=(), usb=(), serial=(), midi=(), microphone=(), browsing-topics=()');
    if (req.path.startsWith('/api/')) res.setHeader('Cache-Control', 'no-store');
    next();
  });
  const door = app.get(DoorService);
  app.use(beforeTheBody(door));
  app.use(withinBudget(AT_ONCE, (req) => (req.is('image/*') ? PICTURE_LIMIT : BODY_LIMIT)));
  // Receipts are short, and a line waits for them: they go as they are.
  app.use(compression({ filter: (req, res) => req.method === 'GET' && compression.filter(req, res) }));
  app.useBodyParser('json', {
    limit: BODY_LIMIT,
    // A small body that unfolds into a large one is never sent by our own page.
    inflate: false,
    verify: (_: unknown, __: unknown, body: Buffer) => mustBeShallow(body),
  } as object);
  app.useBodyParser('raw', { limit: PICTURE_LIMIT, type: 'image/*', inflate: false });
  const document = SwaggerModule.createDocument(
    app,
    new DocumentBuilder()
      .setTitle('Dagboek')
      .setDescription('A working logbook, from the water to the plate.')
      .setVersion('1')
      .build(),
  );
  app.use('/api/openapi.json', (req: Request, res: Response) =>
    cameFromHome(req) && !door.whoShows(shown(req)) ? sendProblem(res, 401, NOT_JOINED) : res.json(document),
  );
  if (config.web && existsSync(config.web)) serveInterface(app, config.web);
  return app;
}

/** Files named by their content are kept for ever, and go as the build compressed them; the page and the service worker are asked for anew each time. */
function serveInterface(app: NestExpressApplication, folder: string): void {
  app.use(
    '/assets',
    expressStaticGzip(join(folder, 'assets'), {
      enableBrotli: true,
      orderPreference: ['br', 'gz'],
      serveStatic: { immutable: true, maxAge: '1y', fallthrough: false },
    }),
  );
  app.use(express.static(folder, { setHeaders: (res) => res.setHeader('Cache-Control', 'no-cache'), index: false }));
  app.use((req: Request, res: Response, next: NextFunction) => {
    if ((req.method !== 'GET' && req.method !== 'HEAD') || req.path.startsWith('/api/')) return next();
    res.setHeader('Cache-Control', 'no-cache');
    // By its root: a path that leads through a folder such as .dagboek would count as hidden.
    res.sendFile('index.html', { root: folder });
  });
}
