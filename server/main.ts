import { fileURLToPath } from 'node:url';
import pino from 'pino';
import { createApp } from './app.ts';
import { readEnvironment, type Environment } from './environment.ts';
import { loggedError } from './http/errorLog.ts';
import { halfSentOf } from './http/halfSent.ts';
import { newMetrics, serveMetrics } from './http/metrics.ts';
import { mustHaveKeys, WrongHealthKey } from './store/healthKeys.ts';
import { openImportShop } from './imports/importShop.ts';
import { openLogFile } from './logFile.ts';
import { findUnopened } from './store/unopened.ts';
import { emptyBins } from './store/bin.ts';
import { openDatabase } from './store/database.ts';
import { espeakSpeaker } from './voice/speaker.ts';

/** Requests under way have this long to be answered once the process is told to end. */
const STOP_WITHIN_MS = 10_000;
/** The rest of a request that is coming in has this long. */
const HALF_SENT_MS = 1_000;

/** Tells what watches over the process that starting it again would not help (bin/start); EX_CONFIG of sysexits.h. */
const CANNOT_RUN = 78;

function cannotRun(error: unknown): never {
  console.error(error instanceof Error ? error.message : String(error));
  process.exit(CANNOT_RUN);
}

const environment = environmentOrEnd();

function environmentOrEnd(): Environment {
  try {
    return readEnvironment(process.env);
  } catch (error) {
    return cannotRun(error);
  }
}

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
  if (error instanceof WrongHealthKey) cannotRun(error);
  throw error;
});

/** What was taken out long ago is deleted for good as the process starts, and once a day from then on. */
const DAY_MS = 86_400_000;
const tidy = () =>
  emptyBins(connection.database).catch((error: unknown) => log.warn({ err: error }, 'bins not emptied'));
void tidy();
setInterval(() => void tidy(), DAY_MS).unref();

const app = createApp({
  connection,
  sessionSecret: environment.sessionSecret,
  healthKeys: environment.healthKeys,
  importShop,
  demo: environment.demo,
  speaker: espeakSpeaker(environment.voice),
  securityContact: environment.securityContact,
  log,
  webFolder: fileURLToPath(new URL('../../web/dist', import.meta.url)),
  trustProxy: environment.trustProxy,
  metrics,
  isStopping: () => stopping,
});

const server = app.listen(port, host, (error?: Error) => {
  if (error) {
    const inUse = 'code' in error && error.code === 'EADDRINUSE';
    const why = inUse
      ? `Port ${port} is in use. Stop what uses it, or start on another: PORT=${port + 1} npm start`
      : `The server cannot listen on ${host}:${port}: ${error.message}`;
    cannotRun(new Error(why));
  }
  console.log(`Prompt Spark is ready at http://${host}:${port}`);
  void lookThrough();
});

/** Names what is sealed and does not open, once at each start, while everybody is served. */
async function lookThrough(): Promise<void> {
  try {
    const { ids, mended } = await findUnopened(connection.database, environment.healthKeys);
    if (mended > 0) log.info({ mended }, 'records kept under another spelling of their id were mended');
    if (ids.length === 0) return;
    log.warn({ ids: ids.slice(0, 100), all: ids.length }, 'sealed records cannot be opened');
    console.error(
      `${ids.length} records of people cannot be opened; the log names them. The others are not touched by it.`,
    );
  } catch (error) {
    log.warn({ err: error }, 'the sealed records were not looked through');
  }
}

const endHalfSent = halfSentOf(server);

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
  setTimeout(endHalfSent, HALF_SENT_MS).unref();
  setTimeout(() => {
    log.warn('requests that hung were given up at the end');
    process.exit(0);
  }, STOP_WITHIN_MS).unref();
}

process.on('SIGINT', stop);
process.on('SIGTERM', stop);

// What nobody caught has left the process in no state to go on: it is noted without what it says, and started again (bin/start).
process.on('uncaughtException', (error) => {
  log.fatal({ err: error }, 'the server ends');
  console.error('The server ends: something was not caught. See its log.');
  setTimeout(() => process.exit(1), 200);
});
