import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import type { Finding, Remedy, WayOut } from '@lift-bare/core';
import { Subject } from 'rxjs';
import { JobContext } from '../state/job-context';
import type { Report } from '../workers/messages';
import { PlannerClient } from '../workers/planner-client';
import { Units } from './units.service';
import { WaysOut } from './ways-out';

function shown(code: string, severity: Finding['severity'] = 'stop') {
  const reports = new Subject<Report<'waysOut'>>();
  const asked: unknown[] = [];
  const taken: [Remedy, string][] = [];
  const plan = signal<unknown>({});
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideRouter([]),
      {
        provide: JobContext,
        useValue: {
          jobId: signal('tug'),
          job: signal({ name: 'Tug' }),
          shop: signal({}),
          plan,
          take: (...given: [Remedy, string]) => taken.push(given),
        },
      },
      { provide: PlannerClient, useValue: { run: (...given: unknown[]) => (asked.push(given), reports) } },
      { provide: Units, useValue: { text: (text: string) => text, money: (value: number) => `€ ${value}` } },
    ],
  });
  const fixture = TestBed.createComponent(WaysOut);
  fixture.componentRef.setInput('finding', { code, path: ['parts', 0], title: 'Too much vapour', severity });
  fixture.detectChanges();
  const host = fixture.nativeElement as HTMLElement;
  return {
    asked,
    taken,
    text: () => {
      fixture.detectChanges();
      return host.textContent?.replace(/\s+/g, ' ').trim() ?? '';
    },
    links: () => [...host.querySelectorAll('a')].map((a) => [a.textContent?.trim() ?? '', a.getAttribute('href')]),
    buttons: () => {
      fixture.detectChanges();
      return [...host.querySelectorAll('button')];
    },
    report: (report: Partial<Report<'waysOut'>>) => reports.next({ id: 1, ...report } as Report<'waysOut'>),
    replan: () => plan.set({}),
  };
}

const WAY: WayOut = {
  remedy: { kind: 'method', zone: 'z', method: 'mech.da', at: null, name: 'Lid: sander' },
  says: 'Lid: sander',
  hand: -90,
  wait: 0,
  cost: 12,
  settles: 2,
};

test('a coat that needs supplied air: the kit, another way or product, or a firm', () =>
  expect(shown('no-supplied-air').links()).toEqual([
    ['Kit of the shop', '/shop/figures'],
    ['Another method', '/jobs/tug/method'],
    ['Another product or finish', '/jobs/tug/build'],
    ['A firm that does it', '/shop/contractors'],
  ]));

test('a shut gate leads to the air of the place', () => expect(shown('cold-gate').links()[0]?.[1]).toBe('/jobs/tug/intake'));

test('what is no stop and is settled where it is shown offers nothing', () => expect(shown('area-missing', 'question').text()).toBe(''));

test('what clears a stop is tried out, shown with what it changes, and taken at one touch', () => {
  const { asked, taken, buttons, report, text } = shown('air-breathing');
  buttons()[0]?.click();
  expect(asked).toHaveLength(1);
  report({ kind: 'progress', value: 0.4 });
  expect(text()).toContain('40 %');
  report({ kind: 'done', value: [WAY] });
  expect(text()).toContain('1 h 30 less by hand, € 12 dearer, 2 stops go');
  buttons()[0]?.click();
  expect(taken).toEqual([[WAY.remedy, 'Instead: Too much vapour']]);
});

test('kit promises nothing but itself; nothing found is said; a plan that changes takes the answer back', () => {
  const { buttons, report, text, replan } = shown('no-supplied-air');
  buttons()[0]?.click();
  report({ kind: 'done', value: [{ ...WAY, says: 'The shop has it', remedy: { kind: 'kit', equipment: 'supplied-air' } }] });
  expect(text()).toContain('once it is there');
  replan();
  expect(text()).not.toContain('The shop has it');
  buttons()[0]?.click();
  report({ kind: 'done', value: [] });
  expect(text()).toContain('No other way, primer, finish or kit clears it by itself.');
});
