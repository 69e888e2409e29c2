import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import {
  CATALOGUE,
  countsMoney,
  DEMO_JOBS,
  DEMO_SHOP,
  formatHands,
  formatMinutes,
  gatherFacts,
  lowerFirst,
  planJob,
  scoreParts,
  type Job,
  type MethodOption,
} from '@lift-bare/core';
import { Units } from '../../ui/units.service';
import { CompareTable } from './compare-table';

const zone = planJob(DEMO_JOBS[0] as Job, DEMO_SHOP, CATALOGUE).zones[1];
const option = (method: string): MethodOption => zone?.options.find((o) => o.method === method) as MethodOption;
const facts = gatherFacts(DEMO_JOBS[0] as Job, DEMO_SHOP, CATALOGUE).find((one) => one.zone.id === zone?.zone);
const withMoney = countsMoney(zone?.options ?? []);
const WEIGHED = new Map(facts && zone?.options.map((o) => [o.key, scoreParts(o, facts, withMoney)]));
const units = {
  hands: formatHands,
  minutes: formatMinutes,
  inline: lowerFirst,
  money: (value: number) => `€ ${value.toFixed(1)}`,
  show: (value: number) => `${value.toFixed(1)} kg`,
  text: (text: string) => text,
};

function table(...methods: string[]) {
  TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection(), { provide: Units, useValue: units }] });
  const fixture = TestBed.createComponent(CompareTable);
  fixture.componentRef.setInput('options', methods.map(option));
  fixture.componentRef.setInput('weighed', WEIGHED);
  fixture.detectChanges();
  const root = fixture.nativeElement as HTMLElement;
  const row = (label: string) => [...root.querySelectorAll('tbody tr')].find((tr) => tr.querySelector('th')?.textContent === label);
  return {
    heads: () => [...root.querySelectorAll('thead th')].slice(1).map((th) => th.textContent?.trim()),
    cells: (label: string) => [...(row(label)?.querySelectorAll('td') ?? [])].map((td) => td.textContent?.replace(', best', '').trim()),
    best: (label: string) => [...(row(label)?.querySelectorAll('td') ?? [])].map((td) => td.classList.contains('best')),
  };
}

test('methods stand beside each other with every figure of their own', () => {
  const { heads, cells } = table('mech.da', 'chem.fast-solvent');
  expect(heads()).toEqual([option('mech.da').name, option('chem.fast-solvent').name]);
  expect(cells('Hand time')).toEqual([formatHands(option('mech.da').hand), formatHands(option('chem.fast-solvent').hand)]);
  expect(cells('Cost in all')).toEqual([`€ ${option('mech.da').cost.toFixed(1)}`, `€ ${option('chem.fast-solvent').cost.toFixed(1)}`]);
});

test('the least is marked, a tie is not', () => {
  const { best } = table('mech.da', 'chem.fast-solvent');
  expect(best('Waste')).toEqual([true, false]);
  expect(best('Contractor')).toEqual([false, false]);
});

test('what a refused method lacks, shares and leaves is read as well', () => {
  const { cells } = table('mech.da', 'chem.caustic-bath');
  expect(cells('Verdict')[1]).toBe('ruled out');
  expect(cells('Speaks against it')[1]).toContain('Not known whether it fits the tub');
  expect(cells('Leaves')).toEqual(['P80 key', 'stripper residue to wash off; no key']);
});

test('what the ranking looks at stands there by its parts, which add up', () => {
  const { cells, best } = table('mech.da', 'chem.fast-solvent');
  const money = (label: string): number => Number(cells(label)[0]?.replace('€ ', ''));
  const parts = ['of it hand time', 'of it money', 'of it waiting time', 'of it risk to the part', 'of it exposure'].map(money);
  expect(parts.reduce((sum, part) => sum + part, 0)).toBeCloseTo(money('Weighted cost'), 0);
  expect(best('Weighted cost').filter(Boolean)).toHaveLength(1);
});
