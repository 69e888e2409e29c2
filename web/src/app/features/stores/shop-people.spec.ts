import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { DEFAULT_SHOP, DEMO_SHOP, readWith, Shop, type WornSpell } from '@lift-bare/core';
import { format, subDays } from 'date-fns';
import { en_US, provideNzI18n } from 'ng-zorro-antd/i18n';
import { of } from 'rxjs';
import { SafetyApi } from '../../api/safety-api';
import { ShopEditor } from './shop-editor';
import { ShopPeople } from './shop-people';

async function page(known: Partial<Shop> = {}, spells: readonly WornSpell[] = []) {
  const shop = signal<Shop>({ ...DEFAULT_SHOP, ...known });
  const editor = { shop, set: (key: keyof Shop, value: unknown) => shop.update((before) => ({ ...before, [key]: value })) };
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideNzI18n(en_US),
      { provide: ShopEditor, useValue: editor },
      { provide: SafetyApi, useValue: { worn: () => of(spells) } },
    ],
  });
  const fixture = TestBed.createComponent(ShopPeople);
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const click = async (text: string) => {
    [...root.querySelectorAll('button')].find((button) => button.textContent?.includes(text))?.click();
    await fixture.whenStable();
  };
  return { root, shop, click };
}

test('somebody new is one the profile accepts: no mask, no training, never tested', async () => {
  const { root, shop, click } = await page();
  expect(root.textContent).toContain('Nobody is entered');
  await click('Add a person');
  await click('Add a person');
  expect(readWith(Shop, shop()).ok).toBe(true);
  const [first, second] = shop().people;
  expect(first).toMatchObject({ masks: [], trained: [], fitTested: null, beard: false });
  expect(first?.id).not.toBe(second?.id);
});

test('removing takes that person only', async () => {
  const { shop, click } = await page({ people: DEMO_SHOP.people });
  await click('Remove');
  expect(shop().people).toEqual(DEMO_SHOP.people.slice(1));
});

test('a pair is opened today, for the first of the people, and is told to be changed when its days are over', async () => {
  const today = new Date();
  const old = { id: 'c', person: 'ar', kind: 'vapour' as const, opened: format(subDays(today, 31), 'yyyy-MM-dd'), hours: 1 };
  const { root, shop, click } = await page({ people: DEMO_SHOP.people, cartridges: [old] });
  expect(root.querySelector('table')?.textContent).toContain('change it');
  await click('Open a pair');
  expect(shop().cartridges[1]).toMatchObject({ person: 'ar', kind: 'vapour', opened: format(today, 'yyyy-MM-dd'), hours: 0 });
  expect(readWith(Shop, shop()).ok).toBe(true);
  expect([...root.querySelectorAll('tbody tr')].map((row) => row.textContent?.includes('8.0 h'))).toEqual([false, true]);
});

test('hours of the bench count for the cartridge of who wore it, and what lies on the shelf is kept', async () => {
  const opened = format(new Date(), 'yyyy-MM-dd');
  const from = new Date(`${opened}T08:00:00`).getTime();
  const [first] = DEMO_SHOP.people;
  const { root, shop } = await page(
    { people: DEMO_SHOP.people, cartridges: [{ id: 'c', person: first?.id ?? '', kind: 'vapour', opened, hours: 2 }] },
    [{ by: first?.name ?? '', kind: 'vapour', from, to: from + 90 * 60_000 }],
  );
  expect([...root.querySelectorAll('tbody td')].map((cell) => cell.textContent?.trim())).toEqual(expect.arrayContaining(['1.5 h', '4.5 h']));
  const input = [...root.querySelectorAll('lb-count')].find((field) => field.textContent?.includes('P100'))?.querySelector('input');
  if (!input) throw new Error('no field');
  input.value = '4';
  input.dispatchEvent(new Event('input'));
  expect(shop().stock).toEqual({ ...DEFAULT_SHOP.stock, p100: 4 });
  input.value = '-1';
  input.dispatchEvent(new Event('input'));
  expect(shop().stock.p100).toBe(4);
});
