import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { CATALOGUE, DEMO_JOBS, DEMO_SHOP, planJob, type Job, type MethodOption, type Opening } from '@lift-bare/core';
import { Subject } from 'rxjs';
import { JobContext } from '../../state/job-context';
import { Units } from '../../ui/units.service';
import type { Report } from '../../workers/messages';
import { PlannerClient } from '../../workers/planner-client';
import { BreakEvenNotes } from './break-even-notes';
import { Openings } from './openings';

const job = DEMO_JOBS[0] as Job;
const [zone] = planJob(job, DEMO_SHOP, CATALOGUE).zones;
const refused = zone?.options.find(({ verdict }) => verdict === 'ruled-out') as MethodOption;

function provide() {
  const asked: object[] = [];
  const reports = new Subject<Report>();
  const zoneId = signal(zone?.zone);
  const planner = {
    run: (task: string, input: object) => {
      asked.push({ task, ...input });
      return reports;
    },
  };
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      { provide: JobContext, useValue: { job: signal(job), shop: signal(DEMO_SHOP), zoneId } },
      { provide: PlannerClient, useValue: planner },
      { provide: Units, useValue: { show: (value: number) => `${value.toFixed(1)} m²`, inline: (name: string) => name.toLowerCase() } },
    ],
  });
  return { asked, reports, zoneId };
}

describe('what would change a refused method', () => {
  async function page() {
    const provided = provide();
    const fixture = TestBed.createComponent(Openings);
    fixture.componentRef.setInput('option', refused);
    await fixture.whenStable();
    const root = fixture.nativeElement as HTMLElement;
    const ask = async () => {
      root.querySelector('button')?.click();
      await fixture.whenStable();
    };
    const answer = async (...changes: string[][]) => {
      const value = changes.map((each): Opening => ({ method: refused.method, name: refused.name, changes: each }));
      provided.reports.next({ id: 1, kind: 'done', value });
      await fixture.whenStable();
    };
    return { ...provided, root, ask, answer, text: () => root.textContent?.trim() ?? '' };
  }

  test('is asked of the worker only when wanted, for this zone and method', async () => {
    const { asked, ask, text } = await page();
    expect(asked).toEqual([]);
    await ask();
    expect(asked).toMatchObject([{ task: 'openings', zoneId: zone?.zone, method: refused.method }]);
    expect(text()).toBe('trying changes…');
  });
  test('single changes stand side by side, pairs together', async () => {
    const { ask, answer, text } = await page();
    await ask();
    await answer(['a'], ['b', 'c']);
    expect(text()).toBe('It opens with a; or b and c.');
  });
  test('more than four are counted, not listed', async () => {
    const { ask, answer, text } = await page();
    await ask();
    await answer(['a'], ['b'], ['c'], ['d'], ['e'], ['f']);
    expect(text()).toBe('It opens with a; or b; or c; or d; or 2 more ways.');
  });
  test('where nothing opens it, that is said', async () => {
    const { ask, answer, text } = await page();
    await ask();
    await answer();
    expect(text()).toContain('material and access decide');
  });
});

test('break-evens are told for the zone shown, and go when another is shown', async () => {
  const { asked, reports, zoneId } = provide();
  const fixture = TestBed.createComponent(BreakEvenNotes);
  await fixture.whenStable();
  const text = () => (fixture.nativeElement as HTMLElement).textContent ?? '';
  reports.next({ id: 1, kind: 'done', value: [{ side: 'above', area: 3.2, method: 'blast.garnet', name: 'Garnet blast' }] } as unknown as Report);
  await fixture.whenStable();
  expect(text()).toContain('Over 3.2 m² of the same, garnet blast costs less.');
  zoneId.set('another');
  await fixture.whenStable();
  expect(text()).not.toContain('costs less');
  expect(asked).toHaveLength(2);
});
