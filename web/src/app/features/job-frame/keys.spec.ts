import { COMMAND_KEYS, stageForKey } from './keys';

const press = (key: string, options: KeyboardEventInit = {}, target: HTMLElement = document.body): KeyboardEvent => {
  const event = new KeyboardEvent('keydown', { key, ...options, bubbles: true });
  target.dispatchEvent(event);
  return event;
};
const commandFor = (event: KeyboardEvent) => COMMAND_KEYS.find(({ matches }) => matches(event))?.name ?? null;

test('number keys are the stages in the order of work', () => {
  expect(['1', '2', '3', '4', '5', '6', '7', '8', '9'].map((key) => stageForKey(press(key)))).toEqual([
    'intake',
    'method',
    'strip',
    'bare',
    'build',
    'safety',
    'time',
    'run-sheet',
    null,
  ]);
});

test('single keys stay out of fields, undo works in them', () => {
  const input = document.body.appendChild(document.createElement('input'));
  expect(stageForKey(press('2', {}, input))).toBeNull();
  expect(commandFor(press('j', {}, input))).toBeNull();
  expect(commandFor(press('z', { ctrlKey: true }, input))).toBe('undo');
});

test('single keys stay out of dialogs, wherever in them the focus is', () => {
  const dialog = document.body.appendChild(document.createElement('div'));
  dialog.setAttribute('role', 'dialog');
  const close = dialog.appendChild(document.createElement('button'));
  expect([...'bumper'].map((key) => commandFor(press(key, {}, close)))).toEqual([...'bumper'].map(() => null));
  expect(stageForKey(press('2', {}, close))).toBeNull();
});

test('undo and redo by every habit', () => {
  expect(commandFor(press('z', { metaKey: true }))).toBe('undo');
  expect(commandFor(press('Z', { ctrlKey: true, shiftKey: true }))).toBe('redo');
  expect(commandFor(press('y', { ctrlKey: true }))).toBe('redo');
  expect(commandFor(press('?', { shiftKey: true }))).toBe('help');
});
