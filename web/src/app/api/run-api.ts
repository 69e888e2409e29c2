import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { RunEntry, Tally } from '@lift-bare/core';
import type { Observable } from 'rxjs';

/** Something that was said of a job, as a search of all books finds it. */
export interface BookHit {
  readonly job: string;
  readonly name: string;
  readonly at: string;
  readonly by: string;
  readonly note: string;
  readonly run: RunEntry;
}

/** Books of all jobs on the server. */
@Injectable({ providedIn: 'root' })
export class RunApi {
  private readonly http = inject(HttpClient);

  /** defects over all jobs, with the habits beside them */
  tally = (): Observable<readonly Tally[]> => this.http.get<Tally[]>('/api/v1/defects');
  search = (text: string): Observable<readonly BookHit[]> => this.http.get<BookHit[]>('/api/v1/book', { params: { q: text } });
}
