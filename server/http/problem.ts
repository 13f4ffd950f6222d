import type { FieldError } from '@prompt-spark/contract/check';
import { PROBLEM_MEDIA_TYPE, type ProblemDetails } from '@prompt-spark/contract/problem';
import type { ErrorRequestHandler, Response } from 'express';
import type { Logger } from 'pino';
import { databaseTrouble } from '../store/database.ts';
import { NoRoom } from '../store/quotas.ts';
import { NotReadable } from '../store/stored.ts';

/** Thrown in a route to answer with a problem. */
export class Refusal extends Error {
  readonly problem: ProblemDetails;
  /** Seconds after which it is worth asking again. */
  readonly retryAfter: number | undefined;

  constructor(
    status: number,
    title: string,
    detail: string,
    more: { readonly errors?: readonly FieldError[]; readonly current?: unknown; readonly retryAfter?: number } = {},
  ) {
    super(detail);
    const { retryAfter, ...rest } = more;
    this.problem = { type: 'about:blank', title, status, detail, ...rest };
    this.retryAfter = retryAfter;
  }
}

/** There is no such thing in this studio; whether another studio has it is not said. */
export function notFound(what: string): Refusal {
  return new Refusal(404, 'Not found', `There is no such ${what} in this studio.`);
}

/** Gives what was found, or refuses because nothing was. */
export function found<T>(value: T | undefined, what: string): T {
  if (value === undefined) throw notFound(what);
  return value;
}

/** Refuses where there was nothing to do it to. */
export function mustBeThere(was: boolean, what: string): undefined {
  if (!was) throw notFound(what);
  return undefined;
}

/** A change was made on a version that is no longer the newest. */
export function changedElsewhere(what: string, toDo: string, current: unknown): Refusal {
  const detail = `This ${what} was changed somewhere else since you opened it. ${toDo}`;
  return new Refusal(409, 'Changed elsewhere', detail, { current });
}

/** An id made by the sender belongs to something else. */
export function idTaken(what: string): Refusal {
  return new Refusal(409, 'Id taken', `That id is taken. Make the ${what} again.`);
}

/** One field of what was sent is not valid. */
export function wrongField(path: string, message: string): Refusal {
  return new Refusal(422, 'Not valid', `${message}.`, { errors: [{ path, message }] });
}

/** Sends a problem. */
export function sendProblem(response: Response, problem: ProblemDetails): void {
  response.status(problem.status).type(PROBLEM_MEDIA_TYPE).send(JSON.stringify(problem));
}

/** Turns what a route threw into a problem. What the server did wrong is logged, not told. */
export function problemHandler(log: Logger): ErrorRequestHandler {
  return (error: unknown, _request, response, next) => {
    if (response.headersSent) {
      next(error);
      return;
    }
    const { problem, retryAfter } = refusalFrom(error);
    if (error instanceof NotReadable) log.warn({ why: error.message }, 'a stored record cannot be opened');
    else if (problem.status >= 500) log.error({ err: error }, 'request failed');
    if (retryAfter !== undefined) response.set('Retry-After', String(retryAfter));
    sendProblem(response, problem);
  };
}

function refusalFrom(error: unknown): Refusal {
  if (error instanceof Refusal) return error;
  if (error instanceof NotReadable) {
    const detail =
      'What is stored of this cannot be opened. It stays as it is; take it out, or tell those who run the server.';
    return new Refusal(422, 'Cannot be opened', detail);
  }
  if (error instanceof NoRoom) return new Refusal(409, 'No room', error.message);
  return databaseRefusal(error) ?? requestRefusal(error) ?? serverFault;
}

const serverFault = new Refusal(
  500,
  'Server error',
  'Something went wrong on the server. Try again; if it goes on, tell those who run it.',
);

/** What the database could not do, and whether it is worth asking again. */
function databaseRefusal(error: unknown): Refusal | undefined {
  switch (databaseTrouble(error)) {
    case 'away':
      return new Refusal(503, 'Not now', 'The database does not answer just now. Try again in a moment.', {
        retryAfter: 2,
      });
    case 'cannot write':
      return new Refusal(503, 'Not now', 'The server cannot keep anything just now. Nothing you typed is lost.', {
        retryAfter: 30,
      });
    case 'odd value':
      return new Refusal(422, 'Not valid', 'Something in the request is out of the range of what can be kept.');
    case undefined:
      return undefined;
  }
}

/** What was wrong with a request, in the words of express and its parser. */
function requestRefusal(error: unknown): Refusal | undefined {
  const { status, type, limit } = parserFault(error);
  if (status === undefined || status < 400 || status > 499) return undefined;
  switch (status) {
    case 404:
      return new Refusal(404, 'Not found', 'There is no such file. Reload the page.');
    case 413: {
      const most = typeof limit === 'number' ? ` (${String(Math.round(limit / 1024))} kB)` : '';
      return new Refusal(413, 'Too large', `That is larger than the server takes${most}.`);
    }
    case 415:
      return new Refusal(415, 'Not readable', 'The server takes JSON in UTF-8 only, not packed.');
    default: {
      const what = type === undefined ? 'The address is not readable.' : 'The request body is not readable JSON.';
      return new Refusal(400, 'Not readable', what);
    }
  }
}

/** What express and its body parser note on their errors. */
function parserFault(error: unknown): { readonly status?: number; readonly type?: string; readonly limit?: unknown } {
  if (!(error instanceof Error)) return {};
  const { status, type, limit } = error as Error & { status?: unknown; type?: unknown; limit?: unknown };
  return {
    ...(typeof status === 'number' ? { status } : {}),
    ...(typeof type === 'string' ? { type } : {}),
    limit,
  };
}
