import { expect, it } from 'vitest';
import { libraryOf } from '../drills/library.ts';
import { testDrill } from '../testing/drills.ts';
import { readWhiteboard } from '../whiteboard/readWhiteboard.ts';
import { kitOf } from './kitOf.ts';

const rung = (kit: readonly ('loop band' | 'bench' | 'wall')[]) => ({ kit });
const library = libraryOf([
  testDrill({ name: 'Banded', ...rung(['loop band']) }),
  testDrill({ name: 'Raised', ...rung(['bench', 'wall']) }),
]);

it('names what is to be put out, each once, and nothing of the room', () => {
  const { circuit } = readWhiteboard('activate\nraised 20s\nbanded 20s\nbanded 30s', library);
  expect(kitOf(circuit, library)).toEqual(['benches', 'loop bands']);
  expect(kitOf(readWhiteboard('activate', library).circuit, library)).toEqual([]);
});
