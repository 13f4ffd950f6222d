/**
 * highs in a process of its own: a program comes in, what highs says of it goes out. Its build for WebAssembly can break down
 * or go round for ever, and only a process can be put an end to.
 */
import process from 'node:process';
import loadHighs from 'highs';

/** How far a row may be passed. */
const TOLERANCE = 1e-6;

const highs = await loadHighs();
process.on('message', ({ program, options }) => {
  const { Status, ObjectiveValue, Rows } = highs.solve(program, options);
  // A solution is believed only where it keeps to the program: an earlier build called one the best that did not.
  const holds = Rows.every(
    ({ Primal, Lower, Upper }) =>
      !(Primal > (Upper ?? Infinity) + TOLERANCE || Primal < (Lower ?? -Infinity) - TOLERANCE),
  );
  process.send({ status: Status, value: ObjectiveValue, holds });
});
