import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { en_US, provideNzI18n } from 'ng-zorro-antd/i18n';
import { MomentField } from './moment-field';

const AT = new Date(2026, 11, 4, 13, 5, 40).toISOString();

async function field(optional = false) {
  TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection(), provideNzI18n(en_US)] });
  const fixture = TestBed.createComponent(MomentField);
  for (const [name, value] of Object.entries({ label: 'Read at', value: AT, optional })) fixture.componentRef.setInput(name, value);
  const told: (string | null)[] = [];
  fixture.componentInstance.changed.subscribe((iso) => told.push(iso));
  await fixture.whenStable();
  // A field of the picker takes its value a turn later.
  await new Promise((done) => setTimeout(done));
  await fixture.whenStable();
  const input = (fixture.nativeElement as HTMLElement).querySelector('input') as HTMLInputElement;
  return {
    told,
    input,
    leave: async (text: string) => {
      input.value = text;
      input.dispatchEvent(new FocusEvent('focusout', { bubbles: true }));
      await fixture.whenStable();
    },
  };
}

test('it shows year, month, day and 24 hours', async () => {
  expect((await field()).input.value).toBe('2026-12-04 13:05');
});

test('what was typed is taken when the field is left, also as machines write it', async () => {
  const { leave, told } = await field();
  await leave('2026-12-05 09:30');
  await leave('2026-12-05T10:30');
  expect(told).toEqual([new Date(2026, 11, 5, 9, 30).toISOString(), new Date(2026, 11, 5, 10, 30).toISOString()]);
});

test('what is no moment, or the one that is shown, changes nothing', async () => {
  const { leave, told } = await field();
  await leave('friday');
  await leave('2026-12-04 13:05');
  expect(told).toEqual([]);
});
