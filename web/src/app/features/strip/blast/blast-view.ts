import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { AS_WORKED_OUT, gradeText, nozzleOf, NOZZLES, RESERVE, BlastSetting, Millimetres, type BlastMethod } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import type { ChoiceOption } from '../../../ui/choice-field';
import { ChoiceField } from '../../../ui/choice-field';
import { FigureField } from '../../../ui/figure-field';
import { FindingNote } from '../../../ui/finding-note';
import { QuantityField } from '../../../ui/quantity-field';
import { Units } from '../../../ui/units.service';
import { StripSubject } from '../strip-subject';
import { BlastChart, type Curve, type Guide } from './blast-chart';
import { bestRow, blastCase, bowLines, demandLines, largestFed, nozzleRows, pressureForBow, type NozzleRow } from './blast-case';

const AUTO = 'auto' as const;
type NozzleChoice = NonNullable<BlastSetting['nozzle']> | typeof AUTO;
type GradeChoice = NonNullable<BlastSetting['grade']> | typeof AUTO;
/** bar; the charts reach to here at least. */
const CHART_MOST = 8;

/** One medium on this zone: air, pressure, rhythm, profile and bow, what limits it, and what the shop's compressor can do. */
@Component({
  selector: 'lb-blast-view',
  imports: [NzTableModule, ChoiceField, QuantityField, FigureField, FindingNote, BlastChart, RouterLink],
  templateUrl: './blast-view.html',
  styleUrl: './blast-view.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BlastView {
  protected readonly subject = inject(StripSubject);
  protected readonly units = inject(Units);
  protected readonly schema = BlastSetting.shape;

  private readonly options = computed(() => (this.subject.context.zonePlan()?.options ?? []).filter(({ family }) => family === 'blast'));
  /** the chosen medium, else the best that the rules leave */
  protected readonly medium = linkedSignal<string | null, string>({
    source: () => this.subject.context.zoneId(),
    computation: () => (this.subject.chosen()?.family === 'blast' ? this.subject.chosen()?.method : this.options()[0]?.method) ?? 'blast.soda',
  });
  protected readonly place = linkedSignal<string, string>({
    source: this.medium,
    computation: (medium) => (this.subject.chosen()?.method === medium ? this.subject.chosen()?.at : null) ?? 'blast-pot',
  });
  protected readonly media = computed(() =>
    this.methods().map((method): ChoiceOption<string> => ({
      value: method.ref,
      label: method.medium.name + (this.refusedBy(method.ref) ? ', ruled out' : ''),
    })),
  );
  protected readonly places = computed((): ChoiceOption<string>[] => [
    { value: 'blast-pot', label: 'Here, with a pot' },
    { value: 'blast-cabinet', label: 'Here, in the cabinet' },
    ...this.subject.context
      .shop()
      .contractors.filter(({ media }) => media.includes(this.method()?.id ?? 'keep.key'))
      .map(({ id, name }) => ({ value: id, label: name })),
  ]);
  protected readonly method = computed(() => this.methods().find(({ ref }) => ref === this.medium()) ?? null);
  protected readonly case = computed(() => {
    const [facts, method] = [this.subject.facts(), this.method()];
    return facts && method && facts.area > 0 ? blastCase(facts, method, this.place(), this.subject.context.zonePlan()?.build ?? null) : null;
  });
  protected readonly refusals = computed(() =>
    (this.options().find(({ method }) => method === this.medium())?.findings ?? []).filter(({ severity }) => severity === 'rule-out'),
  );
  protected readonly cautions = computed(() =>
    (this.options().find(({ method }) => method === this.medium())?.findings ?? []).filter(({ severity }) => severity !== 'rule-out'),
  );
  protected readonly setting = computed(() => this.subject.context.zone()?.blast ?? AS_WORKED_OUT);
  protected readonly nozzle = computed((): NozzleChoice => this.setting().nozzle ?? AUTO);
  protected readonly grade = computed((): GradeChoice => this.setting().grade ?? AUTO);
  protected readonly byHand = computed(() => this.subject.context.zone()?.blast !== null);
  protected readonly isChosen = computed(() => this.subject.chosen()?.method === this.medium() && this.subject.chosen()?.at === this.place());
  protected readonly here = computed(() => this.place() === 'blast-pot' || this.place() === 'blast-cabinet');
  protected readonly air = computed(() => this.subject.context.shop().air);

  protected readonly nozzles: readonly ChoiceOption<NozzleChoice>[] = [
    { value: AUTO, label: 'best for the compressor' },
    ...NOZZLES.map(({ id, name }) => ({ value: id, label: name })),
  ];
  protected readonly grades: readonly ChoiceOption<GradeChoice>[] = [
    { value: AUTO, label: 'near-white' },
    ...(['sa-1', 'sa-2', 'sa-2.5', 'sa-3'] as const).map((value) => ({ value, label: gradeText(value) ?? value })),
  ];
  protected readonly guns = [
    { value: 'pot' as const, label: 'Pressure pot' },
    { value: 'spot' as const, label: 'Spot gun, suction' },
  ];

  protected readonly most = computed(() => Math.max(CHART_MOST, Math.ceil(this.case()?.plan.pressure ?? 0)));
  protected readonly demand = computed(() => {
    const one = this.case();
    return one ? demandLines(one, this.most()).map((line) => this.curve(line.name, line.points, 'air', line.nozzle === one.plan.nozzle)) : [];
  });
  protected readonly demandMost = computed(() => roundUp(this.units.number(2.2 * (this.air()?.freeAir ?? 1000), 'air')));
  protected readonly demandGuides = computed((): Guide[] => {
    const [one, air] = [this.case(), this.air()];
    if (!one || !air) return [];
    return [
      { at: this.units.number(air.freeAir, 'air'), across: true, text: `compressor, ${this.units.show(air.freeAir, 'air')}` },
      { at: this.units.number(air.freeAir / RESERVE, 'air'), across: true, text: 'a fifth in reserve', below: true },
      { at: this.units.number(one.plan.pressure, 'pressure'), across: false, text: this.units.show(one.plan.pressure, 'pressure') },
    ];
  });
  protected readonly bow = computed(() => {
    const one = this.case();
    const lines = one && bowLines(one, this.most());
    return lines?.map((line, i) => this.curve(line.name, line.points, 'gauge', i === 1)) ?? null;
  });
  protected readonly bowMost = computed(() =>
    roundUp(Math.max(...(this.bow()?.[0]?.points ?? []).map(({ y }) => y), this.units.number(0.2, 'gauge'))),
  );
  protected readonly bowGuides = computed((): Guide[] => {
    const one = this.case();
    if (!one) return [];
    const { pressure, limit } = one.plan;
    return [
      { at: this.units.number(pressure, 'pressure'), across: false, text: this.units.show(pressure, 'pressure') },
      ...(limit.pressure === null || Math.abs(limit.pressure - pressure) < 0.05
        ? []
        : [{ at: this.units.number(limit.pressure, 'pressure'), across: false, text: `limit, ${this.units.show(limit.pressure, 'pressure')}` }]),
    ];
  });
  protected readonly rows = computed(() => {
    const one = this.case();
    return one ? nozzleRows(one) : [];
  });
  /** mm of bow that may be */
  protected readonly allowedBow = signal(0.5);
  protected readonly bowSchema = Millimetres;
  protected readonly pressureAllowed = computed(() => {
    const one = this.case();
    return one && pressureForBow(one, this.allowedBow(), 15);
  });
  protected readonly largest = computed(() => {
    const one = this.case();
    return one && largestFed(one);
  });
  protected readonly best = computed(() => bestRow(this.rows()));

  protected gradeOf = gradeText;
  protected nameOf = (id: NonNullable<BlastSetting['nozzle']>): string => nozzleOf(id).name;
  protected minutes = (value: number): string => (value < 10 ? `${value.toFixed(1)} min` : this.units.minutes(value));

  protected set(change: Partial<BlastSetting>): void {
    this.subject.context.editZone(`blast ${Object.keys(change).join()}`, (zone) => ({
      ...zone,
      blast: { ...(zone.blast ?? AS_WORKED_OUT), ...change },
    }));
  }
  protected setNozzle = (nozzle: NozzleChoice): void => this.set({ nozzle: nozzle === AUTO ? null : nozzle });
  protected setGrade = (grade: GradeChoice): void => this.set({ grade: grade === AUTO ? null : grade });
  protected reset(): void {
    this.subject.context.editZone('blast', (zone) => ({ ...zone, blast: null }));
  }
  protected take({ nozzle, point }: NozzleRow): void {
    if (point) this.set({ nozzle: nozzle.id, pressure: Math.floor(point.pressure * 10) / 10 });
  }
  protected choose(): void {
    this.subject.context.editZone('choice', (zone) => ({
      ...zone,
      choice: { method: this.medium(), at: this.place(), reason: zone.choice?.reason ?? '', by: 'hand' },
    }));
  }

  private readonly methods = computed(() =>
    Object.values(this.subject.context.catalogue().methods).filter((method): method is BlastMethod => method.family === 'blast'),
  );
  private refusedBy = (ref: string): boolean => this.options().some(({ method, verdict }) => method === ref && verdict === 'ruled-out');
  private curve = (name: string, points: readonly (readonly [number, number])[], dimension: 'air' | 'gauge', picked: boolean): Curve => ({
    name,
    picked,
    points: points.map(([pressure, value]) => ({ x: this.units.number(pressure, 'pressure'), y: this.units.number(value, dimension) })),
  });
}

/** The next round number, for the end of an axis. */
function roundUp(value: number): number {
  const ten = 10 ** Math.floor(Math.log10(value));
  return ten * ([1, 1.5, 2, 3, 4, 5, 6, 8].find((step) => step * ten >= value) ?? 10);
}
