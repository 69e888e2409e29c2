import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { DEFAULT_SHOP, readWith, Shop } from '@lift-bare/core';
import { Units } from '../../ui/units.service';
import { ShopContractors } from './shop-contractors';
import { ShopEditor } from './shop-editor';

async function page(contractors: Shop['contractors'] = DEFAULT_SHOP.contractors) {
  const shop = signal<Shop>({ ...DEFAULT_SHOP, contractors });
  const editor = { shop, set: (key: keyof Shop, value: unknown) => shop.update((known) => ({ ...known, [key]: value })) };
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      { provide: ShopEditor, useValue: editor },
      { provide: Units, useValue: { money: (value: number) => `€ ${value}`, currency: () => '€', text: (text: string) => text } },
    ],
  });
  const fixture = TestBed.createComponent(ShopContractors);
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const click = async (text: string) => {
    [...root.querySelectorAll('button')].find((button) => button.textContent?.includes(text))?.click();
    await fixture.whenStable();
  };
  return { root, shop, click };
}

test('a new contractor is one the shop profile accepts, and offers nothing until media are named', async () => {
  const { shop, click, root } = await page([]);
  expect(root.textContent).toContain('No contractor yet');
  await click('Add a contractor');
  await click('Add a contractor');
  expect(readWith(Shop, shop()).ok).toBe(true);
  const [first, second] = shop().contractors;
  expect(first?.media).toEqual([]);
  expect(first?.id).not.toBe(second?.id);
  expect(root.querySelectorAll('section')).toHaveLength(2);
});

test('removing takes that one only', async () => {
  const { shop, click } = await page([]);
  await click('Add a contractor');
  await click('Add a contractor');
  const kept = shop().contractors[1];
  await click('Remove');
  expect(shop().contractors).toEqual([kept]);
});
