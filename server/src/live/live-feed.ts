import type { Response } from 'express';

/** A screen that listens. */
export interface Screen {
  /** who works on it; empty: nobody said */
  readonly name: string;
  readonly address: string;
  /** as its browser calls itself */
  readonly browser: string;
  /** ISO */
  readonly since: string;
}

/** Server-sent events to every open screen. */
export class LiveFeed {
  private readonly screens = new Map<Response, Screen>();

  /** Keeps the answer open until the screen leaves. */
  join(response: Response, hello: object, screen: Screen): void {
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store',
      Connection: 'keep-alive',
      'X-Accel-Buffering': 'no',
    });
    response.write(`retry: 1500\n${frame('hello', hello)}`);
    this.screens.set(response, screen);
    response.on('close', () => this.screens.delete(response));
  }

  list(): Screen[] {
    return [...this.screens.values()];
  }

  tell(kind: 'events' | 'reading' | 'gauge' | 'time' | 'saved', data: unknown): void {
    const text = frame(kind, data);
    for (const screen of this.screens.keys()) screen.write(text);
  }

  /** Lets every screen go, so that the server can stop. */
  close(): void {
    for (const screen of this.screens.keys()) screen.end();
    this.screens.clear();
  }
}

const frame = (kind: string, data: unknown): string => `event: ${kind}\ndata: ${JSON.stringify(data)}\n\n`;
