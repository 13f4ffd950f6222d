import { openApiDocument } from '@prompt-spark/contract/openApi';
import express, { Router } from 'express';
import helmet from 'helmet';
import { createRequire } from 'node:module';
import { dirname } from 'node:path';

const reader = dirname(createRequire(import.meta.url).resolve('swagger-ui-dist/package.json'));

const PAGE = `<!doctype html>
<html lang="en-GB">
  <head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width, initial-scale=1" />
    <title>Prompt Spark: every endpoint</title>
    <link rel="icon" href="/spark.svg" type="image/svg+xml" />
    <link rel="stylesheet" href="/api/docs/files/swagger-ui.css" />
  </head>
  <body>
    <div id="reader"></div>
    <script src="/api/docs/files/swagger-ui-bundle.js"></script>
    <script src="/api/docs/start.js"></script>
  </body>
</html>
`;

/** The reader asks for nothing but the document: no validator elsewhere, no way to try things out on real data. */
const START = `SwaggerUIBundle({
  url: '/api/openapi.json',
  dom_id: '#reader',
  validatorUrl: null,
  supportedSubmitMethods: [],
  deepLinking: true,
});
`;

/** The table of endpoints as an OpenAPI document, and a page to read it. Everything comes from this server. */
export function docs(): Router {
  const router = Router();
  const document = JSON.stringify(openApiDocument());
  router.get('/api/openapi.json', (_request, response) => {
    response.set('Cache-Control', 'no-cache').type('json').send(document);
  });
  const readerPolicy = helmet.contentSecurityPolicy({
    useDefaults: false,
    directives: {
      defaultSrc: ["'none'"],
      scriptSrc: ["'self'"],
      // The reader writes styles into its elements. Nothing of any studio is on this page.
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'data:'],
      connectSrc: ["'self'"],
      baseUri: ["'none'"],
      formAction: ["'none'"],
      frameAncestors: ["'none'"],
    },
  });
  router.use('/api/docs', readerPolicy);
  router.get('/api/docs', (_request, response) => {
    response.set('Cache-Control', 'no-cache').type('html').send(PAGE);
  });
  router.get('/api/docs/start.js', (_request, response) => {
    response.set('Cache-Control', 'no-cache').type('text/javascript').send(START);
  });
  router.use('/api/docs/files', express.static(reader, { index: false, maxAge: '1d', fallthrough: false }));
  return router;
}
