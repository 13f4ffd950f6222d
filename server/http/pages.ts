import { randomBytes } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Welcome } from '@prompt-spark/contract/account';
import express, { Router, type Request, type Response } from 'express';
import expressStaticGzip from 'express-static-gzip';
import helmet from 'helmet';
import { filesAhead } from './filesAhead.ts';

const NONCE_MARK = '%CSP_NONCE%';
const PAGE_MARK = '<!-- page -->';

/** The Stage asks for the whole screen, for a screen that stays on, and for sound; nothing else is asked for. */
const PERMISSIONS = [
  'fullscreen=(self)',
  'screen-wake-lock=(self)',
  'autoplay=(self)',
  ...['camera', 'microphone', 'geolocation', 'payment', 'usb', 'serial', 'hid', 'midi', 'display-capture'].map(
    (feature) => `${feature}=()`,
  ),
].join(', ');

/** Security headers. Styles made at run time carry the page's nonce; scripts come from this origin only. */
export function securityHeaders() {
  return [
    (request: Request, response: Response, next: () => void) => {
      // Only pages have styles of their own.
      if (!request.path.startsWith('/api/')) response.locals['nonce'] = randomBytes(16).toString('base64');
      next();
    },
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          scriptSrc: ["'self'"],
          workerSrc: ["'self'"],
          styleSrc: ["'self'", (_request, response) => nonceSource(nonceOf(response))],
          fontSrc: ["'self'"],
          imgSrc: ["'self'", 'data:'],
          connectSrc: ["'self'"],
          manifestSrc: ["'self'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
          requireTrustedTypesFor: ["'script'"],
          // Vue's own, and ours for workers and the theme (web/trustedTypes.ts).
          trustedTypes: ['vue', 'default'],
        },
      },
      // Plain http on loopback is how it runs out of the box: see below.
      strictTransportSecurity: false,
      crossOriginOpenerPolicy: { policy: 'same-origin' },
      referrerPolicy: { policy: 'no-referrer' },
    }),
    (request: Request, response: Response, next: () => void) => {
      response.set('Permissions-Policy', PERMISSIONS);
      // By TLS from outside, as the connection or a trusted proxy says: never by anything else again.
      if (request.secure) response.set('Strict-Transport-Security', 'max-age=31536000');
      next();
    },
  ];
}

function nonceSource(nonce: string): string {
  return nonce === '' ? "'self'" : `'nonce-${nonce}'`;
}

function nonceOf(response: unknown): string {
  const locals = typeof response === 'object' && response !== null && 'locals' in response ? response.locals : {};
  const nonce: unknown = typeof locals === 'object' && locals !== null && 'nonce' in locals ? locals.nonce : '';
  return typeof nonce === 'string' ? nonce : '';
}

/** What the built web application is served with. */
export interface PageParts {
  /** Where it was built to. */
  readonly folder: string;
  /** Who is at the door, so that the page need not ask first; undefined where that cannot be told now, and it asks. */
  readonly welcome: (request: Request, response: Response) => Promise<Welcome | undefined>;
}

/** The built web application: its files, and its one page for every address that is not a file's. */
export function pages({ folder, welcome }: PageParts): Router {
  const page = readFileSync(join(folder, 'index.html'), 'utf8');
  const ahead = filesAhead(folder);
  const router = Router();
  router.use(
    '/assets',
    // Packed by the build; by plain http a browser takes gzip alone.
    expressStaticGzip(join(folder, 'assets'), {
      enableBrotli: true,
      orderPreference: ['br', 'gz'],
      serveStatic: { immutable: true, maxAge: '1y', fallthrough: false },
    }),
  );
  // The page as a file is one without what it is filled with.
  router.get('/index.html', (_request, response) => response.redirect(301, '/'));
  router.use(express.static(folder, { index: false }));
  // Kept on a device and opened there without a network: it is nobody's, and asks who is here.
  router.get('/shell', (_request, response) => {
    response.set('Cache-Control', 'no-store').type('html');
    response.send(page.replace(PAGE_MARK, '').replaceAll(NONCE_MARK, () => nonceOf(response)));
  });
  router.get('/{*path}', async (request, response) => {
    const extra = ahead(request.path) + inPage(await welcome(request, response));
    response.set('Cache-Control', 'no-store').type('html');
    // As functions: what is put in may hold a dollar sign.
    response.send(page.replace(PAGE_MARK, () => extra).replaceAll(NONCE_MARK, () => nonceOf(response)));
  });
  return router;
}

/** The welcome as data in the page. Nothing in it can end the element that it stands in. */
function inPage(welcome: Welcome | undefined): string {
  if (!welcome) return '';
  const text = JSON.stringify(welcome).replaceAll('<', '\\u003c');
  return `<script type="application/json" id="welcome">${text}</script>`;
}
