import { describe, expect, it } from 'vitest';
import { allSlots } from '../circuit/circuit.ts';
import { testLibrary } from '../testing/drills.ts';
import { readWhiteboard } from '../whiteboard/readWhiteboard.ts';
import { moreFor, regionOf } from './oneSide.ts';

const slotOf = (line: string) => {
  const [slot] = allSlots(readWhiteboard(`mobilise\n${line}`, testLibrary).circuit);
  return slot ?? expect.fail(`"${line}" is no drill.`);
};
const hips = { targets: { 'hip · flexion': 0.8, 'system · pulse': 0.2 } } as const;

describe('a little more on the side that needs it', () => {
  it('is two repetitions, or five seconds, of a drill that works on that region', () => {
    expect(moreFor(slotOf('tall reach 8/side'), hips, { hip: 'left' })).toEqual({ side: 'left', more: 2 });
    expect(moreFor(slotOf('tall reach 20s/side'), hips, { hip: 'right' })).toEqual({ side: 'right', more: 5 });
  });

  it('is nothing where the drill works elsewhere, on both sides at once, or gives one side more already', () => {
    expect(moreFor(slotOf('tall reach 8/side'), hips, { ankle: 'left' })).toBeUndefined();
    expect(moreFor(slotOf('tall reach 8'), hips, { hip: 'left' })).toBeUndefined();
    expect(moreFor(slotOf('run 2 lengths/side'), hips, { hip: 'left' })).toBeUndefined();
    expect(moreFor(slotOf('tall reach 8/side left +4'), hips, { hip: 'left' })).toBeUndefined();
    expect(moreFor(slotOf('tall reach 8/side'), hips, {})).toBeUndefined();
  });

  it('goes by what a drill works on most', () => {
    expect(regionOf({ targets: { 'calf · length': 0.7, 'hip · flexion': 0.2 } })).toBe('ankle');
    expect(regionOf({ targets: { 'shoulder blades · control': 0.7 } })).toBe('shoulder');
    expect(regionOf({ targets: { 'system · pulse': 0.7 } })).toBeUndefined();
  });
});
