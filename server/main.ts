import { fileURLToPath } from 'node:url';
import pino from 'pino';
import { createApp } from './app.ts';
import { readEnvironment } from './environment.ts';
import { loggedError } from './http/errorLog.ts';
import { newMetrics, serveMetrics } from './http/metrics.ts';
import { mustHaveKeys, WrongHealthKey } from './store/healthKeys.ts';
import { openImportShop } from './imports/importShop.ts';
import { openLogFile } from './logFile.ts';
import { openDatabase } from './store/database.ts';

/** Requests under way have this long to be answered once the process is told to end. */
const STOP_WITHIN_MS = 10_000;

/** Tells what watches over the process that starting it again would not help (bin/start). */
const WRONG_KEY_EXIT = 78;

const environment = readEnvironment(process.env);
const logFile =
  environment.logFile === ''
    ? undefined
    : openLogFile(environment.logFile, ({ message }) => console.error(`The log cannot be written: ${message}`));
const log = pino({ serializers: { err: loggedError } }, logFile ?? pino.destination(1));
const connection = openDatabase(environment.databaseUrl, {
  ...environment.pool,
  onIdleError: (error) => log.warn({ err: error }, 'database connection lost'),
});
const { host, port, metricsPort } = environment;
const metrics = newMetrics();
const metricsServer = metricsPort === undefined ? undefined : serveMetrics(metrics, host, metricsPort);
let stopping = false;

const importShop = openImportShop(new URL('importWorker.js', import.meta.url));

await mustHaveKeys(connection.database, environment.healthKeys).catch((error: unknown) => {
  if (!(error instanceof WrongHealthKey)) throw error;
  console.error(error.message);
  process.exit(WRONG_KEY_EXIT);
});

const app = createApp({
  connection,
  sessionSecret: environment.sessionSecret,
  healthKeys: environment.healthKeys,
  importShop,
  demo: environment.demo,
  securityContact: environment.securityContact,
  log,
  webFolder: fileURLToPath(new URL('../../web/dist', import.meta.url)),
  trustProxy: environment.trustProxy,
  metrics,
  isStopping: () => stopping,
});

const server = app.listen(port, host, (error?: Error) => {
  if (error) {
    console.error(
      'code' in error && error.code === 'EADDRINUSE'
        ? `Port ${port} is in use. Stop what uses it, or start on another: PORT=${port + 1} npm start`
        : `The server cannot listen on ${host}:${port}: ${error.message}`,
    );
    process.exit(1);
  }
  console.log(`Prompt Spark is ready at http://${host}:${port}`);
});

/**
 * Requests under way are answered before the process ends; what hangs is given up after a while. Ctrl-C may be heard
 * twice: from the terminal and from bin/start.
 */
function stop(): void {
  if (stopping) return;
  stopping = true;
  metricsServer?.close();
  server.close(() => {
    void connection.close().finally(() => process.exit(0));
  });
  server.closeIdleConnections();
  setTimeout(() => {
    log.warn('requests that hung were given up at the end');
    process.exit(0);
  }, STOP_WITHIN_MS).unref();
}

process.on('SIGINT', stop);
process.on('SIGTERM', stop);
