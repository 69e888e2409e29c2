import { computed, provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { DEFAULT_SHOP, DEMO_JOBS, type Job, type Zone } from '@lift-bare/core';
import { updateZone } from '../../state/document-edits';
import { JobContext } from '../../state/job-context';
import { IdentifyTests } from './identify-tests';
import { TargetHelp } from './target-help';

const zoneId = (DEMO_JOBS[0] as Job).parts[1]?.zones[0]?.id ?? '';

async function page() {
  const job = signal(DEMO_JOBS[0] as Job);
  const part = computed(() => job().parts[1] ?? null);
  const zone = computed(() => part()?.zones[0] ?? null);
  const context = {
    job,
    part,
    zone,
    zoneId: signal(zoneId),
    shop: signal(DEFAULT_SHOP),
    edit: (_: string, change: (before: Job) => Job) => job.update(change),
    editZone: (_: string, change: (before: Zone) => Zone) => job.update((before) => updateZone(before, zoneId, change)),
  };
  TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection(), { provide: JobContext, useValue: context }] });
  const tests = TestBed.createComponent(IdentifyTests);
  const help = TestBed.createComponent(TargetHelp);
  const settle = async () => {
    await tests.whenStable();
    await help.whenStable();
  };
  await settle();
  const roots = [tests.nativeElement as HTMLElement, help.nativeElement as HTMLElement];
  const press = async (text: string) => {
    roots
      .flatMap((root) => [...root.querySelectorAll('button')])
      .find((button) => (button.getAttribute('aria-label') ?? button.textContent ?? '').trim().startsWith(text))
      ?.click();
    await settle();
  };
  const text = (i: number) => roots[i]?.textContent?.replace(/\s+/g, ' ') ?? '';
  return { press, tests: () => text(0), help: () => text(1), zone };
}

test('a test says how it is done; its answer is recorded with the day and sets what it decides', async () => {
  const { press, tests, zone } = await page();
  await press('Crosscut');
  expect(tests()).toContain('Six cuts each way');
  await press('3: two-pack clear lets go');
  expect(zone()?.condition.crosscut).toBe(3);
  expect(zone()?.tests[0]).toMatchObject({ day: expect.stringMatching(/^\d{4}-\d\d-\d\d$/), result: { test: 'crosscut', class: 3 } });
  expect(tests()).toContain('class 3, two-pack clear let go');
  expect(tests()).not.toContain('Six cuts each way');
});

test('a record is taken out again', async () => {
  const { press, zone } = await page();
  await press('Magnet');
  await press('It holds');
  expect(zone()?.tests).toHaveLength(1);
  await press('remove Magnet');
  expect(zone()?.tests).toEqual([]);
});

test('the advice on the target follows the tests and can be taken', async () => {
  const { press, help, zone } = await page();
  expect(help()).toContain('The stack speaks for: keep and key');
  await press('Crosscut');
  await press('3: two-pack clear lets go');
  expect(help()).toContain('The stack speaks for: down to surfacer');
  expect(help()).toContain('What would change it');
  await press('Set this target');
  expect(zone()?.target).toEqual({ kind: 'down-to', layer: zone()?.stack.find(({ coating }) => coating === 'surfacer-2k')?.id });
  expect(help()).toContain('The target fits: down to surfacer');
  expect(help()).not.toContain('Set this target');
});
