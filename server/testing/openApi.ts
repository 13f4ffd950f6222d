import { openApiDocument } from '@prompt-spark/contract/openApi';
import { Ajv2020, type ValidateFunction } from 'ajv/dist/2020.js';
import addFormats from 'ajv-formats';

interface Operation {
  readonly operationId: string;
  readonly requestBody?: { readonly content: Readonly<Record<string, { readonly schema: object }>> };
  readonly responses: Readonly<
    Record<string, { readonly content?: Readonly<Record<string, { readonly schema: object }>> }>
  >;
}

/** What the OpenAPI document says of every operation, as a reader of it would check it. */
export function documentedOperations() {
  const document = openApiDocument() as {
    readonly paths: Readonly<Record<string, Readonly<Record<string, Operation>>>>;
    readonly components: object;
  };
  const ajv = new Ajv2020({ strict: false, allErrors: true });
  addFormats(ajv);
  ajv.addSchema({ $id: 'document', components: document.components });
  const compiled = (schema: object): ValidateFunction =>
    ajv.compile(JSON.parse(JSON.stringify(schema).replaceAll('"#/components', '"document#/components')) as object);
  return Object.entries(document.paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, operation]) => {
      const body = operation.requestBody?.content['application/json']?.schema;
      return {
        name: operation.operationId,
        method,
        path,
        statuses: Object.keys(operation.responses).map(Number),
        body: body && compiled(body),
        answer: (status: number): ValidateFunction | undefined => {
          const content = operation.responses[String(status)]?.content ?? {};
          const [schema] = Object.values(content);
          return schema && compiled(schema.schema);
        },
      };
    }),
  );
}
