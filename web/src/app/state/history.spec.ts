import { edit, redo, startHistory, undo } from './history';

describe('undo history', () => {
  test('typing on in one field is one step, another field starts the next', () => {
    let history = startHistory('a');
    for (const text of ['ab', 'abc', 'abcd']) history = edit(history, text, 'name', 0);
    history = edit(history, 'abcd!', 'notes', 0);
    history = undo(history);
    expect(history.present).toBe('abcd');
    expect(undo(history).present).toBe('a');
  });

  test('a pause begins another step, typing on within it does not', () => {
    const typed = edit(edit(startHistory('1'), '12', 'x', 0), '125', 'x', 3000);
    expect(undo(typed).present).toBe('1');
    expect(undo(edit(typed, '130', 'x', 3000 + 60_000)).present).toBe('125');
  });

  test('redo brings back what undo took, until something new is typed', () => {
    const edited = edit(edit(startHistory(1), 2, 'x', 0), 3, 'y', 0);
    const back = undo(undo(edited));
    expect(redo(redo(back)).present).toBe(3);
    expect(redo(edit(back, 9, 'z', 0)).present).toBe(9);
  });

  test('after undo, typing in the same field again is a step of its own', () => {
    const once = undo(edit(edit(startHistory('a'), 'b', 'x', 0), 'c', 'y', 0));
    expect(undo(edit(once, 'd', 'y', 0)).present).toBe('b');
  });

  test('nothing changed, nothing to undo and nothing to redo leave the history as it is', () => {
    const history = startHistory('a');
    expect(edit(history, 'a', 'x', 0)).toBe(history);
    expect(undo(history)).toBe(history);
    expect(redo(history)).toBe(history);
  });
});
