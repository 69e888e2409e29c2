/// <reference lib="webworker" />
import { readCode } from './read-code';
import { shrink } from './shrink';

export type PictureTask = 'shrink' | 'code';

/** Pictures are decoded, scaled and read here, so that the page does not stand still over them. */
addEventListener('message', ({ data: { task, picture, port } }: MessageEvent<{ task: PictureTask; picture: Blob; port: MessagePort }>) => {
  const work: Promise<Blob | string | null> = task === 'shrink' ? shrink(picture) : readCode(picture);
  work.then(
    (done) => port.postMessage(done),
    // What cannot be read is no picture.
    () => port.postMessage(null),
  );
});
