import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideStore, Store } from '@ngrx/store';
import { DEFAULT_SHOP, type Shop } from '@lift-bare/core';
import { ShopActions } from '../../state/shop.actions';
import { shopFeature } from '../../state/shop.reducer';
import { ShopEditor } from './shop-editor';

function editor() {
  TestBed.configureTestingModule({
    providers: [provideZonelessChangeDetection(), provideStore({ [shopFeature.name]: shopFeature.reducer }), ShopEditor],
  });
  return { editor: TestBed.inject(ShopEditor), shop: TestBed.inject(Store).selectSignal(shopFeature.selectDocument) };
}

test('a change goes to the store, a wrong one is told with its place and not taken', () => {
  const { editor: e, shop } = editor();
  expect(e.set('labourRate', 60)).toBe(true);
  expect(shop().labourRate).toBe(60);
  expect(e.set('labourRate', -1)).toBe(false);
  expect(shop().labourRate).toBe(60);
  expect(e.trouble()).toMatch(/^labourRate: /);
  e.set('labourRate', 61);
  expect(e.trouble()).toBeNull();
});

test('nothing is edited before the profile is here: what is typed would be lost with the one that comes', () => {
  const { editor: e } = editor();
  expect(e.ready()).toBe(false);
  TestBed.inject(Store).dispatch(ShopActions.loaded({ stored: { document: DEFAULT_SHOP, version: 1 } }));
  expect(e.ready()).toBe(true);
});

test('a profile from a file is taken whole, or not at all', () => {
  const { editor: e, shop } = editor();
  const other: Shop = { ...DEFAULT_SHOP, name: 'Other shop', labourRate: 70 };
  expect(e.replace(JSON.stringify(other))).toBe(true);
  expect(shop()).toEqual(other);
  expect(e.replace('{')).toBe(false);
  expect(e.trouble()).toBe('The file is not JSON.');
  expect(e.replace(JSON.stringify({ ...other, contractors: [{ id: 'x' }] }))).toBe(false);
  expect(e.trouble()).toContain('contractors › 0 › name');
  expect(shop()).toEqual(other);
});

test('schools that the file does not name are the default', () => {
  const { editor: e, shop } = editor();
  expect(e.replace(JSON.stringify({ ...DEFAULT_SHOP, schools: { P1: 'etch-surfacer' } }))).toBe(true);
  expect(shop().schools).toEqual({ ...DEFAULT_SHOP.schools, P1: 'etch-surfacer' });
});
