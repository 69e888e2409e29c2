import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { ForecastHour } from '@lift-bare/core';
import type { Observable } from 'rxjs';

/** The weather source of the server. */
@Injectable({ providedIn: 'root' })
export class ForecastApi {
  private readonly http = inject(HttpClient);

  /** @param from ms; a week from its hour on */
  hours(from: number): Observable<ForecastHour[]> {
    return this.http.post<ForecastHour[]>('/api/v1/forecast', { from: new Date(from).toISOString() });
  }
}
