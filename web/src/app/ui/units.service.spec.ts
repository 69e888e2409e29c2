import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { DEMO_SHOP, type Shop } from '@lift-bare/core';
import { provideMockStore, type MockStore } from '@ngrx/store/testing';
import { Store } from '@ngrx/store';
import { shopFeature } from '../state/shop.reducer';
import { Units } from './units.service';

const shopIn = (units: Shop['units']): Shop => ({ ...DEMO_SHOP, units });

function start(units: Shop['units']): { readonly service: Units; readonly store: MockStore } {
  TestBed.resetTestingModule();
  TestBed.configureTestingModule({
    providers: [provideZonelessChangeDetection(), provideMockStore({ selectors: [{ selector: shopFeature.selectDocument, value: shopIn(units) }] })],
  });
  return { service: TestBed.inject(Units), store: TestBed.inject(Store) as MockStore };
}

beforeEach(() => localStorage.clear());

test('until somebody chooses here, the units are those of the shop, also when it changes them', () => {
  const { service, store } = start('metric');
  expect(service.show(25.4, 'gauge')).toContain('mm');
  store.overrideSelector(shopFeature.selectDocument, shopIn('us'));
  store.refreshState();
  expect(service.system()).toBe('us');
});

test('a choice stays in this browser, the shop keeps its own, and sheets for the shop are printed as shown', () => {
  start('metric').service.toggle();
  const { service } = start('metric');
  expect(service.system()).toBe('us');
  expect(service.shownBy(shopIn('metric'))).toEqual(shopIn('us'));
});

test('back in the units of the shop it follows the shop again', () => {
  const { service } = start('metric');
  service.toggle();
  service.toggle();
  expect(start('us').service.system()).toBe('us');
});

test('nonsense that was kept counts as no choice', () => {
  localStorage.setItem('lift-bare.units', 'furlongs');
  expect(start('metric').service.system()).toBe('metric');
});
