import compression from 'compression';
import express, { type Express } from 'express';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { accountRoutes } from './routes/account.ts';
import { circuitRoutes } from './routes/circuits.ts';
import { libraryRoutes } from './routes/library.ts';
import { peopleRoutes } from './routes/people.ts';
import { runRoutes } from './routes/runs.ts';
import { standardRoutes } from './routes/standards.ts';
import { sessionRoutes } from './routes/sessions.ts';
import type { Connection } from './store/database.ts';
import type { HealthKey } from './store/seal.ts';
import { pages, securityHeaders } from './web/pages.ts';
import { problemHandler, Refusal } from './web/problem.ts';
import { sameOriginOnly } from './web/sameOrigin.ts';
import { signInSessions } from './web/signedIn.ts';

/** What the application stands on. */
export interface AppParts {
  readonly connection: Connection;
  readonly sessionSecret: string;
  readonly healthKey: HealthKey;
  readonly log: Logger;
  /** The built web application; only the API is served without it. */
  readonly webFolder?: string;
}

/** The whole application: API and pages from one address. */
export function createApp({ connection, sessionSecret, healthKey, log, webFolder }: AppParts): Express {
  const { database, pool } = connection;
  const app = express();
  app.disable('x-powered-by');
  app.use(requestLog(log));
  app.use(compression());
  app.use(...securityHeaders());
  app.use('/api', noStore, sameOriginOnly, express.json({ limit: '4mb' }), signInSessions(pool, sessionSecret));
  app.use(accountRoutes(database));
  app.use(libraryRoutes(database));
  app.use(standardRoutes(database));
  app.use(peopleRoutes(database, healthKey));
  app.use(circuitRoutes(database));
  app.use(sessionRoutes(database));
  app.use(runRoutes(database));
  app.use('/api', (_request, _response, next) => {
    next(new Refusal(404, 'Not found', 'There is nothing at this address.'));
  });
  if (webFolder !== undefined) app.use(pages(webFolder));
  app.use(problemHandler(log));
  return app;
}

const noStore: express.RequestHandler = (_request, response, next) => {
  response.set('Cache-Control', 'no-store');
  next();
};

/** Logs method, path and status: no bodies, no query strings, no cookies, no addresses. */
function requestLog(log: Logger) {
  return pinoHttp({
    logger: log,
    serializers: {
      req: (request: { method: string; url: string }) => ({ method: request.method, path: request.url.split('?')[0] }),
      res: (response: { statusCode: number }) => ({ status: response.statusCode }),
    },
    autoLogging: { ignore: (request) => request.url?.startsWith('/assets/') ?? false },
  });
}
