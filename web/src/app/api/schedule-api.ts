import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { Job, SheetBy, Shop } from '@lift-bare/core';
import type { Observable } from 'rxjs';

/** The schedule as a file for another calendar. */
@Injectable({ providedIn: 'root' })
export class ScheduleApi {
  private readonly http = inject(HttpClient);

  /** @param day ISO; null: every day */
  days(jobs: readonly { readonly id: string; readonly job: Job }[], shop: Shop, now: number, by: SheetBy, day: string | null): Observable<Blob> {
    const asked = { jobs, shop, now: new Date(now).toISOString(), by, ...(day === null ? {} : { day }) };
    return this.http.post('/api/v1/schedule/pdf', asked, { responseType: 'blob' });
  }

  /** @param person only what this one does; null: everybody */
  calendar(jobs: readonly { readonly id: string; readonly job: Job }[], shop: Shop, now: number, person: string | null): Observable<Blob> {
    const asked = { jobs, shop, now: new Date(now).toISOString(), ...(person === null ? {} : { person }) };
    return this.http.post('/api/v1/schedule/calendar', asked, { responseType: 'blob' });
  }
}
