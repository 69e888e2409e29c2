import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { CATALOGUE, withOwnRows, type Basis } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { NzInputModule } from 'ng-zorro-antd/input';
import { shopFeature } from '../../state/shop.reducer';
import { Units } from '../../ui/units.service';
import { catalogueTables } from './catalogue-tables';

const MARKS: Readonly<Record<Basis['kind'], string>> = { published: 'P', 'from-memory': 'M', practice: 'C', assumption: 'A', shop: 'S' };

/** What the program knows, and where each figure comes from. */
@Component({
  selector: 'lb-catalogue-page',
  imports: [NzInputModule, NzTableModule, RouterLink],
  templateUrl: './catalogue-page.html',
  styleUrl: './stores.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CataloguePage {
  private readonly units = inject(Units);
  private readonly shop = inject(Store).selectSignal(shopFeature.selectDocument);
  protected readonly marks = MARKS;
  protected readonly tab = signal('strippers');
  protected readonly search = signal('');
  protected readonly tables = computed(() => catalogueTables(this.units.system(), withOwnRows(CATALOGUE, this.shop().ownRows)));
  protected readonly shown = computed(() => this.tables().find(({ id }) => id === this.tab()) ?? null);
  protected readonly rows = computed(() => {
    const words = this.search().trim().toLowerCase();
    return (this.shown()?.rows ?? []).filter((row) => row.some(({ text }) => text.toLowerCase().includes(words)));
  });
  protected readonly text = this.units.text;
}
