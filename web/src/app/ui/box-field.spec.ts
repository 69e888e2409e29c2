import { ChangeDetectionStrategy, Component, provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { metres, type BoxSize, type UnitSystem } from '@lift-bare/core';
import { BoxField } from './box-field';
import { Units } from './units.service';

const system = signal<UnitSystem>('metric');

@Component({
  selector: 'lb-host',
  imports: [BoxField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: '<lb-box label="Outside size" [value]="value()" (changed)="value.set($event)" />',
})
class Host {
  readonly value = signal<BoxSize | null>(null);
}

async function field(value: BoxSize | null = null) {
  TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection(), { provide: Units, useValue: { system } }] });
  const fixture = TestBed.createComponent(Host);
  fixture.componentInstance.value.set(value);
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const inputs = () => [...root.querySelectorAll('input')];
  const type = async (...texts: string[]) => {
    for (const [i, text] of texts.entries()) {
      const input = inputs()[i] as HTMLInputElement;
      input.value = text;
      input.dispatchEvent(new Event('input'));
      await fixture.whenStable();
    }
  };
  return {
    type,
    value: fixture.componentInstance.value,
    texts: () => inputs().map((input) => input.value),
    error: () => root.querySelector('.error')?.textContent ?? null,
    stable: () => fixture.whenStable(),
  };
}

beforeEach(() => system.set('metric'));

test('three lengths in any unit make a box; until then it is asked for', async () => {
  const { type, value, error } = await field();
  await type('40 cm', '10 in');
  expect(value()).toBeNull();
  expect(error()).toBe('needs all three');
  await type('40 cm', '10 in', '200 mm');
  expect(error()).toBeNull();
  expect(value()).toMatchObject({ length: 0.4, width: expect.closeTo(0.254, 9), height: 0.2 });
});

test('typing is not overwritten while it goes on', async () => {
  const { type, texts } = await field();
  await type('40 cm', '30 cm', '20 cm');
  expect(texts()).toEqual(['40 cm', '30 cm', '20 cm']);
});

test('emptied, there is no box', async () => {
  const { type, value } = await field({ length: metres(1), width: metres(1), height: metres(1) });
  await type('', '', '');
  expect(value()).toBeNull();
});

test('nonsense and nought are told and the last box kept', async () => {
  const box = { length: metres(1), width: metres(1), height: metres(1) };
  const { type, value, error } = await field(box);
  await type('wide');
  expect(error()).toContain('"wide" is not a number');
  expect(value()).toEqual(box);
  await type('0');
  expect(error()).toContain('more than 0');
  expect(value()).toEqual(box);
});

test('it follows the units shown', async () => {
  const { texts, stable } = await field({ length: metres(0.3048), width: metres(0.6096), height: metres(0.3048) });
  expect(texts()).toEqual(['0.305', '0.61', '0.305']);
  system.set('us');
  await stable();
  expect(texts().map(Number)).toEqual([1, 2, 1]);
});
