import { ChangeDetectionStrategy, Component, provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { drawnOf } from './drawn';

@Component({
  selector: 'lb-list',
  template: '@for (name of names().slice(0, drawn()); track name) { <p>{{ name }}</p> }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class List {
  readonly names = signal(Array.from({ length: 25 }, (_, i) => `${i}`));
  protected readonly drawn = drawnOf(() => this.names().length, 10);
}

function list() {
  TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] });
  const fixture = TestBed.createComponent(List);
  const count = (): number => (fixture.nativeElement as HTMLElement).querySelectorAll('p').length;
  const turn = async (): Promise<number> => {
    await jest.advanceTimersByTimeAsync(1);
    fixture.detectChanges();
    return count();
  };
  fixture.detectChanges();
  return { fixture, count, turn };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('a long list is drawn some at a time to its end, and goes on where it grows', async () => {
  const { fixture, count, turn } = list();
  expect([count(), await turn(), await turn(), await turn()]).toEqual([10, 20, 25, 25]);
  fixture.componentInstance.names.update((names) => [...names, ...names.map((name) => `new ${name}`)]);
  for (let i = 0; i < 4; i++) await turn();
  expect(count()).toBe(50);
});

test('all of it is there before it is printed', () => {
  const { count } = list();
  dispatchEvent(new Event('beforeprint'));
  expect(count()).toBe(25);
});
