import fc from 'fast-check';
import { expect, it } from 'vitest';
import { beginHistory, changed, redone, undone } from './history.ts';

it('undoes every change, back to the beginning, and redoes them all', () => {
  fc.assert(
    fc.property(fc.array(fc.integer(), { maxLength: 30 }), (values) => {
      const states = values.map((value, index) => ({ value, index }));
      const begin = { value: 0, index: -1 };
      const end = states.reduce((history, state) => changed(history, state), beginHistory(begin));
      const back = states.reduce((history) => undone(history), end);
      expect(back.present).toBe(begin);
      expect(states.reduce((history) => redone(history), back).present).toBe(end.present);
    }),
  );
});

it('takes changes of the same thing in a row for one', () => {
  const one = changed(beginHistory('8'), '9', 'count');
  expect(undone(changed(one, '10', 'count')).present).toBe('8');
  expect(undone(changed(one, '10', 'tempo')).present).toBe('9');
});

it('begins a new step for the same thing after an undo', () => {
  const undoneOnce = undone(changed(beginHistory('8'), '9', 'count'));
  expect(undone(changed(undoneOnce, '10', 'count')).present).toBe('8');
});

it('drops what was undone once something else is done', () => {
  const history = changed(undone(changed(beginHistory('a'), 'b')), 'c');
  expect(redone(history).present).toBe('c');
});
