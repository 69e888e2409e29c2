import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { CATALOGUE, Celsius, dwellSetting, hearEach, LayChoice, narrowing, patchArea, type Band, type Heard, type TestPatch } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { NzInputModule } from 'ng-zorro-antd/input';
import { ChoiceField, type ChoiceOption } from '../../ui/choice-field';
import { QuantityField } from '../../ui/quantity-field';
import { TextField } from '../../ui/text-field';
import { MomentField } from '../../ui/moment-field';
import { Units } from '../../ui/units.service';
import { draftFrom, layerOptions, readDraft, type PatchDraft, type PatchTrouble } from './patch-draft';
import { StripSubject } from './strip-subject';

interface Bar {
  readonly name: string;
  readonly band: Band;
  readonly from: number;
  readonly width: number;
  readonly at: number;
}

const UNDERS: readonly ChoiceOption<TestPatch['under']>[] = [
  { value: 'not-looked', label: 'not looked at' },
  { value: 'unharmed', label: 'unharmed' },
  { value: 'harmed', label: 'dark, dull, soft or crazed' },
];

/** Test patches of the job: what they saw, whether they agree, and how they narrow the plan. */
@Component({
  selector: 'lb-patches-view',
  imports: [NzInputModule, NzTableModule, QuantityField, ChoiceField, TextField, DatePipe, MomentField],
  templateUrl: './patches-view.html',
  styleUrl: './patches-view.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PatchesView {
  protected readonly subject = inject(StripSubject);
  protected readonly units = inject(Units);
  protected readonly temperatureSchema = Celsius;
  protected readonly filmSchema = LayChoice.shape.film;
  protected readonly unders = UNDERS;
  protected readonly patchArea = computed(() => patchArea(this.subject.facts()?.area ?? 0));

  protected readonly heard = computed<Heard[]>(() => {
    const [facts, stripper] = [this.subject.facts(), this.subject.stripper()];
    return facts && stripper ? hearEach(facts, stripper) : [];
  });
  protected readonly bars = computed<Bar[]>(() => {
    const [facts, stripper] = [this.subject.facts(), this.subject.stripper()];
    const known = facts && stripper ? narrowing(facts, stripper) : null;
    if (!known) return [];
    const end = 1.05 * Math.max(known.table.late, known.earlier.late, known.now.late);
    const bar = (name: string, band: Band): Bar => ({
      name,
      band,
      from: (100 * band.first) / end,
      width: (100 * (band.late - band.first)) / end,
      at: (100 * band.likely) / end,
    });
    const { patches = 0, earlier = 0 } = this.subject.plan() ?? {};
    return [
      bar('From the table', known.table),
      ...(earlier > 0 ? [bar(`With ${count(earlier, 'dwell')} of earlier jobs`, known.earlier)] : []),
      ...(patches > 0 ? [bar(`With ${count(patches, 'dwell')} of this job`, known.now)] : []),
    ];
  });
  protected readonly strippers = computed(() => this.subject.strippers().map(({ ref, name }): ChoiceOption<string> => ({ value: ref, label: name })));
  protected readonly layers = computed(() =>
    layerOptions(this.subject.context.zone()?.stack ?? [], ({ coating }) => CATALOGUE.coatings[coating].name),
  );
  /** starts over for another zone or way; what is typed stays through anything else */
  protected readonly draft = linkedSignal<string, PatchDraft | null>({
    source: () => `${this.subject.context.zoneId()} ${this.subject.stripper()?.ref}`,
    computation: () => this.fresh(),
  });
  protected readonly trouble = signal<PatchTrouble>({});
  protected readonly asking = signal<string | null>(null);

  protected type(change: Partial<PatchDraft>): void {
    this.draft.update((draft) => draft && { ...draft, ...change });
  }

  protected add(event: Event): void {
    event.preventDefault();
    const draft = this.draft();
    if (!draft) return;
    const read = readDraft(draft, new Date());
    if ('trouble' in read) {
      this.trouble.set(read.trouble);
      return;
    }
    this.trouble.set({});
    this.subject.context.editZone('patch', (zone) => ({ ...zone, patches: [...zone.patches, read.patch] }));
    this.draft.set(this.fresh());
  }

  protected setAside(id: string, reason: string | null): void {
    if (reason !== null && reason.trim() === '') return;
    this.everyPatch((patch) => (patch.id === id ? { ...patch, setAside: reason?.trim() ?? null } : patch));
    this.asking.set(null);
  }

  protected remove(id: string): void {
    this.everyPatch((patch) => (patch.id === id ? null : patch));
  }

  private everyPatch(change: (patch: Patch) => Patch | null): void {
    this.subject.context.edit('patch', (job) => ({
      ...job,
      parts: job.parts.map((part) => ({
        ...part,
        zones: part.zones.map((zone) =>
          zone.patches.length === 0 ? zone : { ...zone, patches: zone.patches.flatMap((patch) => change(patch) ?? []) },
        ),
      })),
    }));
  }

  private fresh(): PatchDraft | null {
    const [facts, stripper] = [this.subject.facts(), this.subject.stripper()];
    return facts && stripper ? draftFrom(dwellSetting(facts, stripper), new Date()) : null;
  }
}

type Patch = NonNullable<ReturnType<StripSubject['facts']>>['zone']['patches'][number];
const count = (n: number, what: string): string => `${n} ${what}${n === 1 ? '' : 's'}`;
