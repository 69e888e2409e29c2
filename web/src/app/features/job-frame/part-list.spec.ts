import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { CATALOGUE, DEMO_JOBS, DEMO_SHOP, lowerFirst, planJob, type Finding, type Job, type Plan } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { Units } from '../../ui/units.service';
import { PartList } from './part-list';

const job = DEMO_JOBS[0] as Job;
const full = planJob(job, DEMO_SHOP, CATALOGUE);
const first = full.zones[0] as Plan['zones'][number];
const calm: Plan = { ...full, zones: full.zones.map((zone) => ({ ...zone, findings: [], overridden: false })) };

/** The first zone of the plan changed, all others without findings. */
const withFirst = (change: Partial<Plan['zones'][number]>): Plan => ({
  ...calm,
  zones: calm.zones.map((zone, i) => (i === 0 ? { ...zone, ...change } : zone)),
});
const finding = (severity: Finding['severity']): Finding => ({ ...(full.findings[0] as Finding), severity });

async function list(plan: Plan | null) {
  const shown = signal(plan);
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideRouter([]),
      { provide: JobContext, useValue: { job: signal(job), plan: shown, zoneId: signal(first.zone), jobId: signal('1'), part: signal(null) } },
      { provide: Units, useValue: { show: (value: number, dimension: string) => `${value} ${dimension}`, inline: lowerFirst } },
    ],
  });
  const fixture = TestBed.createComponent(PartList);
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  return { root, links: [...root.querySelectorAll('a')].map((a) => a.textContent ?? '') };
}

test('every part and zone of the job is there, also before the first plan', async () => {
  const { root } = await list(null);
  for (const { name, zones } of job.parts) for (const text of [name, ...zones.map((zone) => zone.name)]) expect(root.textContent).toContain(text);
  // Nothing is said of what is not known yet.
  expect(root.textContent).not.toContain('no area yet');
  expect(root.querySelector('.flag')).toBeNull();
});

test.each<[string, Partial<Plan['zones'][number]>]>([
  ['stop', { findings: [finding('question'), finding('stop')], overridden: true }],
  ['open', { findings: [finding('question')], overridden: true }],
  ['own', { overridden: true }],
  ['set', { findings: [finding('caution')] }],
])('the worst state of a zone is its word: %s', async (word, change) => {
  const { links } = await list(withFirst(change));
  const own = links.find((text) => text.includes(first.zoneName));
  expect(own?.trim().endsWith(word)).toBe(true);
});
