import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { expect, it } from 'vitest';
import { DOOR_CIRCUIT, DOOR_LIBRARY, DOOR_LINES } from './doorCircuit.ts';

/** Blocks and lines are named as they are made. */
const unnamed = ({ blocks }: Circuit) =>
  blocks.map((block) => ({ ...block, id: '', lines: block.lines.map((line) => ({ ...line, id: '' })) }));

it('the circuit at the door is what its board says', () => {
  const read = readWhiteboard(DOOR_LINES.join('\n'), DOOR_LIBRARY);
  expect(unnamed(DOOR_CIRCUIT)).toEqual(unnamed(read.circuit));
});
