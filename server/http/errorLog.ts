import { databaseTrouble } from '../store/database.ts';

/** What is logged of an error: its kind and where it arose. */
interface LoggedError {
  readonly type: string;
  readonly code?: string;
  readonly trouble?: string;
  /** Where it arose, without what it says. */
  readonly at: readonly string[];
  readonly cause?: LoggedError;
}

/**
 * An error as it is logged. What it says is left out, for the database and the parser quote what they were given, and
 * that may be somebody's name or their sore knee. Kind, code and place are enough to find the fault.
 */
export function loggedError(error: unknown): LoggedError {
  if (!(error instanceof Error)) return { type: typeof error, at: [] };
  const code = 'code' in error && typeof error.code === 'string' ? { code: error.code } : {};
  const trouble = databaseTrouble(error);
  const frames = (error.stack ?? '').split('\n').filter((line) => /^ {4}at /.test(line));
  return {
    type: error.constructor.name,
    ...code,
    ...(trouble ? { trouble } : {}),
    at: frames.map((line) => line.trim()).slice(0, 12),
    ...(error.cause instanceof Error ? { cause: loggedError(error.cause) } : {}),
  };
}
