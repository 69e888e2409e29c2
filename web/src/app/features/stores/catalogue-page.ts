import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { Basis } from '@lift-bare/core';
import { Units } from '../../ui/units.service';
import { catalogueTables } from './catalogue-tables';

const MARKS: Readonly<Record<Basis['kind'], string>> = { published: 'P', 'from-memory': 'M', practice: 'C', assumption: 'A', shop: 'S' };

/** What the program knows, and where each figure comes from. */
@Component({
  selector: 'lb-catalogue-page',
  imports: [RouterLink],
  templateUrl: './catalogue-page.html',
  styleUrl: './stores.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CataloguePage {
  private readonly units = inject(Units);
  protected readonly marks = MARKS;
  protected readonly tab = signal('strippers');
  protected readonly search = signal('');
  protected readonly tables = computed(() => catalogueTables(this.units.system()));
  protected readonly shown = computed(() => this.tables().find(({ id }) => id === this.tab()) ?? null);
  protected readonly rows = computed(() => {
    const words = this.search().trim().toLowerCase();
    return (this.shown()?.rows ?? []).filter((row) => row.some(({ text }) => text.toLowerCase().includes(words)));
  });
  protected readonly text = this.units.text;
}
