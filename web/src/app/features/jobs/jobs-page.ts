import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, effect, inject, signal, viewChild, type ElementRef } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Job } from '@lift-bare/core';
import { readJob } from '@lift-bare/core/before-planning';
import { NzPaginationModule } from 'ng-zorro-antd/pagination';
import { firstValueFrom, switchMap } from 'rxjs';
import { NzTableModule } from 'ng-zorro-antd/table';
import { NzInputModule } from 'ng-zorro-antd/input';
import { Api, PAGE, type JobSummary, type Shelf } from '../../api/api';
import { failureOf } from '../../api/problem';
import { JobActions } from '../../state/job.actions';
import { jobsFeature } from '../../state/job.reducer';
import { JobVersions } from './job-versions';
import { newId } from '../../state/new-id';
import { shopFeature } from '../../state/shop.reducer';
import { ThemeService } from '../../ui/theme.service';
import { TourState } from '../../ui/tour/tour-state';
import { ToastBar } from '../../ui/toast-bar';
import { Toasts } from '../../ui/toast.service';
import { Today } from '../../ui/today';
import { Units } from '../../ui/units.service';
import { saveFile } from '../../ui/save-file';
import { ITEM_KINDS } from '../../ui/words';

/** All jobs of the shop with their state. */
@Component({
  selector: 'lb-jobs-page',
  imports: [NzInputModule, NzTableModule, RouterLink, DatePipe, ToastBar, Today, NzPaginationModule, JobVersions],
  templateUrl: './jobs-page.html',
  styleUrl: './jobs-page.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(document:keydown)': 'pressed($event)' },
})
export class JobsPage {
  private readonly store = inject(Store);
  private readonly api = inject(Api);
  private readonly router = inject(Router);
  private readonly toasts = inject(Toasts);
  protected readonly units = inject(Units);
  protected readonly theme = inject(ThemeService);
  protected readonly tour = inject(TourState);
  protected readonly kinds: Readonly<Record<string, string>> = ITEM_KINDS;

  protected readonly shop = this.store.selectSignal(shopFeature.selectDocument);
  protected readonly listState = this.store.selectSignal(jobsFeature.selectListState);
  private readonly list = this.store.selectSignal(jobsFeature.selectList);
  protected readonly search = signal('');
  protected readonly shelf = signal<Shelf>('open');
  protected readonly page = signal(1);
  /** the job whose further actions are shown */
  protected readonly expanded = signal<string | null>(null);
  /** the job whose earlier versions are shown */
  protected readonly past = signal<string | null>(null);
  protected readonly renaming = signal<string | null>(null);
  protected readonly fileTrouble = signal<readonly string[]>([]);
  protected readonly jobs = computed(() => this.list().jobs);
  /** a job that explains itself; null: none of those listed */
  protected readonly worked = computed(() => this.jobs().find(({ figures }) => (figures?.notes ?? 0) > 1) ?? null);
  protected readonly counts = computed(() => this.list().counts);
  protected readonly size = PAGE;
  protected readonly shelves: readonly { readonly shelf: Shelf; readonly label: string }[] = [
    { shelf: 'open', label: 'Jobs' },
    { shelf: 'archive', label: 'Archive' },
    { shelf: 'bin', label: 'Bin' },
  ];
  private readonly find = viewChild<ElementRef<HTMLInputElement>>('find');

  private readonly nameField = viewChild<ElementRef<HTMLInputElement>>('name');

  constructor() {
    effect(() => this.nameField()?.nativeElement.select());
    this.look();
  }

  protected searched(text: string): void {
    this.search.set(text);
    this.page.set(1);
    this.look();
  }

  protected open(shelf: Shelf): void {
    this.shelf.set(shelf);
    this.page.set(1);
    this.look();
  }

  protected turnTo(page: number): void {
    this.page.set(page);
    this.look();
  }

  private look(): void {
    this.store.dispatch(JobActions.listRequested({ query: { search: this.search(), shelf: this.shelf(), page: this.page() } }));
  }

  /** A job went back to an earlier version: where it is open here it is read anew. */
  protected wentBack(job: JobSummary): void {
    this.past.set(null);
    this.expanded.set(null);
    this.toasts.say(`${job.name} is as it was then.`);
    this.look();
  }

  protected restore(job: JobSummary): void {
    this.store.dispatch(JobActions.restored({ id: job.id }));
    this.toasts.say(`${job.name} is back among the jobs.`);
  }

  private create(document: Job): void {
    const id = newId();
    this.store.dispatch(JobActions.created({ id, document }));
    void this.router.navigate(['/jobs', id, 'intake']);
  }

  protected async duplicate(job: JobSummary): Promise<void> {
    const document = await this.read(job);
    if (!document) return;
    this.store.dispatch(JobActions.created({ id: newId(), document: { ...document, name: `${document.name} copy`.slice(0, 80) } }));
    this.toasts.say(`${job.name} duplicated.`);
  }

  protected async rename(job: JobSummary, name: string): Promise<void> {
    this.renaming.set(null);
    if (name.trim() !== '' && name !== job.name) await this.change(job, (document) => ({ ...document, name: name.trim() }));
  }

  protected async archive(job: JobSummary): Promise<void> {
    if (await this.change(job, (document) => ({ ...document, archived: !document.archived })))
      this.toasts.say(`${job.name} ${job.archived ? 'taken out of the archive' : 'archived'}.`);
  }

  protected remove(job: JobSummary): void {
    this.store.dispatch(JobActions.removed({ id: job.id }));
    this.toasts.say(`${job.name} is in the bin.`, { label: 'Undo', run: () => this.store.dispatch(JobActions.restored({ id: job.id })) });
  }

  protected async download(job: JobSummary): Promise<void> {
    const document = await this.read(job);
    if (document) saveFile(`${job.name}.lift-bare.json`, JSON.stringify(document, null, 2));
  }

  /** What is kept of a job that does not read as one any more, so that it can be looked at and mended by hand. */
  protected async rescue(job: JobSummary): Promise<void> {
    const kept = await firstValueFrom(this.api.rawJob(job.id)).catch((error: unknown) => this.fail(error));
    if (kept) saveFile(`${job.name}.json`, kept.document);
  }

  /** A job file through the same door as every other document. */
  protected async opened(input: HTMLInputElement): Promise<void> {
    const file = input.files?.[0];
    input.value = '';
    if (!file) return;
    const read = await readFile(file);
    this.fileTrouble.set(read.ok ? [] : read.reasons);
    if (read.ok) this.create(read.job);
  }

  protected pressed(event: KeyboardEvent): void {
    const inField = event.target instanceof HTMLElement && event.target.closest('input, textarea') !== null;
    if (inField || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === 'n') void this.router.navigate(['/new']);
    if (event.key === '/') {
      event.preventDefault();
      this.find()?.nativeElement.focus();
    }
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') this.walk(event);
  }

  private walk(event: KeyboardEvent): void {
    const links = [...document.querySelectorAll<HTMLElement>('a.open-job')];
    const at = links.indexOf(document.activeElement as HTMLElement);
    const next = links[Math.min(links.length - 1, Math.max(0, at + (event.key === 'ArrowDown' ? 1 : -1)))];
    if (!next) return;
    event.preventDefault();
    next.focus();
  }

  private async read(job: JobSummary): Promise<Job | null> {
    return firstValueFrom(this.api.getJob(job.id)).then(
      ({ document }) => document,
      (error: unknown) => this.fail(error),
    );
  }

  /** Changes a job that is not open; answers whether it was saved. */
  private async change(job: JobSummary, change: (document: Job) => Job): Promise<boolean> {
    const saving = this.api.getJob(job.id).pipe(switchMap(({ version, document }) => this.api.saveJob(job.id, version, change(document))));
    const saved = await firstValueFrom(saving).catch((error: unknown) => this.fail(error));
    this.look();
    return saved !== null;
  }

  private fail(error: unknown): null {
    this.store.dispatch(JobActions.actionFailed({ failure: failureOf(error) }));
    return null;
  }
}

const LARGEST = 4 * 1024 * 1024;

async function readFile(file: File): Promise<{ ok: true; job: Job } | { ok: false; reasons: string[] }> {
  if (file.size > LARGEST) return { ok: false, reasons: [`${file.name} is larger than 4 MB; no job is`] };
  try {
    const read = readJob(JSON.parse(await file.text()));
    return read.ok
      ? { ok: true, job: read.value }
      : { ok: false, reasons: read.issues.slice(0, 6).map(({ path, reason }) => `${path.join(' › ') || file.name}: ${reason}`) };
  } catch {
    return { ok: false, reasons: [`${file.name} is not JSON`] };
  }
}
