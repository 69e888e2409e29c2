import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, model } from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { NzModalModule } from 'ng-zorro-antd/modal';
import { NzInputModule } from 'ng-zorro-antd/input';
import { JobActions } from '../../state/job.actions';
import { jobsFeature } from '../../state/job.reducer';
import { ThemeService } from '../theme.service';
import { TourState } from '../tour/tour-state';
import { Units } from '../units.service';
import { findEntries, paletteEntries, type PaletteEntry } from './palette-entries';

type Action = Extract<PaletteEntry['does'], { readonly act: unknown }>['act'];

/** Entries shown at once. */
const MOST = 12;
const KINDS = { stage: 'stage', zone: 'zone', view: 'page', do: 'do', word: 'word' } as const satisfies Record<PaletteEntry['kind'], string>;

/** Every page, part, zone, action and word, found by typing: Ctrl K or Cmd K. */
@Component({
  selector: 'lb-palette',
  imports: [NzInputModule, NzModalModule],
  template: `
    <nz-modal [nzVisible]="open()" nzTitle="Go to or do" [nzFooter]="null" nzWidth="560px" [nzAutofocus]="null" (nzAfterOpen)="opened()" (nzOnCancel)="open.set(false)">
      <ng-container *nzModalContent>
        <input nz-input id="palette" type="text" role="combobox" aria-label="Go to or do" aria-controls="palette-list" aria-expanded="true" aria-autocomplete="list" autocomplete="off" placeholder="Stage, zone, page, action or word"
          [attr.aria-activedescendant]="found().length > 0 ? 'palette-' + at() : null" [value]="text()" (input)="text.set($any($event.target).value)" (keydown)="pressed($event)" />
        <ul id="palette-list" role="listbox" aria-label="Found">
          @for (entry of found(); track $index) {
            <li role="option" [id]="'palette-' + $index" [attr.aria-selected]="$index === at()" [class.on]="$index === at()" tabindex="-1" (mousemove)="at.set($index)" (click)="take(entry)" (keydown.enter)="take(entry)"><b>{{ entry.title }}</b><span class="soft small">{{ kinds[entry.kind] }}</span></li>
          }
        </ul>
        @if (found().length === 0) { <p class="soft" role="status">Nothing has these words.</p> }
      </ng-container>
    </nz-modal>
  `,
  styleUrl: './palette.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Palette {
  readonly open = model(false);
  private readonly router = inject(Router);
  private readonly store = inject(Store);
  private readonly theme = inject(ThemeService);
  private readonly units = inject(Units);
  private readonly tour = inject(TourState);
  private readonly jobs = this.store.selectSignal(jobsFeature.selectEntities);
  protected readonly kinds = KINDS;
  /** empty each time that it opens; what is typed while it still comes up stays */
  protected readonly text = linkedSignal<boolean, string>({ source: this.open, computation: () => '' });
  /** the job of the address, read when the palette opens */
  private readonly jobId = linkedSignal<boolean, string | null>({
    source: this.open,
    computation: () => /^\/jobs\/([^/?#]+)/.exec(this.router.url)?.[1] ?? null,
  });
  private readonly entries = computed(() => {
    const id = this.jobId();
    const job = id === null ? undefined : this.jobs()[id]?.history.present;
    return paletteEntries(id !== null && job ? { id, job } : null);
  });
  protected readonly found = computed(() => findEntries(this.entries(), this.text()).slice(0, MOST));
  /** the entry that Enter takes */
  protected readonly at = linkedSignal<unknown, number>({ source: this.found, computation: () => 0 });

  protected opened(): void {
    document.getElementById('palette')?.focus();
  }

  protected pressed(event: KeyboardEvent): void {
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    const many = this.found().length;
    if (step !== undefined && many > 0) this.at.update((at) => (at + step + many) % many);
    else if (event.key === 'Enter') this.take(this.found()[this.at()]);
    else return;
    event.preventDefault();
  }

  protected take(entry: PaletteEntry | undefined): void {
    if (!entry) return;
    this.open.set(false);
    const { does, kind } = entry;
    if ('to' in does)
      void this.router.navigate([...does.to], kind === 'stage' ? { queryParamsHandling: 'preserve' } : { queryParams: does.query ?? {} });
    else this.act(does.act);
  }

  private act(what: Action): void {
    if (what === 'night') return this.theme.toggle();
    if (what === 'units') return this.units.toggle();
    if (what === 'tour') return this.tour.start();
    const id = this.jobId();
    if (id !== null) this.store.dispatch(what === 'undo' ? JobActions.undone({ id }) : JobActions.redone({ id }));
  }
}
