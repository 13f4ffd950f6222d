import { Router } from 'express';

/** A statement is good for this long, and made anew at each start. */
const GOOD_FOR_MS = 180 * 24 * 60 * 60 * 1000;

/** Says to whom a weakness can be told (RFC 9116); nothing is there where nobody is named. */
export function securityText(contact: string): Router {
  const router = Router();
  if (contact === '') return router;
  const expires = new Date(Date.now() + GOOD_FOR_MS).toISOString();
  router.get('/.well-known/security.txt', (_request, response) => {
    response.type('text').send(`Contact: ${contact}\nExpires: ${expires}\nPreferred-Languages: en\n`);
  });
  return router;
}
