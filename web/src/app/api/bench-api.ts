import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { BenchEvent, Experience, Reading, StoredEvent } from '@lift-bare/core';
import { Observable } from 'rxjs';
import { Who } from '../state/who';

export interface ServerTime {
  /** ISO time of the shop */
  readonly now: string;
  readonly speed: number;
}
export interface BenchState extends ServerTime {
  readonly timers: readonly { readonly id: string; readonly events: readonly StoredEvent[] }[];
  readonly readings: readonly Reading[];
}
export interface RefusedEvent {
  readonly id: string;
  readonly path: readonly (string | number)[];
  readonly reason: string;
}
export interface Appended extends ServerTime {
  readonly kept: readonly string[];
  readonly refused: readonly RefusedEvent[];
}
export type LiveWord =
  | { readonly kind: 'hello' | 'time'; readonly data: ServerTime }
  | { readonly kind: 'events'; readonly data: readonly StoredEvent[] }
  | { readonly kind: 'reading'; readonly data: Reading }
  | { readonly kind: 'saved'; readonly data: { readonly id: string; readonly version: number } }
  | { readonly kind: 'lost' };

const STREAM = '/api/v1/timers/stream';
/** ms until a stream that the browser has given up is opened again. */
const REOPEN = 2000;
/** ms without a word, when the server tells the time each ten seconds, after which a stream counts as dead. */
const SILENT = 25_000;

/** The bench's resources, and what other screens and the probe say meanwhile. */
@Injectable({ providedIn: 'root' })
export class BenchApi {
  private readonly http = inject(HttpClient);
  private readonly who = inject(Who);

  load = (): Observable<BenchState> => this.http.get<BenchState>('/api/v1/timers');
  /** all that was ever said of a job and its sections */
  ofJob = (jobId: string): Observable<readonly StoredEvent[]> => this.http.get<StoredEvent[]>(`/api/v1/jobs/${jobId}/events`);
  send = (events: readonly BenchEvent[]): Observable<Appended> => this.http.post<Appended>('/api/v1/timers/events', { events });
  experience = (jobId: string): Observable<Experience> => this.http.get<Experience>('/api/v1/experience', { params: { job: jobId } });

  /** Stays open, comes back by itself, and says when it is lost. */
  live(): Observable<LiveWord> {
    return new Observable((screen) => {
      let source: EventSource;
      let again: ReturnType<typeof setTimeout> | undefined;
      let silence: ReturnType<typeof setTimeout> | undefined;
      const lost = (reopen: number | null): void => {
        screen.next({ kind: 'lost' });
        if (reopen !== null) again = setTimeout(open, reopen);
      };
      /** A screen that slept may hold a stream that died without a word. */
      const listen = (): void => {
        clearTimeout(silence);
        silence = setTimeout(() => {
          source.close();
          lost(0);
        }, SILENT);
      };
      const open = (): void => {
        source = new EventSource(`${STREAM}?name=${encodeURIComponent(this.who.name())}`);
        listen();
        for (const kind of ['hello', 'time', 'events', 'reading', 'saved'] as const)
          source.addEventListener(kind, ({ data }: MessageEvent<string>) => {
            listen();
            screen.next({ kind, data: JSON.parse(data) as never });
          });
        source.onerror = () => lost(source.readyState === EventSource.CLOSED ? REOPEN : null);
      };
      open();
      return () => {
        clearTimeout(again);
        clearTimeout(silence);
        source.close();
      };
    });
  }
}
