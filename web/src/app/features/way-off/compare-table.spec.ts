import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { CATALOGUE, DEMO_JOBS, DEMO_SHOP, formatHands, formatMinutes, lowerFirst, planJob, type Job, type MethodOption } from '@lift-bare/core';
import { Units } from '../../ui/units.service';
import { CompareTable } from './compare-table';

const zone = planJob(DEMO_JOBS[0] as Job, DEMO_SHOP, CATALOGUE).zones[1];
const option = (method: string): MethodOption => zone?.options.find((o) => o.method === method) as MethodOption;
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
  fixture.detectChanges();
  const root = fixture.nativeElement as HTMLElement;
  const row = (label: string) => [...root.querySelectorAll('tbody tr')].find((tr) => tr.querySelector('th')?.textContent === label);
  return {
    heads: () => [...root.querySelectorAll('thead th')].slice(1).map((th) => th.textContent?.trim()),
    cells: (label: string) => [...(row(label)?.querySelectorAll('td') ?? [])].map((td) => td.textContent?.replace(', best', '').trim()),
    best: (label: string) => [...(row(label)?.querySelectorAll('td') ?? [])].map((td) => td.classList.contains('best')),
  };
}

test('ways stand beside each other with every figure of their own', () => {
  const { heads, cells } = table('mech.da', 'chem.fast-solvent');
  expect(heads()).toEqual([option('mech.da').name, option('chem.fast-solvent').name]);
  expect(cells('Hands')).toEqual([formatHands(option('mech.da').hand), formatHands(option('chem.fast-solvent').hand)]);
  expect(cells('Cost in all')).toEqual([`€ ${option('mech.da').cost.toFixed(1)}`, `€ ${option('chem.fast-solvent').cost.toFixed(1)}`]);
});

test('the least is marked, a tie is not', () => {
  const { best } = table('mech.da', 'chem.fast-solvent');
  expect(best('Waste')).toEqual([true, false]);
  expect(best('Contractor')).toEqual([false, false]);
});

test('what a refused way lacks, shares and leaves is read as well', () => {
  const { cells } = table('mech.da', 'chem.caustic-bath');
  expect(cells('Verdict')[1]).toBe('ruled out');
  expect(cells('Speaks against it')[1]).toContain('Not known whether it fits the tub');
  expect(cells('Leaves')).toEqual(['P80 key', 'stripper residue to wash off; no key']);
});
