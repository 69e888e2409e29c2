import { TestBed } from '@angular/core/testing';
import { provideStore } from '@ngrx/store';
import { DEMO_JOBS } from '@lift-bare/core';
import { firstValueFrom, of, throwError } from 'rxjs';
import { Api } from '../api/api';
import { ScheduleClient } from '../workers/schedule-client';
import { benchFeature } from './bench.reducer';
import { ShopSchedule } from './shop-schedule';
import { shopFeature } from './shop.reducer';

const summary = (id: string, more: object = {}) => ({ id, fault: null, figures: { zones: 3 }, ...more });

function withJobs(listJobs: () => unknown) {
  const asked: string[][] = [];
  const client = {
    of: (jobs: readonly { readonly id: string }[]) => {
      asked.push(jobs.map(({ id }) => id));
      return of({ schedule: null, busy: false, trouble: null });
    },
  };
  TestBed.configureTestingModule({
    providers: [
      provideStore({ [benchFeature.name]: benchFeature.reducer, [shopFeature.name]: shopFeature.reducer }),
      { provide: Api, useValue: { listJobs, getJob: (id: string) => of({ id, document: DEMO_JOBS[0] }) } },
      { provide: ScheduleClient, useValue: client },
    ],
  });
  return { asked, state: firstValueFrom(TestBed.inject(ShopSchedule).open()) };
}

test('open jobs with zones are laid out, empty and unreadable ones are not, and twenty at the most; more pages are counted', async () => {
  const many = Array.from({ length: 22 }, (_, i) => summary(`j${i}`));
  const { asked, state } = withJobs(() =>
    of({
      jobs: [summary('torn', { fault: 'no name' }), summary('empty', { figures: { zones: 0 } }), ...many],
      counts: { open: 31, archive: 1, bin: 0 },
    }),
  );
  expect((await state).left).toBe(2 + 7);
  expect(asked).toEqual([many.slice(0, 20).map(({ id }) => id)]);
});

test('without the server it says so, and whoever shows it goes on', async () => {
  const { asked, state } = withJobs(() => throwError(() => new Error('gone')));
  expect(await state).toMatchObject({ busy: false, jobs: [], schedule: null, trouble: expect.stringContaining('not reached') });
  expect(asked).toEqual([]);
});
