import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { SetAside } from './set-aside';

async function shown(reason: string | null) {
  TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] });
  const fixture = TestBed.createComponent(SetAside);
  fixture.componentRef.setInput('what', 'Wash water');
  fixture.componentRef.setInput('reason', reason);
  const said: (string | null)[] = [];
  fixture.componentInstance.changed.subscribe((own) => said.push(own));
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const press = async () => {
    root.querySelector('button')?.click();
    await fixture.whenStable();
  };
  return { root, said, press };
}

test('it is set aside with a reason, not without one', async () => {
  const { root, said, press } = await shown(null);
  await press();
  const field = root.querySelector('input') as HTMLInputElement;
  expect(field.getAttribute('aria-label')).toBe('Why Wash water is not used');
  await press();
  expect(said).toEqual([]);
  field.value = ' a trainee spilled it ';
  await press();
  expect(said).toEqual(['a trainee spilled it']);
});

test('what is set aside says why, and is used again at a touch', async () => {
  const { root, said, press } = await shown('a trainee spilled it');
  expect(root.textContent).toContain('set aside: a trainee spilled it');
  await press();
  expect(said).toEqual([null]);
});
