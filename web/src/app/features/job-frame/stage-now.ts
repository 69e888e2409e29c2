import { computed, inject, Injectable } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { NavigationEnd, Router } from '@angular/router';
import { StageName } from '@lift-bare/core';
import { filter, map } from 'rxjs';

/** The stage of the job that is looked at, by the address; null: a page beside the stages, as its book or its papers. */
@Injectable()
export class StageNow {
  private readonly router = inject(Router);
  private readonly address = toSignal(
    this.router.events.pipe(
      filter((event) => event instanceof NavigationEnd),
      map(() => this.router.url),
    ),
    { initialValue: this.router.url },
  );
  readonly stage = computed(() => {
    const [, , , page] = (this.address().split(/[?#]/)[0] ?? '').split('/');
    return StageName.options.find((stage) => stage === page) ?? null;
  });
}
