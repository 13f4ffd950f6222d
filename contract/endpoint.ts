import Joi from 'joi';
import type { Address } from './addresses.ts';

/** Where something is asked for without an id, a query or a body. */
export type Nothing = Readonly<Record<string, never>>;

const nothing = Joi.object<Nothing>({}).required();

/** The status of an answer. With 204 there is nothing to read. */
export type AnswerStatus = 200 | 201 | 204;

/** What can go wrong with a request that was itself in order. Every endpoint may besides answer 400, 401, 403, 413, 415 and 422. */
export type ProblemStatus = 401 | 403 | 404 | 409 | 422 | 429;

/** What an endpoint says of itself, beside its address. */
export interface EndpointParts<Params, Query, Body, Answer> {
  /** What it does, in a sentence. */
  readonly says: string;
  readonly params?: Joi.ObjectSchema<Params>;
  readonly query?: Joi.ObjectSchema<Query>;
  readonly body?: Joi.Schema<Body>;
  /** The largest body that is taken, in kB; 64 unless said. */
  readonly mostKb?: number;
  /** The most parts that a body may have, keys and items alike; 2,000 unless said. */
  readonly mostParts?: number;
  /** What it answers, by status; null where there is nothing to read. The first is the usual one. */
  readonly answers: Readonly<Partial<Record<AnswerStatus, Joi.Schema<Answer> | null>>>;
  readonly problems?: readonly ProblemStatus[];
}

/** One row of the table: everything that server, browser, document and tests need to know of a way to ask. */
export interface Endpoint<Params, Query, Body, Answer> extends Address {
  readonly says: string;
  readonly params: Joi.ObjectSchema<Params>;
  readonly query: Joi.ObjectSchema<Query>;
  readonly body: Joi.Schema<Body>;
  /** Whether there is an id in the address, a query, a body at all. */
  readonly takesId: boolean;
  readonly takesQuery: boolean;
  readonly takesBody: boolean;
  readonly mostKb: number;
  readonly mostParts: number;
  readonly answers: Readonly<Partial<Record<AnswerStatus, Joi.Schema<Answer> | null>>>;
  readonly usualStatus: AnswerStatus;
  readonly problems: readonly ProblemStatus[];
}

/** A row of the table of endpoints. A part that is left out does not exist: no id, no query, no body. */
export function endpoint<Params = Nothing, Query = Nothing, Body = Nothing, Answer = undefined>(
  address: Address,
  parts: EndpointParts<Params, Query, Body, Answer>,
): Endpoint<Params, Query, Body, Answer> {
  const { says, params, query, body, mostKb = 64, mostParts = 2_000, answers, problems = [] } = parts;
  const [usualStatus = 204] = ([200, 201, 204] as const).filter((status) => answers[status] !== undefined);
  return {
    ...address,
    says,
    params: params ?? (nothing as Joi.ObjectSchema<Params>),
    query: query ?? (nothing as Joi.ObjectSchema<Query>),
    body: body ?? (nothing as Joi.Schema<Body>),
    takesId: params !== undefined,
    takesQuery: query !== undefined,
    takesBody: body !== undefined,
    mostKb,
    mostParts,
    answers,
    usualStatus,
    problems,
  };
}
