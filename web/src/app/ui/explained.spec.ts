import { provideZonelessChangeDetection, type Type } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { SchoolLink } from './school-link';
import { TermHelp } from './term';

async function shown(component: Type<unknown>, inputs: Readonly<Record<string, string>>) {
  TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection(), provideRouter([])] });
  const fixture = TestBed.createComponent(component);
  for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
  await fixture.whenStable();
  return { root: fixture.nativeElement as HTMLElement, settle: () => fixture.whenStable() };
}

test('a label tells its meaning when it is touched, and leads to all words', async () => {
  const { root, settle } = await shown(TermHelp, { name: 'waiting time', as: 'waiting or away' });
  const label = root.querySelector('button');
  expect(label?.getAttribute('aria-label')).toBe('waiting or away: what it means');
  label?.click();
  await settle();
  const popover = document.querySelector('.ant-popover');
  expect(popover?.textContent).toContain('Minutes in which it works alone');
  expect(popover?.querySelector('a')?.getAttribute('href')).toBe('/words?find=waiting%20time');
});

test('a label without words of its own is the word, with a capital', async () => {
  const { root } = await shown(TermHelp, { name: 'flash' });
  expect(root.textContent?.replace('?', '').trim()).toBe('Flash');
});

test('a school is told by its question and leads to where the shop sets it', async () => {
  const { root } = await shown(SchoolLink, { id: 'K1' });
  const link = root.querySelector('a');
  expect([link?.textContent, link?.getAttribute('href')]).toEqual(['school “Key for the next coat”', '/shop/schools#K1']);
});
