import { Directive, effect, ElementRef, inject, input } from '@angular/core';

/** Scrolls its element into sight, and no further than it takes, when it becomes the one that is looked at. */
@Directive({ selector: '[lbIntoView]' })
export class IntoView {
  readonly lbIntoView = input.required<boolean>();
  private readonly element: HTMLElement = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;

  constructor() {
    effect(() => {
      if (this.lbIntoView()) this.element.scrollIntoView?.({ block: 'nearest', inline: 'nearest' });
    });
  }
}
