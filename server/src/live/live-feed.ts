import type { Response } from 'express';

/** Server-sent events to every open screen. */
export class LiveFeed {
  private readonly screens = new Set<Response>();

  /** Keeps the answer open until the screen leaves. */
  join(response: Response, hello: object): void {
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store',
      Connection: 'keep-alive',
      'X-Accel-Buffering': 'no',
    });
    response.write(`retry: 1500\n${frame('hello', hello)}`);
    this.screens.add(response);
    response.on('close', () => this.screens.delete(response));
  }

  tell(kind: 'events' | 'reading' | 'time' | 'saved', data: unknown): void {
    const text = frame(kind, data);
    for (const screen of this.screens) screen.write(text);
  }

  /** Lets every screen go, so that the server can stop. */
  close(): void {
    for (const screen of this.screens) screen.end();
    this.screens.clear();
  }
}

const frame = (kind: string, data: unknown): string => `event: ${kind}\ndata: ${JSON.stringify(data)}\n\n`;
