import { ChangeDetectionStrategy, Component, computed, model, output, signal } from '@angular/core';
import { CATALOGUE, PART_TEMPLATES, type PartTemplate } from '@lift-bare/core';
import { NzModalModule } from 'ng-zorro-antd/modal';
import { coatingColour } from '../../ui/section/film-colours';

const CARDS = PART_TEMPLATES.map((template) => ({
  template,
  substrate: CATALOGUE.substrates[template.substrate].name,
  text: `${template.name} ${template.says} ${template.words ?? ''} ${CATALOGUE.substrates[template.substrate].name}`.toLowerCase(),
  bars: [...template.stack].reverse().map(([coating, film]) => ({ colour: coatingColour(coating), share: film })),
}));

/** It is always there to be taken. */
const EMPTY = 'blank';

/** Common parts with typical stacks to start from. */
@Component({
  selector: 'lb-template-picker',
  imports: [NzModalModule],
  template: `
    <nz-modal [nzVisible]="open()" nzTitle="Which part is it most like?" [nzFooter]="null" nzWidth="820px" [nzAutofocus]="null" (nzAfterOpen)="toSearch()" (nzOnCancel)="open.set(false)">
      <ng-container *nzModalContent>
        <div class="field find"><label for="find-template" class="sr">Find</label><input id="find-template" type="search" placeholder="Find: wheel, bottom, bumper…" [value]="search()" (input)="search.set($any($event.target).value)" /></div>
        <div class="cards">
          @for (card of cards(); track card.template.id) {
            <button type="button" (click)="picked.emit(card.template)">
              <span class="mini" aria-hidden="true">@for (bar of card.bars; track $index) { <i [style.background]="bar.colour" [style.flexGrow]="bar.share"></i> }<i class="base"></i></span>
              <span><b>{{ card.template.name }}</b><span>{{ card.template.says }}</span><span>{{ card.substrate }}</span></span>
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
    b { font-weight: 600; display: block; }
    button span span { display: block; font-size: 12.5px; color: var(--soft); }
    .mini { display: flex; flex-direction: column; height: 52px; }
    .mini i { flex: 1 0 2px; }
    .mini .base { flex: 0 0 12px; background: var(--substrate); }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TemplatePicker {
  readonly open = model(false);
  readonly picked = output<PartTemplate>();
  protected readonly search = signal('');

  protected toSearch = (): void => document.getElementById('find-template')?.focus();
  protected readonly cards = computed(() => {
    const words = this.search().trim().toLowerCase();
    return CARDS.filter(({ template, text }) => template.id === EMPTY || text.includes(words));
  });
}
