import { BreakpointObserver } from '@angular/cdk/layout';
import { inject, Injectable } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { map } from 'rxjs';

/** Whether the page is as wide as a phone: one column, and reasons beside what they explain. */
@Injectable({ providedIn: 'root' })
export class Narrow {
  readonly is = toSignal(
    inject(BreakpointObserver)
      .observe('(max-width: 640px)')
      .pipe(map(({ matches }) => matches)),
    { initialValue: false },
  );
}
