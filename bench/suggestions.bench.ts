import { catalogue } from '@prompt-spark/catalogue';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { nameSuggestions } from '@prompt-spark/core/reading/nameSuggestions';
import { bench, describe } from 'vitest';

const library = libraryOf(catalogue);
const taught = libraryOf(
  catalogue,
  Array.from({ length: 1000 }, (_, at) => ({
    said: `harbour wobble ${String.fromCharCode(97 + (at % 26))}${String(at)}`,
    drillId: catalogue[at % catalogue.length]?.id ?? '',
    rung: '',
  })),
);
/** Names as they come to be, letter by letter. */
const typed = ['leg swing s', 'squat jump', 'half kneel', 'walking lun', '10 x single leg b'].flatMap((line) =>
  Array.from(line, (_, at) => line.slice(0, at + 1)),
);
let turn = 0;
const letter = (): string => typed[(turn += 1) % typed.length] ?? '';

// To reach: a letter within a frame (16 ms) at the median, and no slower for a thousand taught words than by half.
describe('the names offered for a letter', () => {
  bench('nothing taught', () => void nameSuggestions(letter(), library));
  bench('1,000 words taught', () => void nameSuggestions(letter(), taught));
});
