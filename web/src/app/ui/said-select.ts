import { afterNextRender, Directive, effect, ElementRef, inject, Injector, input, type OnDestroy } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { NzSelectComponent } from 'ng-zorro-antd/select';

let nextId = 0;

/**
 * Gives the library's select a role, a state and a value: without, assistive technology hears a text box with nothing in it. What is chosen is its
 * description; the options of the open list are a listbox, and the one that the arrows have come to is told.
 */
@Directive({ selector: 'nz-select[lbSaid]' })
export class SaidSelect implements OnDestroy {
  /** what is chosen, in words */
  readonly lbSaid = input.required<string>();
  /** what the list is a list of */
  readonly lbSaidLabel = input.required<string>();

  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  private readonly select = inject(NzSelectComponent);
  private readonly id = `list${(nextId += 1)}`;
  private readonly watch = new MutationObserver(() => this.tellOptions());

  constructor() {
    const injector = inject(Injector);
    afterNextRender(() => {
      const field = this.field();
      field?.setAttribute('role', 'combobox');
      field?.setAttribute('aria-haspopup', 'listbox');
      this.tellOpen(false);
      effect(() => this.field()?.setAttribute('aria-description', this.lbSaid()), { injector });
    });
    // The list is drawn a moment after it is opened.
    this.select.nzOpenChange.pipe(takeUntilDestroyed()).subscribe((open) => setTimeout(() => this.tellOpen(open)));
  }

  ngOnDestroy(): void {
    this.watch.disconnect();
  }

  private field = (): HTMLInputElement | null => this.host.querySelector('input');
  private list = (): HTMLElement | undefined => this.select.cdkConnectedOverlay?.overlayRef?.overlayElement;

  private tellOpen(open: boolean): void {
    const [field, list] = [this.field(), this.list()];
    field?.setAttribute('aria-expanded', String(open));
    this.watch.disconnect();
    if (open && list) {
      this.tellOptions();
      this.watch.observe(list, { subtree: true, childList: true, attributes: true, attributeFilter: ['class'] });
    } else for (const name of ['aria-controls', 'aria-activedescendant']) field?.removeAttribute(name);
  }

  /** Options come and go while the list is scrolled and searched. */
  private tellOptions(): void {
    const box = this.list()?.querySelector('.cdk-virtual-scroll-content-wrapper');
    if (!box) return;
    box.id = this.id;
    box.setAttribute('role', 'listbox');
    box.setAttribute('aria-label', this.lbSaidLabel());
    this.field()?.setAttribute('aria-controls', this.id);
    box.querySelectorAll('nz-option-item').forEach((option) => {
      option.id ||= `${this.id}-${(nextId += 1)}`;
      option.setAttribute('role', 'option');
      option.setAttribute('aria-selected', String(option.classList.contains('ant-select-item-option-selected')));
      if (option.classList.contains('ant-select-item-option-active')) this.field()?.setAttribute('aria-activedescendant', option.id);
    });
  }
}
