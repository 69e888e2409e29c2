import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { CATALOGUE, CoatingId, figuresOf, genericFigures, type DocumentIssue, type OwnFigures, type OwnRow, type PlainFigure } from '@lift-bare/core';
import { ChoiceField } from '../../ui/choice-field';
import { FigureField } from '../../ui/figure-field';
import { saveFile } from '../../ui/save-file';
import { TextField } from '../../ui/text-field';
import { mergeRows, readRows, writeCsv, writeJson } from './own-table-file';
import { ShopEditor } from './shop-editor';

const WORDS: Readonly<Record<PlainFigure, readonly [label: string, unit: string]>> = {
  price: ['Price', 'a unit'],
  pack: ['Pack', 'L or kg'],
  wetFilm: ['Film laid on', 'mm'],
  workingLife: ['Dries after, 20 °C', 'min'],
  longestDwell: ['Longest dwell', 'h'],
  rate: ['Rate', 'm²/h'],
  life: ['One lasts', 'm² or uses'],
  pressure: ['Highest pressure', 'bar'],
  profile: ['Profile Rz', 'µm'],
  volumeSolids: ['Solids by volume', '%'],
  filmPerCoat: ['Dry film a coat', 'µm'],
  recoatMin: ['Recoat from, 20 °C', 'min'],
  recoatMax: ['Recoat until', 'min'],
  potLife: ['Pot life, 20 °C', 'min'],
};
const MAY_BE_NONE: readonly PlainFigure[] = ['price', 'recoatMax', 'potLife'];

/** The shop's own products and methods: copies of generic rows under its own name, with its own figures; as files too. */
@Component({
  selector: 'lb-shop-own-rows',
  imports: [TextField, ChoiceField, FigureField],
  templateUrl: './shop-own-rows.html',
  styleUrl: './shop-part.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShopOwnRows {
  protected readonly editor = inject(ShopEditor);
  protected readonly words = WORDS;
  protected readonly coatings = CoatingId.options.map((id) => ({ id, name: CATALOGUE.coatings[id].name }));
  protected readonly bases = [
    ...Object.values(CATALOGUE.methods).map(({ id, name }) => ({ value: id as OwnRow['base'], label: name })),
    ...Object.values(CATALOGUE.primers).map(({ id, name }) => ({ value: id as OwnRow['base'], label: `${name} (primer)` })),
  ];
  protected readonly picked = signal<OwnRow['base']>('chem.fast-solvent');
  protected readonly rows = computed(() => this.editor.shop().ownRows);
  protected readonly troubles = signal<readonly DocumentIssue[]>([]);
  protected readonly told = signal<string | null>(null);

  protected figures = (base: string): readonly PlainFigure[] => figuresOf(base, CATALOGUE);
  protected generic = (base: string, figure: PlainFigure): string => String(genericFigures(base, CATALOGUE)[figure] ?? '');
  protected mayBeNone = (figure: PlainFigure): boolean => MAY_BE_NONE.includes(figure);
  protected baseName = (base: string): string => this.bases.find(({ value }) => value === base)?.label ?? base;
  protected softens = (base: string): boolean => CATALOGUE.methods[base]?.family === 'chem';
  /** Undefined where the table's time holds; a template's safe navigation would answer null. */
  protected ownTime = (row: OwnRow, coating: CoatingId): number | null | undefined => row.figures.softening?.[coating];
  protected tableTime(base: string, coating: CoatingId): string {
    const method = CATALOGUE.methods[base];
    if (method?.family !== 'chem') return '';
    const time = CATALOGUE.coatings[coating].softening[method.stripper.chemistry].value;
    return time === null ? '–' : String(time);
  }

  protected add(base: OwnRow['base']): void {
    const name = `Own ${this.baseName(base).toLowerCase()}`.slice(0, 80);
    this.editor.set('ownRows', [...this.rows(), { id: this.freeId(name), name, base, note: '', figures: {} }]);
  }

  protected set(row: OwnRow, change: Partial<OwnRow>): void {
    this.editor.set(
      'ownRows',
      this.rows().map((known) => (known.id === row.id ? { ...known, ...change } : known)),
    );
  }

  protected setFigure(row: OwnRow, figure: PlainFigure, value: number | null | undefined): void {
    this.set(row, { figures: withEntry(row.figures, figure, value) as OwnFigures });
  }

  protected setTime(row: OwnRow, coating: CoatingId, value: number | null | undefined): void {
    this.set(row, { figures: { ...row.figures, softening: withEntry(row.figures.softening ?? {}, coating, value) } });
  }

  protected remove({ id }: OwnRow): void {
    this.editor.set(
      'ownRows',
      this.rows().filter((known) => known.id !== id),
    );
  }

  protected saveJson = (): void => saveFile('own-rows.json', writeJson(this.rows()));
  protected async saveCsv(): Promise<void> {
    saveFile('own-rows.csv', await writeCsv(this.rows()), 'text/csv');
  }

  protected async open(input: HTMLInputElement): Promise<void> {
    const file = input.files?.[0];
    if (!file) return;
    const read = await readRows(await file.text());
    input.value = '';
    this.troubles.set(read.ok ? [] : read.issues);
    this.told.set(null);
    if (read.ok && this.editor.set('ownRows', mergeRows(this.rows(), read.value)))
      this.told.set(`${read.value.length} ${read.value.length === 1 ? 'row' : 'rows'} read from ${file.name}.`);
  }

  private freeId(name: string): string {
    const stem = `own.${name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .slice(0, 30)}`;
    const taken = new Set(this.rows().map(({ id }) => id));
    let id = stem;
    for (let i = 2; taken.has(id); i += 1) id = `${stem}-${i}`;
    return id;
  }
}

/** A record with one entry set, or taken out where the value is left open. */
function withEntry(record: object, key: string, value: number | null | undefined): Record<string, number | null> {
  const rest = Object.entries(record).filter(([known]) => known !== key);
  return Object.fromEntries(value === undefined ? rest : [...rest, [key, value]]) as Record<string, number | null>;
}
