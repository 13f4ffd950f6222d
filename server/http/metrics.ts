import type { RequestHandler } from 'express';
import { createServer, type Server } from 'node:http';
import { collectDefaultMetrics, Histogram, Registry } from 'prom-client';

/** Figures for Prometheus: the process itself, and how long every endpoint takes to answer with what status. */
export interface Metrics {
  /** Measures every request that comes through. */
  readonly measure: RequestHandler;
  readonly registry: Registry;
}

export function newMetrics(): Metrics {
  const registry = new Registry();
  collectDefaultMetrics({ register: registry });
  const durations = new Histogram({
    name: 'http_request_duration_seconds',
    help: 'Seconds from a request to the end of its answer',
    labelNames: ['endpoint', 'status'],
    buckets: [0.002, 0.005, 0.01, 0.02, 0.05, 0.1, 0.2, 0.5, 1, 2, 5],
    registers: [registry],
  });
  return {
    registry,
    measure: (_request, response, next) => {
      const end = durations.startTimer();
      response.once('finish', () => {
        // By the name of the endpoint, never by the address: there are as many addresses as ids.
        const endpoint: unknown = response.locals['endpoint'];
        end({ endpoint: typeof endpoint === 'string' ? endpoint : 'page', status: response.statusCode });
      });
      next();
    },
  };
}

/** Serves the figures at /metrics on a port of their own, which the application's visitors cannot reach. */
export function serveMetrics({ registry }: Metrics, host: string, port: number): Server {
  const server = createServer((request, response) => {
    if (request.url !== '/metrics') {
      response.writeHead(404).end();
      return;
    }
    void registry.metrics().then(
      (text) => response.writeHead(200, { 'Content-Type': registry.contentType }).end(text),
      () => response.writeHead(500).end(),
    );
  });
  return server.listen(port, host);
}
