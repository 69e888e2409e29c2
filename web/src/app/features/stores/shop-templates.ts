import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { CATALOGUE, partArea, startsOf, type OwnTemplate } from '@lift-bare/core';
import { MiniSection } from '../../ui/section/mini-section';
import { TextField } from '../../ui/text-field';
import { Toasts } from '../../ui/toast.service';
import { Units } from '../../ui/units.service';
import { ShopEditor } from './shop-editor';

/** Parts that the shop does over and over: named, found by, and let go. */
@Component({
  selector: 'lb-shop-templates',
  imports: [MiniSection, TextField],
  template: `
    <p class="soft">Kept at Intake with “Keep this part to start from”. Add a part and New job offer them first. A part started from one is a part of its own: what is changed here moves no job.</p>
    @for (row of rows(); track row.template.id) {
      <section class="entry" role="group" [attr.aria-label]="row.template.name">
        <div class="entry-head"><h2>{{ row.template.name }}</h2><button type="button" class="btn plain small" (click)="remove(row.template)">Remove</button></div>
        <div class="kept">
          <lb-mini-section [layers]="row.layers" />
          <div class="form">
            <lb-text label="Name" [value]="row.template.name" [required]="true" [most]="80" (changed)="set(row.template, { name: $event })" />
            <lb-text class="wide" label="Also found by" [value]="row.template.words" [most]="200" placeholder="rim, 17 inch, fleet van" (changed)="set(row.template, { words: $event })" />
            <p class="full soft small">{{ row.says }}</p>
          </div>
        </div>
      </section>
    } @empty { <p>No part kept yet. Open a job, choose a part at Intake, and keep it: a wheel, a panel or a gate that comes again and again.</p> }
  `,
  styles: `.kept { display: grid; grid-template-columns: 40px 1fr; gap: 16px; align-items: start; }`,
  styleUrl: './shop-part.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShopTemplates {
  protected readonly editor = inject(ShopEditor);
  private readonly toasts = inject(Toasts);
  private readonly units = inject(Units);

  protected readonly rows = computed(() => {
    const { templates } = this.editor.shop();
    const starts = startsOf(templates);
    return templates.map((template, i) => {
      const { part } = template;
      const zones = part.zones.length === 1 ? '1 zone' : `${part.zones.length} zones`;
      const area = this.units.show(partArea(part), 'area');
      const says = `${CATALOGUE.substrates[part.substrate].name}, ${zones}, ${area}: ${starts[i]?.says ?? ''}`;
      return { template, layers: starts[i]?.layers ?? [], says };
    });
  });

  protected set({ id }: OwnTemplate, change: Partial<OwnTemplate>): void {
    this.editor.set(
      'templates',
      this.editor.shop().templates.map((known) => (known.id === id ? { ...known, ...change } : known)),
    );
  }

  protected remove({ id, name }: OwnTemplate): void {
    const before = this.editor.shop().templates;
    this.editor.set(
      'templates',
      before.filter((known) => known.id !== id),
    );
    this.toasts.say(`${name} removed.`, { label: 'Undo', run: () => void this.editor.set('templates', before) });
  }
}
