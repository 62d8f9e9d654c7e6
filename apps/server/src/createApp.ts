import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { clockAhead } from '@bright-sprout/core/clock/clock';
import { NestFactory } from '@nestjs/core';
import { type NestExpressApplication } from '@nestjs/platform-express';
import compression from 'compression';
import cookieParser from 'cookie-parser';
import express, { type NextFunction, type Request, type Response } from 'express';
import helmet from 'helmet';
import { answerStrictly } from './answers/allowed';
import { AppModule } from './app.module';
import { describeApi } from './openApi';
import { refuseWhatNobodyWrites } from './problems/largeBody';
import { told } from '@bright-sprout/words/say';
import { Problem } from './problems/problem';
import { ProblemFilter } from './problems/problemFilter';
import { validationPipe } from './problems/validationPipe';
import { type Settings } from './settings';
import { hearLanguage, speakAsAsked } from './words/spoken';

const JSON_LIMIT = '100kb';

/** The whole server, ready to listen: API under /api, everything else is the web application. */
export async function createApp(settings: Settings): Promise<NestExpressApplication> {
  speakAsAsked();
  answerStrictly(settings.strictAnswers);
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(settings), {
    bodyParser: false,
    ...(settings.tls ? { httpsOptions: settings.tls } : {}),
    logger: ['warn', 'error'],
  });
  if (settings.trustedProxies.length > 0) app.set('trust proxy', settings.trustedProxies);
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          scriptSrc: ["'self'"],
          styleSrc: ["'self'"],
          // Charts and React set single style properties on elements; whole style sheets come from this server only.
          styleSrcAttr: ["'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          manifestSrc: ["'self'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: settings.secureCookies,
    }),
  );
  app.use(
    compression({
      filter: (request, response) =>
        !String(response.getHeader('content-type')).startsWith('text/event-stream') && compression.filter(request, response),
    }),
  );
  app.use(cookieParser());
  app.use(hearLanguage);
  // What is answered is somebody's: nothing on the way keeps it, and no browser that others use after.
  app.use('/api', (_request: Request, response: Response, next: NextFunction) => {
    response.set('cache-control', 'no-store');
    next();
  });
  app.use(refuseOtherOrigins);
  // Tables and pictures are read by their routes, once it is known who sends them.
  const json = express.json({ limit: JSON_LIMIT });
  app.use((request: Request, response: Response, next: NextFunction) =>
    request.path.startsWith('/api/v1/imports/') ? next() : json(request, response, next),
  );
  app.use(refuseWhatNobodyWrites);
  app.setGlobalPrefix('api/v1', { exclude: ['api/health'] });
  app.useGlobalPipes(validationPipe());
  app.useGlobalFilters(new ProblemFilter());
  app.enableShutdownHooks();
  describeApi(app);
  serveWeb(app, settings.webFolder);
  return app;
}

/** A browser that sends an unsafe request from another site says so in Origin; SameSite cookies are the first lock, this the second. */
function refuseOtherOrigins(request: Request, _response: Response, next: NextFunction): void {
  const { origin, host } = request.headers;
  const safe = ['GET', 'HEAD', 'OPTIONS'].includes(request.method);
  const own = safe || !origin || URL.parse(origin)?.host === host;
  next(own ? undefined : new Problem(403, told('refusals.anotherSite')));
}

/** Files with a hash in their name never change; the page itself is asked for anew each time. */
function serveWeb(app: NestExpressApplication, folder: string): void {
  if (!existsSync(join(folder, 'index.html'))) return;
  app.use('/assets', express.static(join(folder, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }));
  // The service worker is asked for anew each time, so that a new version is found.
  app.use('/sw.js', (_request: Request, response: Response) =>
    response.set('cache-control', 'no-cache').sendFile(join(folder, 'sw.js')),
  );
  const page = pageWithClock(readFileSync(join(folder, 'index.html'), 'utf8'));
  const sendPage = (response: Response) => response.set('cache-control', 'no-cache').type('html').send(page);
  app.use('/index.html', (_request: Request, response: Response) => sendPage(response));
  app.use(express.static(folder, { index: false, maxAge: '1h' }));
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.method !== 'GET' || request.path.startsWith('/api')) return next();
    sendPage(response);
  });
}

/** A page beside a clock that was set keeps to it: it is told by how much that runs ahead of the machine's. */
function pageWithClock(page: string): string {
  const ahead = clockAhead();
  return ahead === 0 ? page : page.replace('</head>', `  <meta name="clock-ahead" content="${ahead}" />\n  </head>`);
}
