import { inject, Injectable, InjectionToken } from '@angular/core';
import type { PictureTask } from './picture.worker';

export const START_PICTURES = new InjectionToken<() => Pick<Worker, 'postMessage'>>('start the worker of pictures');

/** ms after which a picture counts as one that cannot be read: a worker that does not answer must not hold up the bench. */
const PATIENCE = 20_000;

/** Pictures from the camera, worked on beside the page. */
@Injectable({ providedIn: 'root' })
export class PictureClient {
  private readonly start = inject(START_PICTURES);
  private worker: Pick<Worker, 'postMessage'> | null = null;

  /** As JPEG of moderate size, turned as it was held; null: the browser cannot read it. */
  shrink = (picture: Blob): Promise<Blob | null> => this.ask('shrink', picture, (answer) => (answer instanceof Blob ? answer : null));
  /** Text of the code in it; null: none can be read. */
  code = (picture: Blob): Promise<string | null> => this.ask('code', picture, (answer) => (typeof answer === 'string' ? answer : null));

  private ask<T>(task: PictureTask, picture: Blob, read: (answer: unknown) => T): Promise<T> {
    this.worker ??= this.start();
    const { port1, port2 } = new MessageChannel();
    this.worker.postMessage({ task, picture, port: port2 }, [port2]);
    return new Promise((done) => {
      const answer = (value: unknown): void => {
        clearTimeout(late);
        port1.close();
        done(read(value));
      };
      const late = setTimeout(() => answer(null), PATIENCE);
      port1.onmessage = ({ data }: MessageEvent<unknown>) => answer(data);
    });
  }
}
