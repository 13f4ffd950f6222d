import type { AgreedFit } from '@prompt-spark/core/fit/plan/plan';
import type { RouteLocationRaw } from 'vue-router';

/** Where a circuit is run, for a session, fitted as was agreed. The plan stands in the address, so a reload keeps it. */
export function stageWith(circuitId: string, sessionId: string | null, fit: AgreedFit | null): RouteLocationRaw {
  return {
    name: 'stage',
    params: { id: circuitId },
    query: { ...(sessionId === null ? {} : { session: sessionId }), ...(fit ? { fit: JSON.stringify(fit) } : {}) },
  };
}
