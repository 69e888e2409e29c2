// What the library keeps of the program for when the server is away, with two things that it holds up left to the network:
// what the page asks for while the program is being stored for the first time, and the server's own data at any time.
let storing = false;

self.addEventListener('install', () => {
  storing = true;
});

self.addEventListener('message', (event) => {
  if (event.data?.action !== 'INITIALIZE') return;
  storing = true;
  event.waitUntil = (work) =>
    ExtendableEvent.prototype.waitUntil.call(
      event,
      work.finally(() => {
        storing = false;
      }),
    );
});

self.addEventListener('fetch', (event) => {
  if (storing || new URL(event.request.url).pathname.startsWith('/api/')) event.stopImmediatePropagation();
});

importScripts('./ngsw-worker.js');
