import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { DEFAULT_SHOP, DEMO_JOBS, SCHOOLS, type Shop } from '@lift-bare/core';
import { of, Subject, throwError, type Observable } from 'rxjs';
import { Api } from '../../api/api';
import { Units } from '../../ui/units.service';
import type { Report } from '../../workers/messages';
import { PlannerClient } from '../../workers/planner-client';
import { ShopEditor } from './shop-editor';
import { ShopSchools } from './shop-schools';

interface Asked {
  readonly jobs: readonly { readonly name: string }[];
  readonly before: Shop;
  readonly after: Shop;
}

async function page(list: () => Observable<unknown> = () => of({ jobs: DEMO_JOBS.flatMap((_, i) => (i === 2 ? [] : [{ id: String(i) }])) })) {
  const shop = signal<Shop>(DEFAULT_SHOP);
  const editor = {
    shop,
    set: (key: keyof Shop, value: unknown) => {
      shop.update((known) => ({ ...known, [key]: value }));
      return true;
    },
  };
  const asked: Asked[] = [];
  const reports = new Subject<Report>();
  const planner = {
    run: (_: string, input: Asked) => {
      asked.push(input);
      return reports;
    },
  };
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      { provide: ShopEditor, useValue: editor },
      { provide: Api, useValue: { listJobs: list, getJob: (id: string) => of({ document: DEMO_JOBS[Number(id)] }) } },
      { provide: PlannerClient, useValue: planner },
      { provide: Units, useValue: { text: (text: string) => text, money: (value: number) => `€ ${value}` } },
    ],
  });
  const fixture = TestBed.createComponent(ShopSchools);
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const choose = async (text: string) => {
    const side = [...root.querySelectorAll('label')].find((label) => label.textContent?.includes(text));
    side?.querySelector('input')?.click();
    await fixture.whenStable();
  };
  const say = async (report: object) => {
    reports.next({ id: 1, ...report } as Report);
    await fixture.whenStable();
  };
  return { root, choose, say, asked, shop, effects: () => root.querySelector('.effects')?.textContent?.replace(/\s+/g, ' ') ?? '' };
}

test('every school shows its question, all sides with reasons, and the default with its why', async () => {
  const { root } = await page();
  const sets = [...root.querySelectorAll('fieldset')];
  expect(sets).toHaveLength(SCHOOLS.length);
  for (const [i, { question, sides, usual }] of SCHOOLS.entries())
    for (const text of [question, usual, ...sides.flatMap(({ label, says }) => [label, says])]) expect(sets[i]?.textContent).toContain(text);
  expect(root.querySelectorAll('input:checked')).toHaveLength(SCHOOLS.length);
});

test('a switch is taken at once and every open job is planned both ways', async () => {
  const { choose, asked, shop, effects, say } = await page();
  await choose('Etch, then surfacer');
  expect(shop().schools.P1).toBe('etch-surfacer');
  expect(asked[0]?.jobs.map(({ name }) => name)).toEqual([DEMO_JOBS[0], DEMO_JOBS[1], DEMO_JOBS[3]].map((job) => job?.name));
  expect([asked[0]?.before.schools.P1, asked[0]?.after.schools.P1]).toEqual(['epoxy-direct', 'etch-surfacer']);
  await say({ kind: 'progress', value: 0.5 });
  expect(effects()).toContain('planning open jobs, 50 %');
  const change = { where: 'Cab: Door', what: 'primer', before: 'Epoxy', after: 'Etch' };
  await say({
    kind: 'done',
    value: [{ name: 'Milk float', differences: [change, { ...change, where: 'Whole job', what: 'cost', before: '900', after: '880' }] }],
  });
  expect(effects()).toContain('Milk float');
  expect(effects()).toContain('primer Epoxy → Etch Cab: Door');
  expect(effects()).toContain('cost € 900 → € 880');
});

test('where nothing changes, that is said', async () => {
  const { choose, say, effects } = await page();
  await choose('Lay and turn');
  await say({ kind: 'done', value: [] });
  expect(effects()).toContain('No open job plans differently.');
});

test('a server that is not reached leaves the switch made and the rest quiet', async () => {
  const { choose, shop, effects } = await page(() => throwError(() => new Error('offline')));
  await choose('Always bare');
  expect(shop().schools.S1).toBe('always-bare');
  expect(effects()).not.toContain('planning open jobs');
});
