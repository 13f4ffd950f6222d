import Joi from 'joi';
import { healthKeyFrom, type HealthKey } from './store/seal.ts';

/** What the server needs to know from its surroundings. */
export interface Environment {
  readonly databaseUrl: string;
  readonly sessionSecret: string;
  readonly healthKey: HealthKey;
  readonly host: string;
  readonly port: number;
  /** Where the log is written; standard output where empty. */
  readonly logFile: string;
}

interface Variables {
  readonly DATABASE_URL: string;
  readonly SESSION_SECRET: string;
  readonly HEALTH_KEY: string;
  readonly HOST: string;
  readonly PORT: number;
  readonly LOG_FILE: string;
}

const schema = Joi.object<Variables>({
  DATABASE_URL: Joi.string()
    .uri({ scheme: ['postgres', 'postgresql'] })
    .required(),
  SESSION_SECRET: Joi.string().min(32).required(),
  HEALTH_KEY: Joi.string()
    .base64()
    .custom((text: string, helpers) =>
      Buffer.from(text, 'base64').length === 32 ? text : helpers.error('any.invalid'),
    )
    .required(),
  HOST: Joi.string().hostname().default('127.0.0.1'),
  PORT: Joi.number().port().default(4380),
  LOG_FILE: Joi.string().allow('').default(''),
}).unknown();

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
    healthKey: healthKeyFrom(value.HEALTH_KEY),
    host: value.HOST,
    port: value.PORT,
    logFile: value.LOG_FILE,
  };
}
