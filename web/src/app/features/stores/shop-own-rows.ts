import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import {
  CATALOGUE,
  coatByRef,
  CoatId,
  CoatingId,
  cureScale,
  degC,
  figuresOf,
  formatNumber,
  genericFigures,
  OwnRow,
  readWith,
  withOwnRows,
  type DocumentIssue,
  type OwnFigures,
  type PlainFigure,
} from '@lift-bare/core';
import { ChoiceField } from '../../ui/choice-field';
import { FigureField, type Measured } from '../../ui/figure-field';
import { saveFile } from '../../ui/save-file';
import { TextField } from '../../ui/text-field';
import { Units } from '../../ui/units.service';
import { FIGURE_WORDS, MAY_BE_FROST, MAY_BE_NONE } from './figure-words';
import { mergeRows, readRows, writeCsv, writeJson } from './own-table-file';
import { ShopEditor } from './shop-editor';

/** °C at which the scaling of a product is shown. */
const SHOWN_AT = [10, 15, 20, 25, 30] as const;

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
  protected readonly units = inject(Units);
  protected readonly words = FIGURE_WORDS;
  protected readonly coatings = CoatingId.options.map((id) => ({ id, name: CATALOGUE.coatings[id].name }));
  protected readonly bases = [
    ...Object.values(CATALOGUE.methods).map(({ id, name }) => ({ value: id as OwnRow['base'], label: name })),
    ...Object.values(CATALOGUE.primers).map(({ id, name }) => ({ value: id as OwnRow['base'], label: `${name} (primer)` })),
    ...CoatId.options.map((id) => ({ value: id as OwnRow['base'], label: `${coatByRef(id, CATALOGUE)?.name} (topcoat)` })),
  ];
  protected readonly picked = signal<OwnRow['base']>('chem.fast-solvent');
  protected readonly rows = computed(() => this.editor.shop().ownRows);
  protected readonly troubles = signal<readonly DocumentIssue[]>([]);
  protected readonly told = signal<string | null>(null);

  protected figures = (base: string): readonly PlainFigure[] => figuresOf(base, CATALOGUE);
  /** What is measured, in the units shown; one object for each as long as the units hold, as a new one would be another input. */
  private readonly measured = computed(() => {
    const system = this.units.system();
    return new Map(
      Object.entries(FIGURE_WORDS).flatMap(([figure, word]): [string, Measured][] =>
        'dimension' in word ? [[figure, { dimension: word.dimension, system }]] : [],
      ),
    );
  });
  protected unitOf(figure: PlainFigure): string {
    const word = this.words[figure];
    return 'unit' in word ? word.unit : '';
  }
  protected measuredAs = (figure: PlainFigure): Measured | null => this.measured().get(figure) ?? null;
  /** The generic figure, as the field would show it. */
  protected generic(base: string, figure: PlainFigure): string {
    const [value, measured] = [genericFigures(base, CATALOGUE)[figure], this.measuredAs(figure)];
    if (typeof value !== 'number') return '';
    return measured ? formatNumber(value, measured.dimension, measured.system) : String(value);
  }
  protected least = (figure: PlainFigure): number => (MAY_BE_FROST.includes(figure) ? -10 : 0);
  /** Reason for which the schema does not take a figure of a row; where it falls on another figure, with that one's name. */
  protected readonly checks = computed(
    () => new Map(this.rows().map((row) => [row.id, new Map(this.figures(row.base).map((figure) => [figure, this.checkOf(row, figure)]))])),
  );
  private checkOf =
    (row: OwnRow, figure: PlainFigure) =>
    (value: number | null | undefined): string | null => {
      const read = readWith(OwnRow, { ...row, figures: withEntry(row.figures, figure, value) });
      const [issue] = read.ok ? [] : read.issues;
      if (!issue) return null;
      const named = issue.path.at(-1) as PlainFigure;
      const reason = this.units.text(issue.reason);
      return named === figure ? reason : `${this.words[named]?.label ?? named}: ${reason}`;
    };
  /** When the next product may follow, by temperature; null for what is no paint. */
  protected waits(row: OwnRow): { at: number; minutes: number }[] | null {
    const coat = coatByRef(row.id, withOwnRows(CATALOGUE, [row]));
    return coat ? SHOWN_AT.map((at) => ({ at, minutes: coat.recoatMin.value * cureScale(degC(at), coat.halving.value) })) : null;
  }
  /** Where a topcoat of the shop is used, or which stands before it. */
  protected use(row: OwnRow): string | null {
    if (!CoatId.options.includes(row.base as CoatId)) return null;
    const first = this.rows().find(({ base }) => base === row.base);
    const generic = coatByRef(row.base, CATALOGUE)?.name.toLowerCase();
    return first === row ? `Taken wherever a topcoat has ${generic}.` : `Not taken: ${first?.name} stands before it as ${generic}.`;
  }
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
    const name = `Own ${this.baseName(base).toLowerCase()}`.replace(/ \((primer|topcoat)\)$/, '').slice(0, 80);
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
