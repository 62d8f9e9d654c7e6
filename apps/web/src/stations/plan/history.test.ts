import fc from 'fast-check';
import { begin, type History, historyOf, redo, undo } from './history';

/** The same written down plainly: every state ever reached on this line, and where one stands on it. */
interface Line {
  states: number[];
  at: number;
}

test('undo and redo walk a line of states, and a change cuts off what was undone', () => {
  const step = fc.oneof(fc.constant('undo' as const), fc.constant('redo' as const), fc.integer({ min: 1, max: 9 }));
  fc.assert(
    fc.property(fc.array(step, { maxLength: 60 }), (steps) => {
      let history: History<number> = begin(0);
      const line: Line = { states: [0], at: 0 };
      for (const s of steps) {
        if (s === 'undo') {
          history = undo(history);
          line.at = Math.max(0, line.at - 1);
        } else if (s === 'redo') {
          history = redo(history);
          line.at = Math.min(line.states.length - 1, line.at + 1);
        } else {
          history = historyOf(history, s);
          if (s !== line.states[line.at]) {
            line.states = [...line.states.slice(0, line.at + 1), s];
            line.at++;
          } else line.states = line.states.slice(0, line.at + 1);
        }
        expect(history.now).toBe(line.states[line.at]);
      }
    }),
  );
});

test('the past is not kept for ever', () => {
  let history: History<number> = begin(0);
  for (let i = 1; i <= 500; i++) history = historyOf(history, i);
  expect(history.past.length).toBe(200);
  expect(undo(history).now).toBe(499);
});
