import { edit, redo, startHistory, undo } from './history';

describe('undo history', () => {
  test('typing on in one field is one step, another field starts the next', () => {
    let history = startHistory('a');
    for (const text of ['ab', 'abc', 'abcd']) history = edit(history, text, 'name');
    history = edit(history, 'abcd!', 'notes');
    history = undo(history);
    expect(history.present).toBe('abcd');
    expect(undo(history).present).toBe('a');
  });

  test('redo brings back what undo took, until something new is typed', () => {
    const edited = edit(edit(startHistory(1), 2, 'x'), 3, 'y');
    const back = undo(undo(edited));
    expect(redo(redo(back)).present).toBe(3);
    expect(redo(edit(back, 9, 'z')).present).toBe(9);
  });

  test('after undo, typing in the same field again is a step of its own', () => {
    const once = undo(edit(edit(startHistory('a'), 'b', 'x'), 'c', 'y'));
    expect(undo(edit(once, 'd', 'y')).present).toBe('b');
  });

  test('nothing changed, nothing to undo and nothing to redo leave the history as it is', () => {
    const history = startHistory('a');
    expect(edit(history, 'a', 'x')).toBe(history);
    expect(undo(history)).toBe(history);
    expect(redo(history)).toBe(history);
  });
});
