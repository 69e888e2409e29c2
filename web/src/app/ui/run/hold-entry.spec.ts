import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { HoldPoint, HoldState } from '@lift-bare/core';
import { of, throwError } from 'rxjs';
import { DeviceApi } from '../../api/device-api';
import { Units } from '../units.service';
import { HoldEntry } from './hold-entry';

const PH: HoldPoint = { method: 'pH paper', accept: 'pH 6 to 8', unit: 'pH', least: 6, most: 8 };
const LOOK: HoldPoint = { method: 'eye', accept: 'no colour left', unit: null, least: null, most: null };

async function entry(hold: HoldPoint, state: HoldState, reading: number | null = 7.1) {
  const said: unknown[] = [];
  const asked: unknown[] = [];
  const read = (...all: unknown[]) => (
    asked.push(all),
    reading === null ? throwError(() => new Error('off')) : of({ kind: 'ph', value: reading, at: '' })
  );
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      { provide: DeviceApi, useValue: { read } },
      { provide: Units, useValue: { text: (text: string) => text } },
    ],
  });
  const fixture = TestBed.createComponent(HoldEntry);
  for (const [name, value] of Object.entries({ operation: 'rinse', hold, state, values: [8.6] })) fixture.componentRef.setInput(name, value);
  fixture.componentInstance.held.subscribe((held) => said.push(held));
  fixture.componentInstance.letGo.subscribe((reason) => said.push(reason));
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const press = async (text: string) => {
    [...root.querySelectorAll('button')].find((button) => button.textContent?.trim() === text)?.click();
    await fixture.whenStable();
  };
  const type = async (text: string) => {
    const input = root.querySelector('input') as HTMLInputElement;
    input.value = text;
    input.dispatchEvent(new Event('input'));
    await fixture.whenStable();
  };
  return { said, asked, press, type, root };
}

test('a figure that is typed, with a comma too, is kept as within its limit or not', async () => {
  const { said, press, type } = await entry(PH, 'open');
  await type('8,6');
  await press('Not within it: keep');
  await type('7');
  await press('Within the limit: keep');
  expect(said).toEqual([
    { what: 'held', operation: 'rinse', values: [8.6], met: false, gauge: false },
    { what: 'held', operation: 'rinse', values: [7], met: true, gauge: false },
  ]);
});

test('the gauge is told what is likely, and its reading is kept as the gauge’s', async () => {
  const { said, asked, press } = await entry(PH, 'open');
  await press('Read gauge');
  await press('Within the limit: keep');
  expect(asked).toEqual([['ph', 7]]);
  expect(said).toEqual([{ what: 'held', operation: 'rinse', values: [7.1], met: true, gauge: true }]);
});

test('a gauge that does not answer says so, and what it shows can be typed', async () => {
  const { root, press, type } = await entry(PH, 'open', null);
  await press('Read gauge');
  expect(root.querySelector('[role=alert]')?.textContent).toContain('does not answer');
  await type('x');
  expect(root.textContent).not.toContain('keep');
});

test('a look is a yes or a not yet; it can be let go in writing, never without a reason', async () => {
  const { said, press, type, root } = await entry(LOOK, 'open');
  await press('It is so');
  await press('Not yet');
  await press('Let it go in writing');
  await press('Let it go');
  await type('customer agreed');
  await press('Let it go');
  expect(said).toEqual([
    { what: 'held', operation: 'rinse', values: [], met: true, gauge: false },
    { what: 'held', operation: 'rinse', values: [], met: false, gauge: false },
    'customer agreed',
  ]);
  expect(root.textContent).toContain('Go on only when: no colour left');
});

test('a reading outside stands there with what to do', async () => {
  const { root } = await entry(PH, 'outside');
  expect(root.textContent).toContain('8.6 pH: not within the limit.');
});
