import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { fitsIn, m2, MESH_UNITS, newZone, type MeshRecord, type MeshUnit, type UpAxis, type Zone } from '@lift-bare/core';
import type { Subscription } from 'rxjs';
import { NzTableModule } from 'ng-zorro-antd/table';
import { FilesApi } from '../../../api/files-api';
import { failureOf } from '../../../api/problem';
import { JobContext } from '../../../state/job-context';
import { newId } from '../../../state/new-id';
import { ChoiceField } from '../../../ui/choice-field';
import { Units } from '../../../ui/units.service';
import { FACING } from '../../../ui/words';
import { FACE_COLOURS } from '../../../workers/mesh-task';
import { PlannerClient } from '../../../workers/planner-client';
import { hintFor, recordOf, troublesOf, type ReadFile } from './mesh-figures';
import { MeshView } from './mesh-view';

const LARGEST = 64 * 1024 * 1024;
/** Share of the area below which a way of looking is no zone of its own: rims of sheet. */
const SLIVER = 0.01;
const FACINGS = ['up', 'vertical', 'down'] as const;

/** A mesh file of the part: dropped, read in the worker, measured, looked at, and turned into zones. */
@Component({
  selector: 'lb-mesh-panel',
  imports: [NzTableModule, ChoiceField, MeshView],
  templateUrl: './mesh-panel.html',
  styleUrl: './mesh-panel.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MeshPanel {
  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  private readonly planner = inject(PlannerClient);
  private readonly api = inject(FilesApi);

  private readonly partId = computed(() => this.context.part()?.id ?? null);
  /** starts over with another part */
  private readonly file = linkedSignal<string | null, { bytes: Uint8Array; name: string; stored: string | null } | null>({
    source: this.partId,
    computation: () => null,
  });
  protected readonly read = linkedSignal<string | null, ReadFile | null>({ source: this.partId, computation: () => null });
  protected readonly unit = linkedSignal<string | null, MeshUnit>({
    source: this.partId,
    computation: () => this.context.part()?.mesh?.unit ?? 'mm',
  });
  protected readonly up = linkedSignal<string | null, UpAxis>({ source: this.partId, computation: () => this.context.part()?.mesh?.up ?? 'z' });
  protected readonly progress = signal<number | null>(null);
  protected readonly trouble = signal<string | null>(null);
  protected readonly over = signal(false);
  private reading: Subscription | null = null;

  protected readonly unitOptions = MESH_UNITS.map((value) => ({
    value,
    label: { mm: 'millimetres', cm: 'centimetres', m: 'metres', in: 'inches' }[value],
  }));
  protected readonly upOptions = (['z', 'y', 'x'] as const).map((value) => ({ value, label: `${value.toUpperCase()} axis` }));
  protected readonly kept = computed(() => this.context.part()?.mesh ?? null);
  protected readonly record = computed((): MeshRecord | null => {
    const read = this.read();
    return read ? recordOf(read, this.unit(), this.file()?.stored ?? null) : this.kept();
  });
  protected readonly hint = computed(() => {
    const read = this.read();
    return read && hintFor(read, this.unit(), this.context.part()?.box ?? null);
  });
  protected readonly troubles = computed(() => {
    const read = this.read();
    return read ? troublesOf(read) : [];
  });
  protected readonly faces = computed(() =>
    FACINGS.map((facing, i) => ({
      facing,
      name: FACING[facing],
      colour: FACE_COLOURS[i],
      area: this.record()?.facing[facing] ?? 0,
      zones: this.zonesOf(facing),
    })),
  );
  protected readonly fits = computed(() => {
    const [record, shop] = [this.record(), this.context.shop()];
    return record ? { tub: fitsIn(record.box, shop.tub), cabinet: fitsIn(record.box, shop.cabinet) } : null;
  });
  /** the file in hand is not the one of the document */
  protected readonly fresh = computed(
    () => this.read() !== null && JSON.stringify({ ...this.record(), file: null }) !== JSON.stringify({ ...this.kept(), file: null }),
  );

  protected async open(files: FileList | null | undefined): Promise<void> {
    const file = files?.[0];
    this.over.set(false);
    if (!file) return;
    if (file.size > LARGEST) return this.trouble.set(`${file.name} has ${Math.round(file.size / 1e6)} MB; up to 64 MB are read.`);
    this.file.set({ bytes: new Uint8Array(await file.arrayBuffer()), name: file.name, stored: null });
    this.measure();
  }

  /** The file that was kept on the server, read again. */
  protected reopen(): void {
    const kept = this.kept();
    if (!kept?.file) return;
    this.trouble.set(null);
    this.api.get(this.context.jobId(), kept.file).subscribe({
      next: (bytes) => {
        this.file.set({ bytes: new Uint8Array(bytes), name: kept.name, stored: kept.file });
        this.measure();
      },
      error: (error: unknown) =>
        this.trouble.set(failureOf(error).kind === 'missing' ? 'The file is not on this server.' : 'The server is not reached.'),
    });
  }

  protected turn(up: UpAxis): void {
    this.up.set(up);
    if (this.file()) this.measure();
  }

  private measure(): void {
    const file = this.file();
    if (!file) return;
    this.cancel();
    this.trouble.set(null);
    this.progress.set(0);
    const up = this.up();
    this.reading = this.planner.run('mesh', { bytes: file.bytes, name: file.name, up }).subscribe((report) => {
      if (report.kind === 'progress') return this.progress.set(report.value);
      this.progress.set(null);
      if (report.kind === 'done') this.read.set({ name: file.name, up, reading: report.value });
      else this.trouble.set(report.reason);
    });
  }

  protected cancel(): void {
    this.reading?.unsubscribe();
    this.progress.set(null);
  }

  /** Part and zone take the figures; the file goes to the server, and where that fails the figures stay. */
  protected take(how: 'zone' | 'facings'): void {
    const [record, file, zone] = [this.record(), this.file(), this.context.zone()];
    if (!record || !zone) return;
    this.context.editPart('mesh', (part) => ({
      ...part,
      mesh: record,
      box: record.box,
      zones: part.zones.flatMap((known) =>
        known.id !== zone.id ? [known] : how === 'zone' ? [shaped(known, record, 'all')] : byFacing(known, record),
      ),
    }));
    if (!file || file.stored) return;
    const id = newId();
    this.api.put(this.context.jobId(), id, file.name, new Blob([file.bytes as BlobPart])).subscribe({
      next: () => {
        this.file.set({ ...file, stored: id });
        this.context.editPart('mesh file', (part) => (part.mesh ? { ...part, mesh: { ...part.mesh, file: id } } : part));
      },
      error: () =>
        this.trouble.set('The figures are taken; the file itself could not be kept on the server, so the view will be gone after a reload.'),
    });
  }

  protected forget(): void {
    this.context.editPart('mesh', (part) => ({
      ...part,
      mesh: null,
      zones: part.zones.map((zone) =>
        zone.shape.kind === 'mesh' ? { ...zone, shape: { kind: 'entered', area: m2(zone.shape.area * zone.shape.count) } } : zone,
      ),
    }));
    this.read.set(null);
    this.file.set(null);
  }

  private zonesOf = (facing: (typeof FACINGS)[number]): string =>
    (this.context.part()?.zones ?? [])
      .filter(({ shape }) => shape.kind === 'mesh' && (shape.facing === facing || shape.facing === 'all'))
      .map(({ name }) => name)
      .join(', ');
}

const shaped = (zone: Zone, record: MeshRecord, facing: 'all' | (typeof FACINGS)[number]): Zone => ({
  ...zone,
  shape: { kind: 'mesh', facing, area: m2(facing === 'all' ? record.area : record.facing[facing]), count: 1 },
});

/** One zone for each way that faces look; the first keeps the zone's own id, with its patches and tests. */
function byFacing(zone: Zone, record: MeshRecord): Zone[] {
  const looks = FACINGS.filter((facing) => record.facing[facing] > SLIVER * record.area);
  return looks.map((facing, i) => {
    const base =
      i === 0
        ? zone
        : {
            ...newZone(zone.name, newId),
            stack: zone.stack.map((layer) => ({ ...layer, id: newId() })),
            condition: zone.condition,
            access: zone.access,
          };
    return shaped({ ...base, name: `${zone.name}, ${FACING[facing]}`.slice(0, 80), orientation: facing }, record, facing);
  });
}
