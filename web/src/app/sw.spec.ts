import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { runInNewContext } from 'node:vm';

const SCRIPT = readFileSync(join(__dirname, '../../public/sw.js'), 'utf8');

/** The script as the browser runs it, and what it leaves to the library. */
function worker() {
  const listeners: Record<string, (event: object) => void> = {};
  const waited: Promise<unknown>[] = [];
  class ExtendableEvent {
    waitUntil(work: Promise<unknown>): void {
      waited.push(work);
    }
  }
  const loaded: string[] = [];
  runInNewContext(SCRIPT, {
    self: { addEventListener: (kind: string, listener: (event: object) => void) => (listeners[kind] = listener) },
    importScripts: (name: string) => loaded.push(name),
    ExtendableEvent,
    URL,
  });
  return {
    loaded,
    tell: (kind: string, event: object = {}) => {
      listeners[kind]?.(event);
      return event;
    },
    message: (action: string) => Object.assign(new ExtendableEvent(), { data: { action } }),
    waited,
    /** whether the library is asked */
    asked: (url: string) => {
      const stopImmediatePropagation = jest.fn();
      listeners['fetch']?.({ request: { url: `http://127.0.0.1:4183${url}` }, stopImmediatePropagation });
      return stopImmediatePropagation.mock.calls.length === 0;
    },
  };
}

test('the page asks the network itself while the program is stored, and the library after that, even where storing failed', async () => {
  const { loaded, tell, message, waited, asked } = worker();
  expect(loaded).toEqual(['./ngsw-worker.js']);
  // Started anew, with everything stored long ago.
  expect(asked('/chunk-ABCDEFGH.js')).toBe(true);
  tell('install');
  expect(asked('/chunk-ABCDEFGH.js')).toBe(false);
  const told = tell('message', message('INITIALIZE')) as { waitUntil: (work: Promise<unknown>) => void };
  let stored = (): void => undefined;
  told.waitUntil(new Promise<void>((_, refuse) => (stored = () => refuse(new Error('no room')))));
  expect(asked('/')).toBe(false);
  stored();
  await expect(Promise.all(waited)).rejects.toThrow('no room');
  expect(asked('/')).toBe(true);
});

test('the data of the server never goes through it, and other messages change nothing', () => {
  const { tell, message, asked } = worker();
  tell('message', message('CHECK_FOR_UPDATES'));
  expect([asked('/api/v1/jobs'), asked('/jobs/demo-1/intake')]).toEqual([false, true]);
});
