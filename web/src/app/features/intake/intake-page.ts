import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Router, RouterLink } from '@angular/router';
import { CATALOGUE, manyLike, newZone, pieceLike, zoneLike, type Start } from '@lift-bare/core';
import { NzInputNumberModule } from 'ng-zorro-antd/input-number';
import { addPart, addZone, movePart, removePart, removeZone } from '../../state/document-edits';
import { JobContext } from '../../state/job-context';
import { OpenQuestions } from '../../state/open-questions';
import { newId } from '../../state/new-id';
import { Narrow } from '../../ui/narrow.service';
import { FindingNote } from '../../ui/finding-note';
import { Toasts } from '../../ui/toast.service';
import { FindsPanel } from '../../ui/finds/finds-panel';
import { ConditionForm } from './condition-form';
import { IdentifyTests } from './identify-tests';
import { ItemForm } from './item-form';
import { MeshPanel } from './mesh/mesh-panel';
import { PartForm } from './part-form';
import { PhotoStrip } from './photo-strip';
import { QuestionCards } from './question-cards';
import { StackEditor } from './stack-editor';
import { KeepPart } from './keep-part';
import { TemplatePicker } from './template-picker';
import { ZoneForm } from './zone-form';

/** Parts of one job, as its schema has it. */
const MOST_PARTS = 100;

/** What is it, what is on it, in what state, where is it worked. */
@Component({
  selector: 'lb-intake-page',
  imports: [
    ItemForm,
    PartForm,
    PhotoStrip,
    MeshPanel,
    ZoneForm,
    StackEditor,
    ConditionForm,
    FindsPanel,
    IdentifyTests,
    KeepPart,
    TemplatePicker,
    FindingNote,
    QuestionCards,
    RouterLink,
    NzInputNumberModule,
    FormsModule,
  ],
  templateUrl: './intake-page.html',
  styleUrls: ['../../ui/page.css', './intake-page.css'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class IntakePage {
  protected readonly context = inject(JobContext);
  private readonly router = inject(Router);
  private readonly toasts = inject(Toasts);
  protected readonly narrow = inject(Narrow).is;
  protected readonly picking = signal(false);
  protected readonly keeping = signal(false);

  /** questions that are open in the job */
  private readonly asking = inject(OpenQuestions);
  protected readonly asked = computed(() => this.asking.questions().length);
  /** the zone that is shown, with its part */
  protected readonly here = computed(() => {
    const [zone, part] = [this.context.zone(), this.context.part()];
    return zone && part ? { zone: zone.id, part: part.id } : null;
  });
  /** Stops with the zone they belong to. */
  protected readonly stops = computed(() => {
    const plan = this.context.plan();
    if (!plan) return [];
    const ofZones = plan.zones.flatMap((zone) =>
      zone.findings
        .filter(({ severity }) => severity === 'stop')
        .map((finding) => ({ finding, zone: zone.zone, where: `${zone.partName}: ${zone.zoneName}` })),
    );
    const known = new Set(ofZones.map(({ finding }) => finding));
    return [
      ...plan.findings.filter((finding) => !known.has(finding) && finding.severity === 'stop').map((finding) => ({ finding, zone: null, where: '' })),
      ...ofZones,
    ];
  });
  protected readonly advice = computed(() => this.context.zonePlan()?.findings.filter(({ severity }) => severity === 'prefer') ?? []);
  protected readonly substrateNote = computed(() => {
    const part = this.context.part();
    return part && CATALOGUE.substrates[part.substrate].note;
  });

  protected add(start: Start): void {
    const part = start.make(newId);
    this.picking.set(false);
    this.context.edit(`add ${part.id}`, (job) => addPart(job, part));
    this.show(part.zones[0]?.id);
  }

  protected addZone(): void {
    const part = this.context.part();
    if (!part) return;
    const zone = newZone(`Zone ${part.zones.length + 1}`, newId);
    this.context.edit(`add ${zone.id}`, (job) =>
      addZone(job, part.id, {
        ...zone,
        stack: part.zones[0]?.stack.map((layer) => ({ ...layer, id: newId() })) ?? [],
        condition: part.zones[0]?.condition ?? zone.condition,
      }),
    );
    this.show(zone.id);
  }

  /** parts that a job still has room for */
  protected readonly roomFor = computed(() => Math.max(1, MOST_PARTS - (this.context.job()?.parts.length ?? 0)));
  protected readonly more = signal(1);

  protected copyZone(): void {
    const [part, zone] = [this.context.part(), this.context.zone()];
    if (!part || !zone) return;
    const copy = { ...zoneLike(zone, newId), name: `${zone.name} copy`.slice(0, 80) };
    this.context.edit(`copy ${copy.id}`, (job) => addZone(job, part.id, copy));
    this.show(copy.id);
  }

  /** "12 like this" */
  protected addMany(): void {
    const part = this.context.part();
    if (!part) return;
    const more = Math.min(this.more(), this.roomFor());
    this.context.edit(`many ${part.id}`, (job) => manyLike(job, part, more, newId));
    this.toasts.say(`${more} more like ${part.name}.`, { label: 'Undo', run: this.context.undo });
  }

  protected copyPart(): void {
    const part = this.context.part();
    if (!part) return;
    const copy = pieceLike(part, `${part.name} copy`.slice(0, 80), newId);
    this.context.edit(`copy ${copy.id}`, (job) => addPart(job, copy));
    this.show(copy.zones[0]?.id);
  }

  protected movePart(by: 1 | -1): void {
    const part = this.context.part();
    if (part) this.context.edit('move part', (job) => movePart(job, part.id, by));
  }

  protected removePart(): void {
    const part = this.context.part();
    if (!part) return;
    this.context.edit(`remove ${part.id}`, (job) => removePart(job, part.id));
    this.show(undefined);
    this.toasts.say(`${part.name} removed.`, { label: 'Undo', run: this.context.undo });
  }

  protected removeZone(): void {
    const zone = this.context.zone();
    const rest = this.context.part()?.zones.filter(({ id }) => id !== zone?.id) ?? [];
    if (!zone) return;
    if (rest.length === 0) return this.removePart();
    this.context.edit(`remove ${zone.id}`, (job) => removeZone(job, zone.id));
    this.show(rest[0]?.id);
    this.toasts.say(`${zone.name} removed.`, { label: 'Undo', run: this.context.undo });
  }

  private show(zone: string | undefined): void {
    void this.router.navigate([], { queryParams: { zone: zone ?? null } });
  }
}
