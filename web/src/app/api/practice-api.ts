import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { Debrief, PracticeRun } from '@lift-bare/core';
import type { Observable } from 'rxjs';

/** A run that somebody has played. */
export interface PracticeLine {
  readonly id: string;
  readonly person: string;
  readonly case: string;
  readonly title: string;
  readonly seed: number;
  readonly level: number;
  /** ISO */
  readonly at: string;
  /** 0 to 100 */
  readonly score: number;
}

/** Practice runs, as the server keeps them. */
@Injectable({ providedIn: 'root' })
export class PracticeApi {
  private readonly http = inject(HttpClient);

  /** Newest first. */
  runs = (): Observable<PracticeLine[]> => this.http.get<PracticeLine[]>('/api/v1/practice/runs');
  keep = (id: string, person: string, run: PracticeRun): Observable<Debrief> =>
    this.http.put<Debrief>(`/api/v1/practice/runs/${id}`, { person, run });
  forget = (person: string): Observable<void> => this.http.delete<void>('/api/v1/practice/runs', { params: { person } });
}
