import compression from 'compression';
import express, { type Express, type Request } from 'express';
import { randomUUID } from 'node:crypto';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { loggedError } from './http/errorLog.ts';
import { docs } from './http/docs.ts';
import { health } from './http/health.ts';
import type { Metrics } from './http/metrics.ts';
import { pages, securityHeaders } from './http/pages.ts';
import { problemHandler, Refusal } from './http/problem.ts';
import { sameOriginOnly } from './http/sameOrigin.ts';
import { serve } from './http/serve.ts';
import { accountSignedIn, signInSessions } from './http/signedIn.ts';
import { limitsFor } from './http/limits.ts';
import { securityText } from './http/securityText.ts';
import { accountRoutes, welcomeFor } from './routes/account.ts';
import { circuitRoutes } from './routes/circuits.ts';
import { importRoutes } from './routes/imports.ts';
import { libraryRoutes } from './routes/library.ts';
import { peopleRoutes } from './routes/people.ts';
import { binRoutes } from './routes/bin.ts';
import { runRoutes } from './routes/runs.ts';
import { sessionRoutes } from './routes/sessions.ts';
import { standardRoutes } from './routes/standards.ts';
import { voiceRoutes } from './routes/voice.ts';
import { pronunciationRoutes } from './routes/pronunciations.ts';
import { wordRoutes } from './routes/words.ts';
import { espeakSpeaker, type Speaker } from './voice/speaker.ts';
import type { Connection } from './store/database.ts';
import type { KeyRing } from './health/keyRing.ts';
import type { ImportShop } from './imports/importShop.ts';

/** What the application stands on. */
export interface AppParts {
  readonly connection: Connection;
  readonly sessionSecret: string;
  readonly healthKeys: KeyRing;
  readonly importShop: ImportShop;
  /** What speaks on the Stage; where it is not said, espeak-ng, and nothing is kept of it. */
  readonly speaker?: Speaker;
  /** Whether the demo may be entered; where it is not said, it may. */
  readonly demo?: boolean;
  /** Whom to write to about a weakness, for security.txt. */
  readonly securityContact?: string;
  readonly log: Logger;
  /** The built web application; only the API is served without it. */
  readonly webFolder?: string;
  /** Proxies in front that are believed: how many, or their addresses. */
  readonly trustProxy?: number | string | undefined;
  readonly metrics?: Metrics;
  /** Whether the process is about to end, so that nobody sends it more. */
  readonly isStopping?: () => boolean;
  /** Checks every answer against the table of endpoints, as tests do. */
  readonly checkAnswers?: boolean;
}

/** The whole application: API and pages from one address. */
export function createApp(parts: AppParts): Express {
  const { connection, sessionSecret, healthKeys, importShop, webFolder, trustProxy, metrics, demo = true } = parts;
  const log = parts.log.child({}, { serializers: { err: loggedError } });
  const { database, pool } = connection;
  const app = express();
  app.disable('x-powered-by');
  // Answers of the API are never stored, so there is nothing to compare them with.
  app.disable('etag');
  if (trustProxy !== undefined) app.set('trust proxy', trustProxy);
  app.use(health(async () => !parts.isStopping?.() && (await connection.answers())));
  app.use(requestLog(log));
  if (metrics) app.use(metrics.measure);
  app.use(...securityHeaders());
  app.use(['/api/docs', '/api/openapi.json'], compression());
  app.use(docs());
  app.use(securityText(parts.securityContact ?? ''));
  const sessions = signInSessions(pool, sessionSecret);
  app.use('/api', noStore, sameOriginOnly, ...sessions);
  const handlers = {
    ...accountRoutes({ database, key: healthKeys, demo }),
    ...libraryRoutes(database, importShop),
    ...standardRoutes(database),
    ...pronunciationRoutes(database),
    ...wordRoutes(database),
    ...voiceRoutes(parts.speaker ?? espeakSpeaker({ program: 'espeak-ng', folder: '' })),
    ...peopleRoutes(database, healthKeys, importShop),
    ...importRoutes(database),
    ...circuitRoutes(database),
    ...sessionRoutes(database),
    ...runRoutes(database, importShop),
    ...binRoutes(database, healthKeys),
  };
  app.use(
    serve(handlers, {
      accountOf: (request: Request) => accountSignedIn(database, request),
      before: limitsFor(database),
      ...(parts.checkAnswers ? { checkAnswers: true } : {}),
    }),
  );
  app.use('/api', (_request, _response, next) => {
    next(new Refusal(404, 'Not found', 'Page not found.'));
  });
  if (webFolder !== undefined) {
    app.use(compression());
    app.use(
      pages({
        folder: webFolder,
        // A page is there even while the database is not: what is kept in the browser can be worked on.
        welcome: async (request, response) => {
          try {
            for (const step of sessions) await passed(step, request, response);
            return await welcomeFor(database, await accountSignedIn(database, request), demo);
          } catch (error) {
            log.warn({ err: error }, 'a page was served without knowing who asks');
            return undefined;
          }
        },
      }),
    );
  }
  app.use(problemHandler(log));
  return app;
}

/** Waits until a middleware has passed a request on. */
function passed(step: express.RequestHandler, request: Request, response: express.Response): Promise<void> {
  return new Promise((resolve, reject) => {
    void step(request, response, (error?: unknown) =>
      error ? reject(error instanceof Error ? error : new Error('A middleware refused.')) : resolve(),
    );
  });
}

const noStore: express.RequestHandler = (_request, response, next) => {
  response.set('Cache-Control', 'no-store');
  next();
};

/** Logs id, method, path and status: no bodies, no query strings, no cookies, no addresses. The id goes out with the answer. */
function requestLog(log: Logger) {
  return pinoHttp({
    logger: log,
    genReqId: (_request, response) => {
      const id = randomUUID();
      response.setHeader('X-Request-Id', id);
      return id;
    },
    // As they are: the usual ones would first make a text of all that an error says.
    wrapSerializers: false,
    serializers: {
      err: loggedError,
      req: (request: { id: string; method: string; url: string }) => ({
        id: request.id,
        method: request.method,
        path: request.url.split('?')[0],
      }),
      res: (response: { statusCode: number }) => ({ status: response.statusCode }),
    },
    autoLogging: { ignore: (request) => request.url?.startsWith('/assets/') ?? false },
  });
}
