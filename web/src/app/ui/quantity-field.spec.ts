import { ChangeDetectionStrategy, Component, provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Micrometres, type UnitSystem } from '@lift-bare/core';
import { QuantityField } from './quantity-field';
import { Units } from './units.service';

const system = signal<UnitSystem>('metric');

@Component({
  selector: 'lb-host',
  imports: [QuantityField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: '<lb-quantity label="Thickness" dimension="film" [schema]="schema" [value]="value()" (changed)="value.set($event)" />',
})
class Host {
  readonly schema = Micrometres;
  readonly value = signal(40);
}

async function field() {
  TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection(), { provide: Units, useValue: { system } }] });
  const fixture = TestBed.createComponent(Host);
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const input = root.querySelector('input') as HTMLInputElement;
  const type = async (text: string) => {
    input.value = text;
    input.dispatchEvent(new Event('input'));
    await fixture.whenStable();
  };
  const leave = async () => {
    input.dispatchEvent(new Event('blur'));
    await fixture.whenStable();
  };
  return { input, type, leave, value: fixture.componentInstance.value, error: () => root.querySelector('.error')?.textContent ?? null };
}

beforeEach(() => system.set('metric'));

test('takes other units while typing and shows its own on leaving', async () => {
  const { input, type, leave, value, error } = await field();
  await type('4 thou');
  expect(value()).toBeCloseTo(101.6, 9);
  expect(input.value).toBe('4 thou');
  await leave();
  expect(input.value).toBe('102');
  expect(error()).toBeNull();
});

test('a value that comes from elsewhere, as by undo, takes the place of what was typed, good or bad', async () => {
  const { input, type, value, error } = await field();
  for (const [text, later] of [
    ['120', 55],
    ['thick', 66],
  ] as const) {
    await type(text);
    value.set(later);
    await new Promise((next) => setTimeout(next));
    expect(input.value).toBe(String(later));
    expect(error()).toBeNull();
  }
});

test.each(['-5', 'thick', '9000', '', '3 bar'])('"%s" is told at the field; text and last good value stay', async (text) => {
  const { input, type, leave, value, error } = await field();
  await type(text);
  await leave();
  expect(error()).not.toBeNull();
  expect(input.value).toBe(text);
  expect(input.getAttribute('aria-invalid')).toBe('true');
  expect(value()).toBe(40);
});

test('follows the unit system', async () => {
  const { input, type } = await field();
  await type('50.8');
  system.set('us');
  await TestBed.inject(Units);
  await new Promise((done) => setTimeout(done));
  expect(input.value).toBe('2');
});
