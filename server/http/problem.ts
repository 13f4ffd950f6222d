import type { FieldError } from '@prompt-spark/contract/check';
import { PROBLEM_MEDIA_TYPE, type ProblemDetails } from '@prompt-spark/contract/problem';
import type { ErrorRequestHandler, Response } from 'express';
import type { Logger } from 'pino';
import { NotReadable } from '../store/stored.ts';

/** Thrown in a route to answer with a problem. */
export class Refusal extends Error {
  readonly problem: ProblemDetails;

  constructor(
    status: number,
    title: string,
    detail: string,
    more: { readonly errors?: readonly FieldError[]; readonly current?: unknown } = {},
  ) {
    super(detail);
    this.problem = { type: 'about:blank', title, status, detail, ...more };
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

/** Turns whatever a route threw into a problem. What the server did wrong is logged, not told. */
export function problemHandler(log: Logger): ErrorRequestHandler {
  return (error: unknown, _request, response, next) => {
    if (response.headersSent) {
      next(error);
      return;
    }
    const problem = problemFrom(error);
    if (error instanceof NotReadable) log.warn({ why: error.message }, 'a stored record cannot be opened');
    else if (problem.status >= 500) log.error({ err: error }, 'request failed');
    sendProblem(response, problem);
  };
}

function problemFrom(error: unknown): ProblemDetails {
  if (error instanceof Refusal) return error.problem;
  if (error instanceof NotReadable) {
    const detail =
      'What is stored of this cannot be opened. It stays as it is; take it out, or tell those who run the server.';
    return new Refusal(422, 'Cannot be opened', detail).problem;
  }
  const status = statusOf(error);
  if (status === 413)
    return new Refusal(413, 'Too large', `That is larger than the server takes${limitOf(error)}.`).problem;
  if (status === 400) return new Refusal(400, 'Not readable', 'The request body is not readable JSON.').problem;
  if (status === 404) return new Refusal(404, 'Not found', 'There is no such file. Reload the page.').problem;
  const detail = 'Something went wrong on the server. Try again; if it goes on, tell those who run it.';
  return new Refusal(500, 'Server error', detail).problem;
}

/** The status that express's own body parser gives its errors. */
function statusOf(error: unknown): number | undefined {
  return error instanceof Error && 'status' in error && typeof error.status === 'number' ? error.status : undefined;
}

/** The limit that express's own body parser names in its errors. */
function limitOf(error: unknown): string {
  const limit = error instanceof Error && 'limit' in error && typeof error.limit === 'number' ? error.limit : undefined;
  return limit === undefined ? '' : ` (${String(Math.round(limit / 1024))} kB)`;
}
