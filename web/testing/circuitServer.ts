import { emptyCircuit } from '@prompt-spark/core/circuit/circuit';
import { USUAL_PACE } from '@prompt-spark/core/occasion/occasion';
import { SHIPPED_DRILLS, type Answer } from './fakeBrowser.ts';
import { testLibrary } from '@prompt-spark/core/testing/drills';

export const CIRCUIT_ID = '5f0d5f8e-6a1e-4f43-8f0b-2f3f0b8f4e11';
const record = { id: CIRCUIT_ID, version: 1, savedAt: '2026-11-25T19:42:00.000Z', groupId: null, siteId: null };

/** A server with the invented drills and one empty circuit. */
export function circuitServer(method: string, path: string, body: unknown): Answer {
  if (path === SHIPPED_DRILLS) return { status: 200, body: testLibrary.drills };
  if (path === '/api/drills') return { status: 200, body: { drills: [], unreadable: [] } };
  if (path === '/api/standards')
    return {
      status: 200,
      body: { defaultApproach: '', approaches: [], sessions: [], unreadable: { approaches: [], sessions: [] } },
    };
  if (path === '/api/pace') return { status: 200, body: { all: { habits: USUAL_PACE, sessions: 0 }, groups: [] } };
  if (path === '/api/places') return { status: 200, body: { sites: [], groups: [], coaches: [] } };
  if (method === 'GET') return { status: 200, body: { ...record, circuit: emptyCircuit('New circuit') } };
  const { circuit, version } = body as { circuit: unknown; version: number };
  return { status: 200, body: { ...record, circuit, version: version + 1 } };
}
