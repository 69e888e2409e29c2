import { inject, Injectable } from '@angular/core';
import type { Forecast } from '@lift-bare/core';
import { of, tap, type Observable } from 'rxjs';
import type { Report } from '../../workers/messages';
import { PlannerClient } from '../../workers/planner-client';
import type { DwellCase } from './dwell-case';

const DRAWS = 10_000;
const SEED = 20_261_125;
const MOST = 40;

/** Forecasts from the worker, remembered by what they were made from. */
@Injectable({ providedIn: 'root' })
export class Forecasts {
  private readonly planner = inject(PlannerClient);
  private readonly known = new Map<string, Forecast>();

  /** @param until last clock minute of the curve */
  of({ setting, rounds }: DwellCase, until: number): Observable<Report<'forecast'>> {
    const input = { setting, rounds, terms: { draws: DRAWS, seed: SEED, until } };
    const key = JSON.stringify(input);
    const known = this.known.get(key);
    if (known) return of({ kind: 'done', id: 0, value: known });
    return this.planner.run('forecast', input).pipe(
      tap((report) => {
        if (report.kind === 'done') this.remember(key, report.value);
      }),
    );
  }

  private remember(key: string, value: Forecast): void {
    const [oldest] = this.known.keys();
    if (this.known.size >= MOST && oldest !== undefined) this.known.delete(oldest);
    this.known.set(key, value);
  }
}
