import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { Job, Shop, WornSpell } from '@lift-bare/core';
import { catchError, of, type Observable } from 'rxjs';

/** The safety sheet and the note for the waste, to print. */
@Injectable({ providedIn: 'root' })
export class SafetyApi {
  private readonly http = inject(HttpClient);

  /** Who wore cartridges at the bench when; none where the server is not reached. */
  worn(): Observable<readonly WornSpell[]> {
    return this.http.get<WornSpell[]>('/api/v1/worn').pipe(catchError(() => of([])));
  }

  /** @param today ISO date @param now ms from which the days of the job are reckoned */
  pdf(what: 'sheet' | 'waste', job: Job, shop: Shop, today: string, now: number): Observable<Blob> {
    const body = { job, shop, today, ...(what === 'sheet' ? { now: new Date(now).toISOString() } : {}) };
    return this.http.post(`/api/v1/safety-sheet${what === 'sheet' ? '' : '/waste'}/pdf`, body, { responseType: 'blob' });
  }
}
