import { catalogue } from '@prompt-spark/catalogue';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { timeCircuit } from '@prompt-spark/core/timeline/timeCircuit';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { writeWhiteboard } from '@prompt-spark/core/whiteboard/writeWhiteboard';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { bench, describe } from 'vitest';

const library = libraryOf(catalogue);
const occasion = occasionOf({ library });
const lineOf = (index: number) => `  ${(catalogue[index % catalogue.length]?.name ?? '').toLowerCase()} 8-10 rest 5s`;
const boardOf = (slots: number) =>
  ['mobilise 2 rounds rest 20s', ...Array.from({ length: slots }, (_, index) => lineOf(index))].join('\n');
const circuitOf = (slots: number) => readWhiteboard(boardOf(slots), library).circuit;

describe('growth of timeCircuit', () => {
  for (const slots of [10, 100, 1000]) {
    const circuit = circuitOf(slots);
    bench(`${String(slots)} slots`, () => void timeCircuit(circuit, occasion));
  }
});

describe('whiteboard, against parsing the same circuit as JSON', () => {
  const board = boardOf(100);
  const circuit = circuitOf(100);
  const json = JSON.stringify(circuit);
  bench('JSON.parse, 100 slots', () => void JSON.parse(json));
  bench('readWhiteboard, 100 lines', () => void readWhiteboard(board, library));
  bench('writeWhiteboard, 100 slots', () => void writeWhiteboard(circuit, library));
});
