import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { ScoreParts } from '@lift-bare/core';
import { Units } from '../../ui/units.service';
import { WeighedBar } from './weighed-bar';

function bar(parts: ScoreParts, full: number, factor = '') {
  TestBed.configureTestingModule({
    providers: [provideZonelessChangeDetection(), { provide: Units, useValue: { money: (value: number) => `€ ${value.toFixed(0)}` } }],
  });
  const fixture = TestBed.createComponent(WeighedBar);
  for (const [name, value] of Object.entries({ parts, full, factor })) fixture.componentRef.setInput(name, value);
  fixture.detectChanges();
  const root = fixture.nativeElement as HTMLElement;
  return {
    widths: [...root.querySelectorAll('i')].map((piece) => [piece.className, parseFloat(piece.style.width)]),
    says: root.querySelector('.bar')?.getAttribute('aria-label'),
    text: root.querySelector('.num')?.textContent,
  };
}

const PARTS: ScoreParts = { hands: 50, paid: 30, waiting: 0, risk: 15, exposure: 5 };

test('each part has its share of the full bar, and its figure in words; what is nothing is left out', () => {
  const { widths, says, text } = bar(PARTS, 200, '+10 % by rules');
  expect(widths).toEqual([
    ['hands', 25],
    ['paid', 15],
    ['risk', 7.5],
    ['exposure', 2.5],
  ]);
  expect(says).toBe('weighted € 100: hand time € 50, money € 30, risk to the part € 15, exposure € 5');
  expect(text).toBe('€ 100 · +10 % by rules');
});

test('what costs more than the full bar fills it and is marked', () => {
  const { widths, text } = bar(PARTS, 80);
  expect(widths.reduce((sum, [, width]) => sum + Number(width), 0)).toBeCloseTo(100, 9);
  expect(text).toBe('€ 100 ▸');
});
