import Joi from 'joi';
import { keysFrom, ringInFile, ringOf, type KeyRing } from './health/keyRing.ts';

/** What the server needs to know from its surroundings. */
export interface Environment {
  readonly databaseUrl: string;
  readonly sessionSecret: string;
  readonly healthKeys: KeyRing;
  readonly host: string;
  readonly port: number;
  /** Where the log is written; standard output where empty. */
  readonly logFile: string;
  /**
   * Which proxies in front are believed when they say where a request came from and that it came by TLS: how many there
   * are, or their addresses; undefined for none.
   */
  readonly trustProxy: number | string | undefined;
  /** Connections to the database at most, and milliseconds after which it gives a statement up. */
  readonly pool: { readonly most: number; readonly statementMs: number };
  /** Where the figures for Prometheus are served, on the same host; undefined for nowhere. */
  readonly metricsPort: number | undefined;
  /** The program that speaks, and where what it spoke is kept; nowhere where empty. */
  readonly voice: { readonly program: string; readonly folder: string };
  /** Whether the demo may be entered. */
  readonly demo: boolean;
  /** Where to write about a weakness, as a URI, for /.well-known/security.txt; empty where nobody is named. */
  readonly securityContact: string;
}

interface Variables {
  readonly DATABASE_URL: string;
  readonly SESSION_SECRET: string;
  readonly HEALTH_KEY: string;
  readonly HEALTH_KEY_FILE: string;
  readonly HOST: string;
  readonly PORT: number;
  readonly LOG_FILE: string;
  readonly TRUST_PROXY: string;
  readonly DATABASE_CONNECTIONS: number;
  readonly STATEMENT_TIMEOUT_MS: number;
  readonly METRICS_PORT: number | '';
  readonly VOICE_PROGRAM: string;
  readonly VOICE_FOLDER: string;
  readonly DEMO: 'on' | 'off';
  readonly SECURITY_CONTACT: string;
}

/** An address or a net, or the name of some that every machine has. */
const NET = '(?:loopback|linklocal|uniquelocal|[0-9a-f]*[.:][0-9a-f.:]*(?:/[0-9]{1,3})?)';
const TRUSTED = new RegExp(`^(?:[1-9]|${NET}(?:, ?${NET}){0,19})$`, 'i');

const schema = Joi.object<Variables>({
  DATABASE_URL: Joi.string()
    .uri({ scheme: ['postgres', 'postgresql'] })
    .required(),
  SESSION_SECRET: Joi.string().min(32).required(),
  // One key or several, the newest first: as text, or in a file that is read anew when it changes.
  HEALTH_KEY: Joi.string()
    .allow('')
    .custom((text: string, helpers) => (text === '' || areKeys(text) ? text : helpers.error('any.invalid')))
    .default(''),
  HEALTH_KEY_FILE: Joi.string().allow('').default(''),
  HOST: Joi.string().hostname().default('127.0.0.1'),
  PORT: Joi.number().port().default(4380),
  LOG_FILE: Joi.string().allow('').default(''),
  // A number of proxies, or addresses and nets with commas between; never "true", which would believe anybody.
  TRUST_PROXY: Joi.string().pattern(TRUSTED).allow('').default(''),
  DATABASE_CONNECTIONS: Joi.number().integer().min(2).max(200).default(10),
  STATEMENT_TIMEOUT_MS: Joi.number().integer().min(100).max(600_000).default(15_000),
  VOICE_PROGRAM: Joi.string().default('espeak-ng'),
  VOICE_FOLDER: Joi.string().allow('').default(''),
  DEMO: Joi.string().valid('on', 'off').default('on'),
  SECURITY_CONTACT: Joi.string()
    .uri({ scheme: ['mailto', 'https', 'tel'] })
    .allow('')
    .default(''),
  METRICS_PORT: Joi.number().port().allow('').default(''),
})
  .or('HEALTH_KEY', 'HEALTH_KEY_FILE')
  .unknown();

function areKeys(text: string): boolean {
  try {
    return keysFrom(text).length > 0;
  } catch {
    return false;
  }
}

/**
 * Reads the environment.
 *
 * @throws Error that names every variable that is missing or wrong, never its value.
 */
export function readEnvironment(variables: NodeJS.ProcessEnv): Environment {
  const { error, value } = schema.validate(variables, { abortEarly: false });
  if (error) {
    const wrong = error.details.map(({ path, type }) => `${path.join('.')} (${type})`).join(', ');
    throw new Error(`These environment variables are missing or wrong: ${wrong}.`);
  }
  return {
    databaseUrl: value.DATABASE_URL,
    sessionSecret: value.SESSION_SECRET,
    healthKeys: value.HEALTH_KEY === '' ? ringInFile(value.HEALTH_KEY_FILE) : ringOf(keysFrom(value.HEALTH_KEY)),
    host: value.HOST,
    port: value.PORT,
    logFile: value.LOG_FILE,
    trustProxy: trustFrom(value.TRUST_PROXY),
    pool: { most: value.DATABASE_CONNECTIONS, statementMs: value.STATEMENT_TIMEOUT_MS },
    voice: { program: value.VOICE_PROGRAM, folder: value.VOICE_FOLDER },
    demo: value.DEMO === 'on',
    securityContact: value.SECURITY_CONTACT,
    metricsPort: value.METRICS_PORT === '' ? undefined : value.METRICS_PORT,
  };
}

function trustFrom(text: string): number | string | undefined {
  if (text === '') return undefined;
  return /^[1-9]$/.test(text) ? Number(text) : text;
}
