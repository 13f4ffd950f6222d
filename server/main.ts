import { fileURLToPath } from 'node:url';
import pino from 'pino';
import { createApp } from './app.ts';
import { readEnvironment } from './environment.ts';
import { openDatabase } from './store/database.ts';

const environment = readEnvironment(process.env);
const log = pino(
  environment.logFile === '' ? pino.destination(1) : pino.destination({ dest: environment.logFile, mkdir: true }),
);
const connection = openDatabase(environment.databaseUrl, (error) =>
  log.warn({ err: error }, 'database connection lost'),
);
const webFolder = fileURLToPath(new URL('../../web/dist', import.meta.url));
const app = createApp({
  connection,
  sessionSecret: environment.sessionSecret,
  healthKey: environment.healthKey,
  log,
  webFolder,
});

const { host, port } = environment;
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

let stopping = false;

/** Requests under way are answered before the process ends. Ctrl-C may be heard twice: from the terminal and from bin/start. */
function stop(): void {
  if (stopping) return;
  stopping = true;
  server.close(() => {
    void connection.close().finally(() => process.exit(0));
  });
  server.closeIdleConnections();
}

process.on('SIGINT', stop);
process.on('SIGTERM', stop);
