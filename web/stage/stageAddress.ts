import { agreedFit } from '@prompt-spark/contract/fit';
import type { AgreedFit } from '@prompt-spark/core/fit/plan';
import type { LocationQueryValue, RouteLocationRaw } from 'vue-router';

/** Where a circuit is run, for a session, fitted as was agreed. The plan stands in the address, so a reload keeps it. */
export function stageWith(circuitId: string, sessionId: string | null, fit: AgreedFit | null): RouteLocationRaw {
  return {
    name: 'stage',
    params: { id: circuitId },
    query: { ...(sessionId === null ? {} : { session: sessionId }), ...(fit ? { fit: JSON.stringify(fit) } : {}) },
  };
}

/** The plan in an address; null where there is none, or none that can be read. */
export function fitIn(query: LocationQueryValue | LocationQueryValue[] | undefined): AgreedFit | null {
  if (typeof query !== 'string') return null;
  try {
    const { error, value } = agreedFit.validate(JSON.parse(query));
    return error ? null : value;
  } catch {
    return null;
  }
}
