import { randomBytes } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import express, { Router, type Response } from 'express';
import helmet from 'helmet';

const NONCE_MARK = '%CSP_NONCE%';

/** Security headers. Styles made at run time carry the page's nonce; scripts come from this origin only. */
export function securityHeaders() {
  return [
    (_request: unknown, response: Response, next: () => void) => {
      response.locals['nonce'] = randomBytes(16).toString('base64');
      next();
    },
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          scriptSrc: ["'self'"],
          workerSrc: ["'self'"],
          styleSrc: ["'self'", (_request, response) => `'nonce-${nonceOf(response)}'`],
          fontSrc: ["'self'"],
          imgSrc: ["'self'", 'data:'],
          connectSrc: ["'self'"],
          manifestSrc: ["'self'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      // Plain http on loopback is how it runs out of the box; whoever puts TLS in front sets this there.
      strictTransportSecurity: false,
      crossOriginOpenerPolicy: { policy: 'same-origin' },
      referrerPolicy: { policy: 'no-referrer' },
    }),
  ];
}

function nonceOf(response: unknown): string {
  const locals = typeof response === 'object' && response !== null && 'locals' in response ? response.locals : {};
  const nonce: unknown = typeof locals === 'object' && locals !== null && 'nonce' in locals ? locals.nonce : '';
  return typeof nonce === 'string' ? nonce : '';
}

/** The built web application: its files, and its one page for every address that is not a file's. */
export function pages(folder: string): Router {
  const page = readFileSync(join(folder, 'index.html'), 'utf8');
  const router = Router();
  router.use('/assets', express.static(join(folder, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }));
  router.use(express.static(folder, { index: false }));
  router.get(/.*/, (_request, response) => {
    response.set('Cache-Control', 'no-store').type('html');
    response.send(page.replaceAll(NONCE_MARK, nonceOf(response)));
  });
  return router;
}
