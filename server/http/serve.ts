import type { Account } from '@prompt-spark/contract/account';
import type { ADDRESSES, EndpointName } from '@prompt-spark/contract/addresses';
import { check, type FieldError } from '@prompt-spark/contract/check';
import type { AnswerStatus } from '@prompt-spark/contract/endpoint';
import { ENDPOINTS, type AnswerOf, type BodyOf, type ParamsOf, type QueryOf } from '@prompt-spark/contract/endpoints';
import { Router, type Request, type RequestHandler, type Response } from 'express';
import type Joi from 'joi';
import type { Logger } from 'pino';
import { boundedJson } from './boundedJson.ts';
import { notFound, Refusal } from './problem.ts';
import { sendJson } from './sendJson.ts';

/** A request that is in order: who asks, and what was sent. */
export interface Asked<Name extends EndpointName> {
  readonly account: (typeof ADDRESSES)[Name]['access'] extends 'coach' ? Account : Account | undefined;
  readonly params: ParamsOf<Name>;
  readonly query: QueryOf<Name>;
  readonly body: BodyOf<Name>;
  readonly request: Request;
  readonly response: Response;
  readonly log: Pick<Logger, 'warn'>;
}

/** An answer under another status than the usual one of its endpoint. */
export class Answered<Answer> {
  constructor(
    readonly status: AnswerStatus,
    readonly answer: Answer,
  ) {}
}

/** What an endpoint does. What it gives is answered; what it refuses it throws as a Refusal. */
export type Handler<Name extends EndpointName> = (
  asked: Asked<Name>,
) => Promise<AnswerOf<Name> | Answered<AnswerOf<Name>>>;

/** What any endpoint does, where it is not known which. */
type AnyHandler = (asked: never) => Promise<unknown>;

/** What every endpoint does. */
export type Handlers = { readonly [Name in EndpointName]: Handler<Name> };

/** What the edge stands on. */
export interface Edge {
  /** Who is signed in; undefined at once where nobody can be. */
  readonly accountOf: (request: Request) => Promise<Account | undefined> | undefined;
  /** What else an endpoint does first, once its body is read, by name. */
  readonly before?: Readonly<Partial<Record<EndpointName, readonly RequestHandler[]>>>;
  /** Checks every answer against what the table says of it, as tests do. */
  readonly checkAnswers?: boolean;
}

/** Serves the table of endpoints. Signing in, input and answers are seen to here, once for all of them. */
export function serve(handlers: Handlers, edge: Edge): RequestHandler {
  // By what they are about, so that an address is not held against all the others first.
  const routers = new Map<string, Router>();
  for (const name of Object.keys(ENDPOINTS) as EndpointName[]) {
    const subject = subjectOf(ENDPOINTS[name].path);
    const router = routers.get(subject) ?? Router();
    routers.set(subject, router);
    mount(router, name, handlers, edge);
  }
  return (request, response, next) => {
    const router = routers.get(subjectOf(request.path));
    if (router) router(request, response, next);
    else next();
  };
}

/** What an address is about: "circuits" of `/api/circuits/:id`. Addresses are matched without regard to case. */
function subjectOf(path: string): string {
  return path.split('/', 3)[2]?.toLowerCase() ?? '';
}

/** One row of the table: `name` is of every kind here, and what is handed to its handler is what its own schemas let pass. */
function mount(router: Router, name: EndpointName, handlers: Handlers, edge: Edge): void {
  const row = ENDPOINTS[name];
  const handler: AnyHandler = handlers[name];
  const route = router.route(row.path);
  const looks = new WeakMap<Request, Promise<Account | undefined>>();
  const steps: RequestHandler[] = [
    (request, response, next) => {
      response.locals['endpoint'] = name;
      const look = edge.accountOf(request);
      // Not a byte of a body is read of somebody who has not signed in.
      if (!look && row.access === 'coach') throw notSignedIn();
      if (look) looks.set(request, look);
      // Where something else is refused meanwhile, nobody waits for this any more.
      look?.catch(() => undefined);
      next();
    },
    ...(row.method === 'GET' ? [] : [boundedJson(row)]),
    ...(edge.before?.[name] ?? []),
    async (request, response) => {
      // What was sent is checked while the database looks up who asks, which is told first all the same.
      const sent = settled(() => ({
        params: row.takesId ? paramsFrom(request, row.params) : NOTHING,
        query: queryFrom(request, row),
        body: row.takesBody ? valid(row.body, request.body, 'The request body') : NOTHING,
      }));
      const account = await looks.get(request);
      if (!account && row.access === 'coach') throw notSignedIn();
      const asked = { account, ...sent(), request, response, log: request.log };
      // The checked edge: each part has just passed the schema that its type is taken from.
      const result = await handler(asked as never);
      const [status, answer] = result instanceof Answered ? [result.status, result.answer] : [row.usualStatus, result];
      const schema: Joi.Schema | null | undefined = row.answers[status];
      if (edge.checkAnswers) mustBe(name, status, schema, answer);
      if (status === 204) response.status(204).end();
      else sendJson(request, response, status, answer);
    },
  ];
  const verb = row.method.toLowerCase() as 'get' | 'post' | 'put' | 'delete';
  route[verb](...steps);
}

const NOTHING = {};

function notSignedIn(): Refusal {
  return new Refusal(401, 'Not signed in', 'Sign in to go on. Nothing you typed is lost.');
}

/** Does something now, and gives or throws what came of it when it is asked for. */
function settled<T>(make: () => T): () => T {
  try {
    const made = make();
    return () => made;
  } catch (error) {
    return () => {
      throw error;
    };
  }
}

/** Where an endpoint has no query, an address without one need not be checked. */
function queryFrom(request: Request, row: { readonly takesQuery: boolean; readonly query: Joi.Schema }): unknown {
  if (!row.takesQuery && !request.originalUrl.includes('?')) return NOTHING;
  return valid(row.query, { ...request.query }, 'The address');
}

/** What is in a path but is no id that anything could have is not found. */
function paramsFrom(request: Request, schema: Joi.Schema): unknown {
  const checked = check<unknown>(schema, { ...request.params });
  if (!checked.ok) throw notFound('thing');
  return checked.value;
}

function valid(schema: Joi.Schema, value: unknown, what: string): unknown {
  const checked = check<unknown>(schema, value);
  if (checked.ok) return checked.value;
  throw notValid(what, checked.errors);
}

function notValid(what: string, errors: readonly FieldError[]): Refusal {
  const [first] = errors;
  const detail = `${what} has something wrong: ${first?.message ?? 'it is missing'}.`;
  return new Refusal(422, 'Not valid', detail, { errors });
}

function mustBe(name: string, status: number, schema: Joi.Schema | null | undefined, answer: unknown): void {
  if (schema === undefined) throw new Error(`${name} answers ${String(status)}, of which the table says nothing.`);
  if (schema === null) return;
  const checked = check<unknown>(schema, JSON.parse(JSON.stringify(answer)));
  if (!checked.ok) throw new Error(`${name} does not answer as the table says: ${JSON.stringify(checked.errors)}`);
}
