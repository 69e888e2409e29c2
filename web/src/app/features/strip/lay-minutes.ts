import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal } from '@angular/core';
import { AS_USUAL, workRates, type LayChoice } from '@lift-bare/core';
import { FigureField } from '../../ui/figure-field';
import { StripSubject } from './strip-subject';

type Hand = 'layOn' | 'scrape' | 'rinse';
type Label = Partial<NonNullable<LayChoice['label']>>;

const HANDS: readonly { key: Hand; label: string }[] = [
  { key: 'layOn', label: 'Lay on' },
  { key: 'scrape', label: 'Scrape' },
  { key: 'rinse', label: 'Rinse' },
];

/** The minutes of somebody's own hands and the dwell of the label, where they differ from what is planned with. */
@Component({
  selector: 'lb-lay-minutes',
  imports: [FigureField],
  template: `
    <h2>Your own minutes</h2>
    <div class="form">
      @for (hand of hands; track hand.key) {
        <lb-figure [label]="hand.label" unit="min/m²" [least]="0.01" [most]="600" [placeholder]="usual(hand.key)" [value]="own()[hand.key] ?? undefined" (changed)="setHand(hand.key, $event ?? null)" />
      }
      <lb-figure label="Dwell by the label, from" unit="min" [least]="1" [most]="10080" [value]="label().least" [check]="before" (changed)="setLabel({ least: $event ?? undefined })" />
      <lb-figure label="Dwell by the label, to" unit="min" [least]="1" [most]="10080" [value]="label().most" [check]="after" (changed)="setLabel({ most: $event ?? undefined })" />
    </div>
    <p class="soft small">{{ half() ? 'The label counts once both ends of its dwell are in.' : 'Left open, the figures of product and access hold. No round is planned outside the dwell of the label.' }}</p>
  `,
  styles: ':host { display: block; margin: 20px 0 16px; } h2 { margin-bottom: 8px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LayMinutes {
  private readonly subject = inject(StripSubject);
  protected readonly hands = HANDS;
  protected readonly own = computed(() => this.subject.facts()?.zone.lay ?? AS_USUAL);
  /** both ends are kept while only one is in */
  protected readonly label = linkedSignal<LayChoice['label'], Label>({ source: () => this.own().label, computation: (label) => label ?? {} });
  protected readonly half = computed(() => (this.label().least === undefined) !== (this.label().most === undefined));

  protected usual(key: Hand): string {
    const [facts, stripper] = [this.subject.facts(), this.subject.stripper()];
    return facts && stripper ? String(Math.round(10 * workRates({ ...facts, zone: { ...facts.zone, lay: null } }, stripper)[key]) / 10) : '';
  }
  protected before = (least: number | null | undefined): string | null => crossed(least, this.label().most);
  protected after = (most: number | null | undefined): string | null => crossed(this.label().least, most);

  protected setHand = (hand: Hand, minutes: number | null): void => this.set({ [hand]: minutes });
  private set(change: Partial<LayChoice>): void {
    this.subject.context.editZone(`lay ${Object.keys(change).join()}`, (zone) => ({ ...zone, lay: { ...AS_USUAL, ...zone.lay, ...change } }));
  }
  protected setLabel(change: Label): void {
    const { least, most } = { ...this.label(), ...change };
    this.label.set({ ...(least === undefined ? {} : { least }), ...(most === undefined ? {} : { most }) });
    if (least !== undefined && most !== undefined) this.set({ label: { least, most } });
    else if (this.own().label) this.set({ label: null });
  }
}

const crossed = (least: number | null | undefined, most: number | null | undefined): string | null =>
  least != null && most != null && least > most ? 'the dwell ends before it begins' : null;
