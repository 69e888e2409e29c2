import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import {
  CATALOGUE,
  coatById,
  coatByRef,
  coatsLike,
  usualTape,
  ColourId,
  Design,
  Metres,
  type DesignColour,
  type Percent,
  type DesignStep,
} from '@lift-bare/core';
import { NzSwitchModule } from 'ng-zorro-antd/switch';
import { NzTableModule } from 'ng-zorro-antd/table';
import { JobContext } from '../../state/job-context';
import { ChoiceField, type ChoiceOption } from '../../ui/choice-field';
import { FigureField } from '../../ui/figure-field';
import { QuantityField } from '../../ui/quantity-field';
import { TextField } from '../../ui/text-field';
import { Units } from '../../ui/units.service';

const KINDS = [
  { value: 'two-colour' as const, label: 'Two colours that meet at a line' },
  { value: 'lift-off' as const, label: 'Lettering or stripes, film lifted off' },
];
/** % of the zone that the second colour takes until it is said. */
const USUAL_SHARE = 30;
const NAMES: Readonly<Record<Design['kind'], readonly [string, string]>> = {
  'two-colour': ['One colour', 'Other colour'],
  'lift-off': ['Shows where the film was', 'Goes over the film'],
};

/** Two colours on one zone: which goes first so that it can be masked, and what is done at the line; lettering by a film that is peeled. */
@Component({
  selector: 'lb-colours-view',
  imports: [NzTableModule, ChoiceField, TextField, QuantityField, FigureField, NzSwitchModule, FormsModule],
  templateUrl: './colours-view.html',
  styles: `
    .colour { display: flex; flex-wrap: wrap; gap: 12px; align-items: end; padding: 10px; background: var(--sheet); border-left: 4px solid var(--line-strong); margin-bottom: 6px; }
    .colour > * { flex: 0 1 140px; }
    .colour > lb-choice { flex: 1 1 220px; }
    .dark { padding-bottom: 6px; white-space: nowrap; }
    .order { margin: 16px 0 8px; }
    .when { white-space: nowrap; }
    td b { font-weight: 600; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ColoursView {
  private readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly kinds = KINDS;
  protected readonly names = NAMES;
  protected readonly metres = Metres;
  protected readonly shareSchema = Design.shape.share;
  protected readonly design = computed(() => this.context.zone()?.design ?? null);
  protected readonly plan = computed(() => this.context.zonePlan()?.build?.design ?? null);
  protected readonly wet = computed(() => (this.context.facts()?.finish?.coats.length ?? 0) > 0);
  protected readonly products = computed(() => ColourId.options.map((value) => ({ value, label: coatById(value, this.context.catalogue()).name })));
  /** the rows of a coat to choose from, where the shop has its own */
  protected rowsOf({ coat }: DesignColour): ChoiceOption<string>[] {
    const rows = coatsLike(coat, this.context.catalogue());
    return rows.length < 2 ? [] : rows.map(({ ref, name }) => ({ value: ref, label: name }));
  }
  protected rowOf = ({ coat, product }: DesignColour): string => product ?? coatById(coat, this.context.catalogue()).ref;
  /** min at 20 °C until tape may lie on the colour where its label says nothing */
  protected usualTape = ({ coat, product }: DesignColour): string =>
    String(usualTape({ pack: (coatByRef(product ?? coat, this.context.catalogue()) ?? coatById(coat, this.context.catalogue())).pack, drying: 1 }));
  protected readonly stops = computed(() => this.context.zonePlan()?.build?.findings.filter(({ code }) => code === 'colours-do-not-meet') ?? []);

  protected start(kind: Design['kind']): void {
    const first = this.context.facts()?.finish?.coats.find(({ id }) => ColourId.safeParse(id).success);
    const coat = ColourId.catch('basecoat').parse(first?.id ?? CATALOGUE.finishes['base-clear'].coats[0]?.id);
    const colour = (name: string): DesignColour => ({ name, coat, dark: false, product: null, tape: null });
    this.put({ kind, colours: [colour('first colour'), colour('second colour')], share: USUAL_SHARE as Percent, line: null });
  }
  protected put = (design: Design | null): void => this.context.editZone('design', (zone) => ({ ...zone, design }));
  protected set(change: Partial<Design>): void {
    const design = this.design();
    if (design) this.put({ ...design, ...change });
  }
  protected setColour(i: number, change: Partial<DesignColour>): void {
    const design = this.design();
    if (!design) return;
    const [a, b] = design.colours;
    this.set({ colours: i === 0 ? [{ ...a, ...change }, b] : [a, { ...b, ...change }] });
  }

  protected when({ from, until, wait }: DesignStep): string {
    if (from !== null && until !== null) return `${this.units.minutes(from)} to ${this.units.minutes(until)} after`;
    if (from !== null) return `from ${this.units.minutes(from)} after`;
    return wait > 0 ? `then ${this.units.minutes(wait)}` : 'at once';
  }
}
