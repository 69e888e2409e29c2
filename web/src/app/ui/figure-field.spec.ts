import { ChangeDetectionStrategy, Component, provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { FigureField } from './figure-field';
import { MoneyField } from './money-field';

@Component({
  selector: 'lb-host',
  imports: [FigureField, MoneyField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <lb-figure label="Price" placeholder="18" [mayBeNone]="mayBeNone()" [least]="least()" [most]="100" [check]="check()" [value]="value()" (changed)="value.set($event)" />
    <lb-money label="Labour" [value]="money()" (changed)="money.set($event)" />
  `,
})
class Host {
  readonly mayBeNone = signal(true);
  readonly least = signal(0);
  readonly check = signal<(value: number | null | undefined) => string | null>(() => null);
  readonly value = signal<number | null | undefined>(undefined);
  readonly money = signal(48);
}

async function host() {
  TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] });
  const fixture = TestBed.createComponent(Host);
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const input = (selector: string) => root.querySelector(`${selector} input`) as HTMLInputElement;
  const type = async (selector: string, text: string) => {
    input(selector).value = text;
    input(selector).dispatchEvent(new Event('input'));
    await fixture.whenStable();
  };
  return {
    host: fixture.componentInstance,
    input,
    type,
    stable: () => fixture.whenStable(),
    error: () => root.querySelector('.error')?.textContent ?? null,
  };
}

describe('a figure that may be left open', () => {
  test('empty means the generic figure, which stands as placeholder', async () => {
    const { input, type, host: h } = await host();
    expect(input('lb-figure').value).toBe('');
    expect(input('lb-figure').placeholder).toBe('18');
    await type('lb-figure', '12,5');
    expect(h.value()).toBe(12.5);
    await type('lb-figure', '');
    expect(h.value()).toBeUndefined();
  });

  test('a dash means none, where there may be none', async () => {
    const { type, host: h, error, stable } = await host();
    await type('lb-figure', '-');
    expect(h.value()).toBeNull();
    expect(error()).toBeNull();
    h.mayBeNone.set(false);
    h.value.set(3);
    await stable();
    await type('lb-figure', '–');
    expect(h.value()).toBe(3);
    expect(error()).toBe('a number from 0 to 100');
  });

  test.each(['dear', '-4', '101', '1e5', '1.2.3'])('"%s" is told, and the last good value kept', async (text) => {
    const { type, host: h, error, input } = await host();
    await type('lb-figure', '7');
    await type('lb-figure', text);
    expect(error()).toContain('a number from 0 to 100');
    expect(h.value()).toBe(7);
    expect(input('lb-figure').value).toBe(text);
  });

  test('a value that changes elsewhere is shown', async () => {
    const { input, host: h, stable } = await host();
    h.value.set(9);
    await stable();
    expect(input('lb-figure').value).toBe('9');
  });
});

describe('money', () => {
  test('point or comma, never below nought', async () => {
    const { type, host: h, error } = await host();
    await type('lb-money', '52,5');
    expect(h.money()).toBe(52.5);
    await type('lb-money', '-1');
    expect(error()).toContain('a number from 0');
    expect(h.money()).toBe(52.5);
  });
});

describe('a figure with limits of its own', () => {
  test('below 0 only where it may lie there; the least is named', async () => {
    const { type, host: h, error, stable } = await host();
    await type('lb-figure', '-5');
    expect(error()).toContain('from 0 to 100');
    h.least.set(-10);
    await stable();
    await type('lb-figure', '-5');
    expect([h.value(), error()]).toEqual([-5, null]);
    await type('lb-figure', '−7,5');
    expect(h.value()).toBe(-7.5);
    await type('lb-figure', '-11');
    expect([h.value(), error()]).toEqual([-7.5, expect.stringContaining('from -10 to 100')]);
  });

  test('what another rule refuses is told, kept in the field and not taken', async () => {
    const { type, host: h, error, input, stable } = await host();
    h.check.set((value) => (value === 13 ? 'not thirteen' : null));
    await stable();
    await type('lb-figure', '12');
    await type('lb-figure', '13');
    expect([h.value(), error(), input('lb-figure').value]).toEqual([12, 'not thirteen', '13']);
    h.check.set(() => null);
    await stable();
    expect(error()).toBeNull();
  });
});
