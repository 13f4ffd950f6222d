import { ADDRESSES, pathTo } from '@prompt-spark/contract/addresses';
import { describe, expect, it } from 'vitest';
import { keptUnder, mayBeKept } from './onDevice.ts';

describe('what a device keeps', () => {
  it('is nothing of people, of what was run, or of the bin', () => {
    const asked = [ADDRESSES.people, ADDRESSES.personAccess, ADDRESSES.runs, ADDRESSES.runTurns, ADDRESSES.bin];
    for (const address of asked)
      expect([address.path, mayBeKept(pathTo(address, 'an-id'))]).toEqual([address.path, false]);
  });

  it('is plans and words, each under its address', () => {
    for (const address of [ADDRESSES.circuit, ADDRESSES.circuits, ADDRESSES.session, ADDRESSES.standards])
      expect([address.path, mayBeKept(pathTo(address, 'an-id'))]).toEqual([address.path, true]);
    expect(mayBeKept('/api/circuits/one/more')).toBe(false);
  });

  it('is one list of sessions, whatever its days, and every page of circuits by itself', () => {
    expect(keptUnder('http://a/api/sessions?from=1&to=2')).toBe('http://a/api/sessions');
    expect(keptUnder('http://a/api/circuits?after=3')).toBe('http://a/api/circuits?after=3');
  });
});
