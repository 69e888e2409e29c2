import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { Job, Shop } from '@lift-bare/core';
import type { Observable } from 'rxjs';

/** The safety sheet and the note for the waste, to print. */
@Injectable({ providedIn: 'root' })
export class SafetyApi {
  private readonly http = inject(HttpClient);

  /** @param today ISO date */
  pdf(what: 'sheet' | 'waste', job: Job, shop: Shop, today: string): Observable<Blob> {
    return this.http.post(`/api/v1/safety-sheet${what === 'sheet' ? '' : '/waste'}/pdf`, { job, shop, today }, { responseType: 'blob' });
  }
}
