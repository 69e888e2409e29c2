import { ChangeDetectionStrategy, Component, provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { IntoView } from './into-view';

@Component({
  selector: 'lb-host',
  imports: [IntoView],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@for (name of names; track name) { <a [lbIntoView]="name === on()">{{ name }}</a> }`,
})
class Host {
  readonly names = ['rim', 'bonnet', 'tub'];
  readonly on = signal('rim');
}

test('only what is looked at comes into sight, each time it changes', async () => {
  const seen: string[] = [];
  Element.prototype.scrollIntoView = function (this: Element) {
    seen.push(this.textContent ?? '');
  };
  TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] });
  const fixture = TestBed.createComponent(Host);
  await fixture.whenStable();
  fixture.componentInstance.on.set('tub');
  await fixture.whenStable();
  expect(seen).toEqual(['rim', 'tub']);
});
