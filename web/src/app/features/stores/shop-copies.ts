import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { NzPopconfirmModule } from 'ng-zorro-antd/popconfirm';
import { NzTableModule } from 'ng-zorro-antd/table';
import type { Observable } from 'rxjs';
import { BackupApi, type Backup, type BackupContent, type Taken } from '../../api/backup-api';
import { failureOf } from '../../api/problem';

const WHY: Readonly<Record<Backup['why'], string>> = {
  timed: 'by the clock',
  asked: 'asked for',
  migration: 'before a new version',
  restore: 'before going back',
};
/** Jobs of a copy that are named. */
const NAMED = 12;

/** Copies of the whole shop: one now, what is in one, one to take away, one to go back to. */
@Component({
  selector: 'lb-shop-copies',
  imports: [DatePipe, NzTableModule, NzPopconfirmModule],
  template: `
    <h2>Copies of the shop</h2>
    <p class="soft">All jobs, photos, meshes, the bench and its log, in one file each. One is made every six hours, before a new version changes anything, and before going back to another. They lie in the folder backups beside the database: take one away now and then, a copy on the same disk goes with it.</p>
    <p class="acts"><button type="button" class="btn" [disabled]="busy()" (click)="make()">{{ busy() ? 'At it…' : 'Back up now' }}</button></p>
    @if (says(); as text) { <p [class]="text.ok ? 'note ok' : 'note stop'" role="status"><b>{{ text.ok ? 'Done' : 'Not done' }}</b>{{ text.text }}</p> }
    <nz-table #table [nzData]="copies()" nzSize="small" [nzShowPagination]="copies().length > 20" [nzPageSize]="20" [nzNoResult]="'No copy yet.'">
      <thead><tr><th>Made</th><th>Why</th><th class="num">Size</th><th><span class="sr">What to do with it</span></th></tr></thead>
      <tbody>
        @for (copy of table.data; track copy.name) {
          <tr>
            <td>{{ copy.at | date: 'EEE d MMM yyyy, HH:mm' }}</td>
            <td>{{ why[copy.why] }}</td>
            <td class="num">{{ megabytes(copy.size) }}</td>
            <td>
              <button type="button" class="btn plain small" (click)="look(copy)">Look into it</button>
              <a class="btn plain small" [href]="api.fileOf(copy.name)" download>Take it away</a>
              <button type="button" class="btn plain small" nz-popconfirm nzPopconfirmTitle="Go back to this copy? The shop as it is now is copied first." nzOkText="Go back to it" nzCancelText="No" (nzOnConfirm)="goBackTo(copy)">Go back to it</button>
            </td>
          </tr>
          @if (looked()?.name === copy.name) {
            <tr><td colspan="4" class="soft">{{ contentText(looked()!.content) }}</td></tr>
          }
        }
      </tbody>
    </nz-table>
    <h2>In open formats</h2>
    <p class="soft">One ZIP of everything: each job as JSON, the shop, the log of the bench and the readings as tables, photos and meshes as they are. Taken in, jobs are added; none that is here is changed.</p>
    <p class="acts">
      <a class="btn quiet" [href]="api.bundle" download>Save all of it</a>
      <label class="btn quiet">Take jobs in <input type="file" class="sr" accept=".zip,application/zip" (change)="take($any($event.target))" /></label>
    </p>
    <p class="soft">Tables, with the unit of each column in its head: the log of the bench, and the readings of the climate probe. Readings of another probe come in the same way: time, air, humidity, and the part where it was measured.</p>
    <p class="acts">
      <a class="btn quiet" [href]="api.log" download>Save the log</a>
      <a class="btn quiet" [href]="api.readings" download>Save readings</a>
      <label class="btn quiet">Take readings in <input type="file" class="sr" accept=".csv,text/csv" (change)="takeReadings($any($event.target))" /></label>
    </p>
    <p class="basis">Without the server: npm run backup, and npm run restore with the name of a copy while the server is stopped.</p>
  `,
  styleUrl: './shop-part.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShopCopies {
  protected readonly api = inject(BackupApi);
  protected readonly copies = signal<Backup[]>([]);
  protected readonly busy = signal(false);
  protected readonly says = signal<{ readonly ok: boolean; readonly text: string } | null>(null);
  protected readonly looked = signal<{ readonly name: string; readonly content: BackupContent } | null>(null);
  protected readonly why = WHY;

  constructor() {
    this.read();
  }

  protected make = (): void => this.does(this.api.make(), () => 'The copy is made.');

  protected look({ name }: Backup): void {
    if (this.looked()?.name === name) this.looked.set(null);
    else this.does(this.api.look(name), (content) => (this.looked.set({ name, content }), null));
  }

  protected goBackTo = ({ name }: Backup): void =>
    this.does(this.api.goBackTo(name), () => {
      // Everything on this page is of the shop that was.
      setTimeout(() => location.assign('/'), 1200);
      return 'The shop is as it was then. What it was a moment ago is a copy now, first in this list.';
    });

  /** Jobs of a bundle: added, left as they are here, or kept beside. */
  protected take(input: HTMLInputElement): void {
    const [file] = input.files ?? [];
    input.value = '';
    if (file) this.does(this.api.take(file), takenText);
  }

  protected takeReadings(input: HTMLInputElement): void {
    const [file] = input.files ?? [];
    input.value = '';
    if (file) this.does(this.api.takeReadings(file), ({ taken }) => `${taken} ${taken === 1 ? 'reading' : 'readings'} taken in.`);
  }

  protected megabytes = (bytes: number): string => `${(bytes / 1_048_576).toFixed(1)} MB`;

  protected contentText({ jobs, events, files }: BackupContent): string {
    const names = jobs.slice(0, NAMED).map(({ name }) => name);
    const more = jobs.length > NAMED ? ` and ${jobs.length - NAMED} more` : '';
    return `${jobs.length} ${jobs.length === 1 ? 'job' : 'jobs'}${jobs.length > 0 ? `: ${names.join(', ')}${more}` : ''}. ${files} ${files === 1 ? 'file' : 'files'}, ${events} taps of the bench.`;
  }

  private read(): void {
    this.api.list().subscribe({ next: (copies) => this.copies.set([...copies]), error: (error: unknown) => this.fail(error) });
  }

  /** @param done what is said of it; null: nothing */
  private does<T>(call: Observable<T>, done: (answer: T) => string | null): void {
    this.busy.set(true);
    call.subscribe({
      next: (answer) => {
        const text = done(answer);
        this.says.set(text === null ? null : { ok: true, text });
        this.busy.set(false);
        this.read();
      },
      error: (error: unknown) => this.fail(error),
    });
  }

  private fail(error: unknown): void {
    const failure = failureOf(error);
    this.busy.set(false);
    this.says.set({
      ok: false,
      text: failure.kind === 'refused' ? failure.reason : failure.kind === 'offline' && failure.says ? failure.says : 'The server is not reached.',
    });
  }
}

function takenText({ made, known, beside, refused }: Taken): string {
  const told = (text: string, of: readonly string[]): string[] => (of.length === 0 ? [] : [`${text}: ${of.join(', ')}.`]);
  const says = [
    ...told('Added', made),
    ...told('Here already', known),
    ...told('Kept beside what is here', beside),
    ...told(
      'Not taken',
      refused.map(({ path, reason }) => `${path} (${reason})`),
    ),
  ];
  return says.join(' ') || 'There was no job in it.';
}
