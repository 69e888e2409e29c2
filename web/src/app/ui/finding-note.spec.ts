import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { Finding, UnitSystem } from '@lift-bare/core';
import { FindingNote } from './finding-note';
import { Units } from './units.service';

const finding: Finding = {
  code: 'sheet-blast-hard',
  severity: 'rule-out',
  path: [],
  title: 'Hard medium on sheet',
  reason: 'The limit is soft medium up to 2.8 bar.',
  basis: { kind: 'practice', source: 'common practice, no source' },
  looksAt: ['medium'],
  change: 'Sheet of 1 mm or more.',
};

function note(system: UnitSystem, full: boolean): string {
  const units = { text: (sentence: string) => (system === 'us' ? sentence.replace('2.8 bar', '41 psi') : sentence), system: signal(system) };
  TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection(), { provide: Units, useValue: units }] });
  const fixture = TestBed.createComponent(FindingNote);
  fixture.componentRef.setInput('finding', finding);
  fixture.componentRef.setInput('full', full);
  fixture.detectChanges();
  return (fixture.nativeElement as HTMLElement).textContent?.replace(/\s+/g, ' ') ?? '';
}

test('a finding says what it is in a word, its reason, what would change it and its basis', () => {
  const text = note('metric', true);
  for (const part of ['Ruled out: Hard medium on sheet', '2.8 bar', 'Sheet of 1 mm or more.', 'common practice, no source'])
    expect(text).toContain(part);
});

test('short notes leave the basis to the long ones; quantities follow the unit system', () => {
  const text = note('us', false);
  expect(text).toContain('41 psi');
  expect(text).not.toContain('common practice');
});
