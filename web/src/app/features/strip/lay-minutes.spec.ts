import { computed, provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { CATALOGUE, methodOf } from '@lift-bare/core';
import { zoneContext } from '../../testing/zone-context';
import { LayMinutes } from './lay-minutes';
import { stripperOf, StripSubject } from './strip-subject';

async function minutes() {
  const context = zoneContext(/^Baggage/, /^Hitch/);
  const chosen = computed(() => context.zonePlan()?.chosen ?? null);
  const subject = { context, facts: context.facts, chosen, stripper: () => stripperOf(methodOf(chosen(), CATALOGUE)), plan: () => chosen()?.strip };
  TestBed.resetTestingModule().configureTestingModule({
    providers: [provideZonelessChangeDetection(), { provide: StripSubject, useValue: subject }],
  });
  const fixture = TestBed.createComponent(LayMinutes);
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const field = (label: RegExp): HTMLInputElement => {
    const found = [...root.querySelectorAll('label')].find(({ textContent }) => label.test(textContent ?? ''));
    return root.querySelector(`#${found?.htmlFor}`) as HTMLInputElement;
  };
  const type = async (label: RegExp, text: string) => {
    const input = field(label);
    input.value = text;
    input.dispatchEvent(new Event('input'));
    await fixture.whenStable();
  };
  return { root, field, type, lay: () => context.zone()?.lay ?? null, hand: () => chosen()?.hand ?? 0 };
}

test('fields left open show what is planned with; what is entered is planned with and goes back when it is cleared', async () => {
  const { field, type, lay, hand } = await minutes();
  expect(Number(field(/Scrape/).placeholder)).toBeGreaterThan(0);
  const before = hand();
  await type(/Scrape/, '90');
  expect(lay()?.scrape).toBe(90);
  expect(hand()).toBeGreaterThan(before);
  await type(/Scrape/, '');
  expect(lay()?.scrape).toBeNull();
  expect(hand()).toBeCloseTo(before, 6);
});

test('the dwell of a label counts once both ends are in, and not when they are crossed', async () => {
  const { root, type, lay } = await minutes();
  await type(/label, from/, '40');
  expect(lay()?.label ?? null).toBeNull();
  expect(root.textContent).toContain('once both ends');
  await type(/label, to/, '30');
  expect(root.querySelector('[role=alert]')?.textContent).toContain('ends before it begins');
  expect(lay()?.label ?? null).toBeNull();
  await type(/label, to/, '60');
  expect(lay()?.label).toEqual({ least: 40, most: 60 });
  await type(/label, from/, '');
  expect(lay()?.label).toBeNull();
});
