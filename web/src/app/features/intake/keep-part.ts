import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, model, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { keepAsTemplate, readWith, Shop } from '@lift-bare/core';
import { NzModalModule } from 'ng-zorro-antd/modal';
import { JobContext } from '../../state/job-context';
import { newId } from '../../state/new-id';
import { ShopActions } from '../../state/shop.actions';
import { shopFeature } from '../../state/shop.reducer';
import { TextField } from '../../ui/text-field';
import { Toasts } from '../../ui/toast.service';

/** Keeps a part as one of the shop's own, to start new ones from. */
@Component({
  selector: 'lb-keep-part',
  imports: [NzModalModule, TextField],
  template: `
    <nz-modal [nzVisible]="open()" nzTitle="Keep this part to start from" nzOkText="Keep it" nzCancelText="Cancel" nzWidth="520px" [nzOkDisabled]="name().trim() === ''" (nzOnOk)="keep()" (nzOnCancel)="open.set(false)">
      <ng-container *nzModalContent>
        <div class="form">
          <lb-text class="full" label="Name" [value]="name()" [required]="true" [most]="80" (changed)="name.set($event)" />
          <lb-text class="full" label="Also found by" [value]="words()" [most]="200" placeholder="rim, 17 inch, fleet van" (changed)="words.set($event)" />
        </div>
        <p class="soft small">Kept: material, zones with their shapes and layers, what is built into it, methods chosen by hand, primers and films picked. Not kept: tests, finds, photos and readings, which hold for this piece only. Lead that was found here is suspected in the next.</p>
        @if (trouble(); as reason) { <div class="note stop" role="alert"><b>Not kept</b>{{ reason }}</div> }
      </ng-container>
    </nz-modal>
  `,
  styleUrl: '../../ui/page.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KeepPart {
  private readonly context = inject(JobContext);
  private readonly store = inject(Store);
  private readonly toasts = inject(Toasts);
  private readonly shop = this.store.selectSignal(shopFeature.selectDocument);
  readonly open = model(false);
  private readonly called = computed(() => (this.open() ? (this.context.part()?.name ?? '') : ''));
  protected readonly name = linkedSignal(() => this.called());
  protected readonly words = signal('');
  protected readonly trouble = signal<string | null>(null);

  protected keep(): void {
    const [part, job] = [this.context.part(), this.context.job()];
    if (!part || !job) return;
    const before = this.shop();
    const kept = keepAsTemplate(part, job.item, { name: this.name().trim(), words: this.words().trim() }, newId);
    const read = readWith(Shop, { ...before, templates: [...before.templates, kept] });
    this.trouble.set(read.ok ? null : read.issues.map(({ path, reason }) => `${path.slice(2).join(' › ')}: ${reason}`).join('; '));
    if (!read.ok) return;
    this.store.dispatch(ShopActions.edited({ document: read.value }));
    this.open.set(false);
    this.words.set('');
    this.toasts.say(`${kept.name} is kept. Add a part and New job offer it.`, { label: 'Undo', run: () => this.drop(kept.id) });
  }

  private drop(id: string): void {
    const shop = this.shop();
    this.store.dispatch(ShopActions.edited({ document: { ...shop, templates: shop.templates.filter((one) => one.id !== id) } }));
  }
}
