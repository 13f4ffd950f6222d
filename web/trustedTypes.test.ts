import { expect, it, vi } from 'vitest';
import { allowOwnWorkers } from './trustedTypes.ts';

it('lets the page start its own build’s workers and no other script', () => {
  vi.stubGlobal('location', new URL('https://studio.saltmere.example/today'));
  let rule: ((address: string) => string) | undefined;
  allowOwnWorkers({ createPolicy: (_name, { createScriptURL }) => (rule = createScriptURL) });
  expect(rule?.('/assets/fitWorker-1a2b.js')).toBe('/assets/fitWorker-1a2b.js');
  for (const other of ['https://elsewhere.example/assets/a.js', 'data:text/javascript,1', '/api/circuits', 'blob:x']) {
    expect(() => rule?.(other), other).toThrow(TypeError);
  }
  vi.unstubAllGlobals();
});
