import { Router } from 'express';

/** Whether the process runs (`/healthz`), and whether it can answer requests (`/readyz`): for what watches over it. */
export function health(isReady: () => Promise<boolean>): Router {
  const router = Router();
  router.get('/healthz', (_request, response) => {
    response.set('Cache-Control', 'no-store').type('text').send('alive\n');
  });
  router.get('/readyz', async (_request, response) => {
    const ready = await isReady();
    response
      .status(ready ? 200 : 503)
      .set('Cache-Control', 'no-store')
      .type('text')
      .send(ready ? 'ready\n' : 'not ready\n');
  });
  return router;
}
