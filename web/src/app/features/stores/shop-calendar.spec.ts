import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { DEFAULT_SHOP, ForecastHour, readWith, Shop } from '@lift-bare/core';
import { en_US, provideNzI18n } from 'ng-zorro-antd/i18n';
import { provideStore } from '@ngrx/store';
import { NEVER, of, throwError } from 'rxjs';
import { ForecastApi } from '../../api/forecast-api';
import { benchFeature } from '../../state/bench.reducer';
import { ShopCalendar } from './shop-calendar';
import { ShopEditor } from './shop-editor';

async function page(hours: ForecastApi['hours'] = () => NEVER) {
  const shop = signal<Shop>(DEFAULT_SHOP);
  const set = (key: keyof Shop, value: unknown) => {
    shop.update((before) => ({ ...before, [key]: value }));
    return true;
  };
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideNzI18n(en_US),
      { provide: ShopEditor, useValue: { shop, set } },
      { provide: ForecastApi, useValue: { hours } },
      provideStore({ [benchFeature.name]: benchFeature.reducer }),
    ],
  });
  const fixture = TestBed.createComponent(ShopCalendar);
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const field = (label: string) => {
    const id = [...root.querySelectorAll('label')].find(({ textContent }) => textContent === label)?.htmlFor ?? '';
    return root.querySelector<HTMLInputElement>(`[id="${id}"]`) as HTMLInputElement;
  };
  const type = async (label: string, text: string) => {
    field(label).value = text;
    field(label).dispatchEvent(new Event('input'));
    await fixture.whenStable();
  };
  return { root, shop, field, type, stable: () => fixture.whenStable() };
}

test('hours are typed as they are said; what is not read is told at the field and changes nothing', async () => {
  const { root, shop, type, field } = await page();
  expect(field('Monday').value).toBe('8-12, 13-17');
  await type('Saturday', '9 to 13');
  expect(shop().hours.sat).toEqual([{ from: '09:00', to: '13:00' }]);
  await type('Monday', '8-1');
  expect(root.querySelector('[role=alert]')?.textContent).toContain('must be later than its start');
  expect(field('Monday').value).toBe('8-1');
  expect(shop().hours.mon).toEqual(DEFAULT_SHOP.hours.mon);
  await type('Monday', '');
  expect(shop().hours.mon).toEqual([]);
});

test('days off are added, taken out, and read from a file without the ones that are there', async () => {
  const { root, shop, stable } = await page();
  const press = async (text: string) => {
    [...root.querySelectorAll('button')].find((button) => button.textContent?.trim() === text)?.click();
    await stable();
  };
  await press('Add days off');
  expect(readWith(Shop, shop()).ok).toBe(true);
  expect(shop().closed).toHaveLength(1);
  await press('Remove');
  expect(shop().closed).toEqual([]);
  const input = root.querySelector<HTMLInputElement>('input[type=file]');
  const read = async (text: string) => {
    Object.defineProperty(input, 'files', { configurable: true, value: [{ name: 'closed.csv', size: text.length, text: async () => text }] });
    input?.dispatchEvent(new Event('change'));
    await new Promise((done) => setTimeout(done, 60));
    await stable();
  };
  await read('2026-12-24,2026-12-26,Holidays');
  await read('2026-12-24,2026-12-26,Holidays\n2027-01-05');
  expect(shop().closed.map(({ from }) => from)).toEqual(['2026-12-24', '2027-01-05']);
  expect(root.querySelector('[role=status]')?.textContent).toContain('1 entry added, 1 was there already.');
  await read('nonsense,here\nand,there');
  expect(root.querySelector('[role=status]')?.textContent).toContain('Not read');
});

describe('the forecast', () => {
  const press = async (root: HTMLElement, text: string) => {
    [...root.querySelectorAll('button')].find((button) => button.textContent?.trim() === text)?.click();
    await new Promise((done) => setTimeout(done, 20));
  };
  const HOURS = ['06', '07', '09'].map((hour) => ForecastHour.parse({ at: `2026-12-01T${hour}:00:00Z`, temperature: 12, humidity: 70 }));

  test('is fetched, told with its holes, and taken out', async () => {
    const { root, shop, stable } = await page(() => of(HOURS));
    await press(root, 'Fetch a week');
    await stable();
    expect(shop().forecast).toEqual(HOURS);
    expect(root.textContent).toContain('3 hours,');
    expect(root.textContent).toContain('1 hour is missing');
    await press(root, 'Take it out');
    expect(shop().forecast).toEqual([]);
  });

  test('a source that is out of reach is told, and what was known stays', async () => {
    const { root, shop, stable } = await page(() => throwError(() => new Error('gone')));
    shop.update((before) => ({ ...before, forecast: HOURS }));
    await press(root, 'Fetch a week');
    await stable();
    expect(root.textContent).toContain('Not read');
    expect(shop().forecast).toEqual(HOURS);
  });

  test('is read from a table; one that cannot be read is told with its line', async () => {
    const { root, shop, stable } = await page();
    const input = [...root.querySelectorAll<HTMLInputElement>('input[type=file]')].at(-1);
    const read = async (text: string) => {
      Object.defineProperty(input, 'files', { configurable: true, value: [{ name: 'air.csv', size: text.length, text: async () => text }] });
      input?.dispatchEvent(new Event('change'));
      await new Promise((done) => setTimeout(done, 60));
      await stable();
    };
    await read('time,temperature,humidity\n2026-12-01T06:00:00Z,12,70\n2026-12-01T07:00:00Z,13,68');
    expect(shop().forecast).toHaveLength(2);
    await read('time,temperature,humidity\n2026-12-01T06:00:00Z,warm,70');
    expect(root.textContent).toContain('air.csv: Line 2, temperature: “warm” is no number.');
    expect(shop().forecast).toHaveLength(2);
  });
});
