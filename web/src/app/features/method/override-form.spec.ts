import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { lowerFirst } from '@lift-bare/core';
import { Units } from '../../ui/units.service';
import { OverrideForm } from './override-form';

async function form() {
  TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection(), { provide: Units, useValue: { inline: lowerFirst } }] });
  const fixture = TestBed.createComponent(OverrideForm);
  fixture.componentRef.setInput('name', 'Random-orbit sanding');
  const heard: string[] = [];
  fixture.componentInstance.confirmed.subscribe((reason) => heard.push(reason));
  fixture.componentInstance.cancelled.subscribe(() => heard.push('left'));
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const [use, leave] = [...root.querySelectorAll('button')] as [HTMLButtonElement, HTMLButtonElement];
  const type = async (text: string) => {
    const area = root.querySelector('textarea') as HTMLTextAreaElement;
    area.value = text;
    area.dispatchEvent(new Event('input'));
    await fixture.whenStable();
  };
  return { root, use, leave, type, heard };
}

test('going against the rules takes a reason in words, not blanks', async () => {
  const { use, type, heard, root } = await form();
  expect(root.textContent).toContain('random-orbit sanding all the same?');
  for (const short of ['', 'ok', '        ']) {
    await type(short);
    expect(use.disabled).toBe(true);
  }
  await type('  Test strip was clean  ');
  expect(use.disabled).toBe(false);
  use.click();
  expect(heard).toEqual(['Test strip was clean']);
});

test('it can be left', async () => {
  const { leave, heard } = await form();
  leave.click();
  expect(heard).toEqual(['left']);
});
