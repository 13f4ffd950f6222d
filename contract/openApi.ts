import parse from 'joi-to-json';
import type Joi from 'joi';
import { ENDPOINTS } from './endpoints.ts';
import type { AnswerStatus, Endpoint } from './endpoint.ts';
import { PROBLEM_MEDIA_TYPE } from './problem.ts';

/** A part of an OpenAPI document. */
export type OpenApi = Readonly<Record<string, unknown>>;

const STATUS_WORDS: Readonly<Record<number, string>> = {
  200: 'Done.',
  201: 'Kept.',
  204: 'Done; there is nothing to read.',
  400: 'The body is not readable JSON.',
  401: 'Nobody is signed in.',
  403: 'The request did not come from the page itself.',
  404: 'There is no such thing in this studio.',
  409: 'It was changed elsewhere since, or the id is taken; `current` is what is stored now.',
  413: 'The body is too large.',
  415: 'The body is not JSON.',
  422: 'Something sent is not valid; `errors` says what and where.',
  429: 'Too many tries.',
};

const PROBLEM = {
  type: 'object',
  required: ['type', 'title', 'status', 'detail'],
  properties: {
    type: { type: 'string' },
    title: { type: 'string' },
    status: { type: 'integer' },
    detail: { type: 'string', description: 'What was wrong, where, and what to do.' },
    errors: {
      type: 'array',
      items: {
        type: 'object',
        required: ['path', 'message'],
        properties: {
          path: { type: 'string', description: 'JSON Pointer (RFC 6901) into the body.' },
          message: { type: 'string' },
        },
      },
    },
    current: { description: 'On a 409, what is stored now.' },
  },
};

/** The table of endpoints as an OpenAPI 3.1 document (OpenAPI Initiative, version 3.1.0 of February 2021). */
export function openApiDocument(): OpenApi {
  const paths: Record<string, Record<string, OpenApi>> = {};
  for (const [name, row] of Object.entries(ENDPOINTS)) {
    const path = row.path.replace(':id', '{id}');
    paths[path] = { ...paths[path], [row.method.toLowerCase()]: operationOf(name, row) };
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Prompt Spark',
      version: '1',
      description:
        'Every way of asking the server for something. A request is answered with JSON, or with a problem (RFC 9457).',
    },
    servers: [{ url: '/' }],
    paths,
    components: {
      schemas: { Problem: PROBLEM },
      securitySchemes: { cookie: { type: 'apiKey', in: 'cookie', name: 'prompt-spark' } },
    },
  };
}

type Row = Endpoint<unknown, unknown, unknown, unknown>;

function operationOf(
  name: string,
  row: Pick<Row, Exclude<keyof Row, 'params' | 'query' | 'body' | 'answers'>> & Schemas,
): OpenApi {
  const statuses = [
    ...[400, 403, 413, 415].filter(() => row.method !== 'GET'),
    ...(row.access === 'coach' ? [401] : []),
    422,
    ...row.problems,
  ];
  return {
    operationId: name,
    summary: row.says,
    tags: [row.path.split('/')[2]],
    security: row.access === 'coach' ? [{ cookie: [] }] : [],
    parameters: [...parametersOf('path', row.params), ...parametersOf('query', row.query)],
    ...(row.takesBody
      ? { requestBody: { required: true, content: { 'application/json': { schema: jsonSchemaOf(row.body) } } } }
      : {}),
    responses: {
      ...Object.fromEntries(
        ([200, 201, 204] as const).flatMap((status) => {
          const schema = row.answers[status];
          return schema === undefined ? [] : [[String(status), answerOf(status, schema)]];
        }),
      ),
      ...Object.fromEntries(
        [...new Set(statuses)].map((status) => [
          String(status),
          {
            description: STATUS_WORDS[status],
            content: { [PROBLEM_MEDIA_TYPE]: { schema: { $ref: '#/components/schemas/Problem' } } },
          },
        ]),
      ),
    },
  };
}

/** All the schemas of a row. */
interface Schemas {
  readonly params: Joi.Schema;
  readonly query: Joi.Schema;
  readonly body: Joi.Schema;
  readonly answers: Readonly<Partial<Record<AnswerStatus, Joi.Schema | null>>>;
}

function answerOf(status: AnswerStatus, schema: Joi.Schema | null): OpenApi {
  const description = STATUS_WORDS[status];
  return schema ? { description, content: { 'application/json': { schema: jsonSchemaOf(schema) } } } : { description };
}

function parametersOf(place: 'path' | 'query', schema: Joi.Schema): readonly OpenApi[] {
  const { properties = {}, required = [] } = jsonSchemaOf(schema) as {
    readonly properties?: Readonly<Record<string, OpenApi>>;
    readonly required?: readonly string[];
  };
  return Object.entries(properties).map(([name, of]) => ({
    name,
    in: place,
    required: place === 'path' || required.includes(name),
    schema: of,
  }));
}

function jsonSchemaOf(schema: Joi.Schema): OpenApi {
  return parse(schema, 'open-api-3.1') as OpenApi;
}
