import type { FieldError } from '@prompt-spark/contract/check';
import { PROBLEM_MEDIA_TYPE, type ProblemDetails } from '@prompt-spark/contract/problem';
import type { ErrorRequestHandler, Response } from 'express';
import type { Logger } from 'pino';

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

/** Nobody is signed in. */
export function notSignedIn(): Refusal {
  return new Refusal(401, 'Not signed in', 'Sign in to go on. Nothing you typed is lost.');
}

/** There is no such thing in this studio; whether another studio has it is not said. */
export function notFound(what: string): Refusal {
  return new Refusal(404, 'Not found', `There is no such ${what} in this studio.`);
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
    if (problem.status >= 500) log.error({ err: error }, 'request failed');
    sendProblem(response, problem);
  };
}

function problemFrom(error: unknown): ProblemDetails {
  if (error instanceof Refusal) return error.problem;
  const status = statusOf(error);
  if (status === 413) return new Refusal(413, 'Too large', 'That is larger than the server takes (4 MB).').problem;
  if (status === 400) return new Refusal(400, 'Not readable', 'The request body is not readable JSON.').problem;
  if (status === 404) return new Refusal(404, 'Not found', 'There is no such file. Reload the page.').problem;
  const detail = 'Something went wrong on the server. Try again; if it goes on, tell whoever runs it.';
  return new Refusal(500, 'Server error', detail).problem;
}

/** The status that express's own body parser gives its errors. */
function statusOf(error: unknown): number | undefined {
  return error instanceof Error && 'status' in error && typeof error.status === 'number' ? error.status : undefined;
}
