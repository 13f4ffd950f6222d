import { ADDRESSES, pathTo, type EndpointName } from '@prompt-spark/contract/addresses';
import type { Nothing } from '@prompt-spark/contract/endpoint';
import type { AnswerOf, BodyOf, ParamsOf, QueryOf } from '@prompt-spark/contract/endpoints';
import type { IdInAddress } from '@prompt-spark/contract/page';
import { PASSWORD_NEEDED } from '@prompt-spark/contract/passwordNeeded';
import type { ProblemDetails } from '@prompt-spark/contract/problem';
import { say } from './say.ts';

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
    super(say.call.serverCannotBeReached);
  }
}

/** What goes with a call: the id in its address, its query and its body, each where the endpoint has one. */
type Sent<Name extends EndpointName> = (ParamsOf<Name> extends IdInAddress ? { readonly id: string } : unknown) &
  (QueryOf<Name> extends Nothing ? unknown : { readonly query: QueryOf<Name> }) &
  (BodyOf<Name> extends Nothing ? unknown : { readonly body: BodyOf<Name> });

/**
 * Asks an endpoint of the table and gives its answer, which the server has checked.
 *
 * @throws ServerAway where it does not answer
 * @throws ServerProblem where it answers with a problem
 */
export async function call<Name extends EndpointName>(
  name: Name,
  ...[sent]: unknown extends Sent<Name> ? [] : [Sent<Name>]
): Promise<AnswerOf<Name>> {
  try {
    return await askOnce(name, sent ?? {});
  } catch (error) {
    if (!(error instanceof ServerProblem && error.problem.title === PASSWORD_NEEDED)) throw error;
    // Asked for once more before health data is taken out or deleted; then the same is asked again.
    if (!(await askPassword())) throw error;
    return askOnce(name, sent ?? {});
  }
}

async function askOnce<Name extends EndpointName>(name: Name, { id, query, body }: Parts): Promise<AnswerOf<Name>> {
  const address = ADDRESSES[name];
  const response = await reach(pathTo(address, id) + searchOf(query), {
    method: address.method,
    headers: body === undefined ? {} : { 'Content-Type': 'application/json' },
    body: body === undefined ? null : JSON.stringify(body),
  });
  if (response.ok) return (response.status === 204 ? undefined : await response.json()) as AnswerOf<Name>;
  if (response.status >= 500) throw new ServerAway();
  if (response.status === 401 && address.access === 'coach') tellSignedOut();
  throw new ServerProblem(problemOf(await jsonOf(response), response.status));
}

interface Parts {
  readonly id?: string;
  readonly query?: Readonly<Record<string, string | undefined>>;
  readonly body?: unknown;
}

async function reach(path: string, init: RequestInit): Promise<Response> {
  try {
    return await fetch(path, init);
  } catch {
    throw new ServerAway();
  }
}

function searchOf(query: Parts['query'] = {}): string {
  const given = Object.entries(query).flatMap(([key, value]) => (value === undefined ? [] : [[key, value] as const]));
  return given.length > 0 ? `?${new URLSearchParams(given.map(([key, value]) => [key, value])).toString()}` : '';
}

let askPassword: () => Promise<boolean> = () => Promise.resolve(false);

/** Has it asked for the coach's password when the server wants that once more; it gives whether the coach gave it. */
export function whenPasswordNeeded(ask: () => Promise<boolean>): void {
  askPassword = ask;
}

let tellSignedOut: () => void = () => undefined;

/** Has it told when the server says that nobody is signed in any more. */
export function whenSignedOut(tell: () => void): void {
  tellSignedOut = tell;
}

async function jsonOf(response: Response): Promise<unknown> {
  try {
    return await response.json();
  } catch {
    return undefined;
  }
}

/** The problem in an answer. An answer that is no problem+json becomes one. */
function problemOf(answer: unknown, status: number): ProblemDetails {
  if (typeof answer === 'object' && answer !== null && 'detail' in answer && 'title' in answer) {
    const { title, detail } = answer;
    if (typeof title === 'string' && typeof detail === 'string') {
      return { type: 'about:blank', status, ...answer, title, detail };
    }
  }
  return { type: 'about:blank', title: say.call.refused, status, detail: say.call.serverRefused(status) };
}
