import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { Job, Shop } from '@lift-bare/core';
import type { Observable } from 'rxjs';

/** Order sheets to print. */
@Injectable({ providedIn: 'root' })
export class OrderApi {
  private readonly http = inject(HttpClient);

  /** The sheet of one contractor as PDF, with the photos kept beside the job. */
  pdf(jobId: string, job: Job, shop: Shop, contractor: string): Observable<Blob> {
    const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
    return this.http.post(`/api/v1/order-sheets/${contractor}/pdf`, { jobId, job, shop, timeZone }, { responseType: 'blob' });
  }
}
