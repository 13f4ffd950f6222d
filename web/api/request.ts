import { check } from '@prompt-spark/contract/check';
import type { ProblemDetails } from '@prompt-spark/contract/problem';
import { pathTo, type Route } from '@prompt-spark/contract/routes';
import type Joi from 'joi';

/** The server answered with a problem. */
export class ServerProblem extends Error {
  constructor(readonly problem: ProblemDetails) {
    super(problem.detail);
  }

  get status(): number {
    return this.problem.status;
  }
}

/** The server did not answer, or answered that it cannot now. What was sent should be sent again. */
export class ServerAway extends Error {
  constructor() {
    super('The server cannot be reached.');
  }
}

/** What goes with a request. */
export interface RequestParts {
  readonly id?: string;
  readonly query?: Readonly<Record<string, string>>;
  readonly body?: unknown;
}

/**
 * Asks the server for something and checks the answer against its schema.
 *
 * @throws ServerAway where it does not answer
 * @throws ServerProblem where it answers with a problem
 */
export async function request<T>(route: Route, schema: Joi.Schema<T>, parts: RequestParts = {}): Promise<T> {
  const response = await send(route, parts);
  const checked = check(schema, await jsonOf(response));
  if (checked.ok) return checked.value;
  throw new Error(
    `The server's answer to ${route.path} is not what was expected at ${checked.errors[0]?.path ?? '/'}.`,
  );
}

/** Tells the server something that has no answer to read. Throws like `request`. */
export async function tell(route: Route, parts: RequestParts = {}): Promise<void> {
  await send(route, parts);
}

async function send(route: Route, { id, query, body }: RequestParts): Promise<Response> {
  const search = query ? `?${new URLSearchParams(query).toString()}` : '';
  let response: Response;
  try {
    response = await fetch(pathTo(route, id) + search, {
      method: route.method,
      headers: body === undefined ? {} : { 'Content-Type': 'application/json' },
      body: body === undefined ? null : JSON.stringify(body),
    });
  } catch {
    throw new ServerAway();
  }
  if (response.ok) return response;
  if (response.status >= 500) throw new ServerAway();
  throw new ServerProblem(problemOf(await jsonOf(response), response.status));
}

async function jsonOf(response: Response): Promise<unknown> {
  try {
    return await response.json();
  } catch {
    return undefined;
  }
}

/** Whatever came back as a problem; what is no problem+json becomes one. */
function problemOf(answer: unknown, status: number): ProblemDetails {
  if (typeof answer === 'object' && answer !== null && 'detail' in answer && 'title' in answer) {
    const { title, detail } = answer;
    if (typeof title === 'string' && typeof detail === 'string') {
      return { type: 'about:blank', status, ...answer, title, detail };
    }
  }
  return { type: 'about:blank', title: 'Refused', status, detail: `The server refused this (${status}).` };
}
