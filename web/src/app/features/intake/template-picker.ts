import { ChangeDetectionStrategy, Component, computed, inject, model, output, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { CATALOGUE, startsOf, type Start } from '@lift-bare/core';
import { NzModalModule } from 'ng-zorro-antd/modal';
import { NzInputModule } from 'ng-zorro-antd/input';
import { shopFeature } from '../../state/shop.reducer';
import { MiniSection } from '../../ui/section/mini-section';

/** It is always there to be taken. */
const EMPTY = 'blank';

/** Parts to start from: those that the shop has kept, and common ones with typical stacks. */
@Component({
  selector: 'lb-template-picker',
  imports: [NzInputModule, MiniSection, NzModalModule],
  template: `
    <nz-modal [nzVisible]="open()" nzTitle="Which part is it most like?" [nzFooter]="null" nzWidth="820px" [nzAutofocus]="null" (nzAfterOpen)="toSearch()" (nzOnCancel)="open.set(false)">
      <ng-container *nzModalContent>
        <div class="field find"><label for="find-template" class="sr">Find</label><input nz-input id="find-template" type="search" placeholder="Find: wheel, bottom, bumper…" [value]="search()" (input)="search.set($any($event.target).value)" /></div>
        <div class="cards">
          @for (card of cards(); track card.start.id) {
            <button type="button" (click)="picked.emit(card.start)">
              <lb-mini-section [layers]="card.start.layers" />
              <span><b>{{ card.start.name }}</b>@if (card.start.own) { <em>yours</em> }<span>{{ card.start.says }}</span><span>{{ card.substrate }}</span></span>
            </button>
          }
          @if (cards().length === 1) { <p class="soft">Nothing like it: take the empty part and enter its layers.</p> }
        </div>
      </ng-container>
    </nz-modal>
  `,
  styles: `
    .find { margin-bottom: 12px; }
    .cards { display: grid; grid-template-columns: 1fr 1fr; gap: 6px 14px; max-height: 62vh; overflow-y: auto; }
    button { display: grid; grid-template-columns: 40px 1fr; gap: 12px; text-align: left; font: inherit; color: inherit; background: none; border: 1px solid transparent; border-bottom-color: var(--line); padding: 8px; cursor: pointer; }
    button:hover, button:focus-visible { background: var(--act-bg); border-color: var(--act); border-radius: 4px; }
    b { font-weight: 600; }
    em { margin-left: 8px; font-style: normal; font-size: 12px; padding: 0 6px; border: 1px solid var(--line-strong); border-radius: 3px; }
    button span span { display: block; font-size: 12.5px; color: var(--soft); }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TemplatePicker {
  private readonly shop = inject(Store).selectSignal(shopFeature.selectDocument);
  readonly open = model(false);
  readonly picked = output<Start>();
  protected readonly search = signal('');

  protected toSearch = (): void => document.getElementById('find-template')?.focus();
  private readonly all = computed(() =>
    startsOf(this.shop().templates).map((start) => {
      const substrate = CATALOGUE.substrates[start.substrate].name;
      return { start, substrate, text: `${start.name} ${start.says} ${start.words} ${substrate}`.toLowerCase() };
    }),
  );
  protected readonly cards = computed(() => {
    const words = this.search().trim().toLowerCase();
    return this.all().filter(({ start, text }) => start.id === EMPTY || text.includes(words));
  });
}
