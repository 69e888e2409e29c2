import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, effect, inject, input, output, signal } from '@angular/core';
import type { Job } from '@lift-bare/core';
import { switchMap, type Observable } from 'rxjs';
import { Api, type OldVersion } from '../../api/api';
import { failureOf } from '../../api/problem';
import { saveFile } from '../../ui/save-file';

/** What a job was before: looked at in a few words, saved as a file, or gone back to; going back is one more version. */
@Component({
  selector: 'lb-job-versions',
  imports: [DatePipe],
  template: `
    @if (trouble(); as text) { <p class="note stop" role="alert"><b>Not done</b>{{ text }}</p> }
    @for (one of versions() ?? []; track one.version) {
      <p>
        <b>{{ one.at | date: 'EEE d MMM, HH:mm' }}</b>
        @if (one.by !== '') { <span>{{ one.by }}</span> }
        <span class="soft">{{ one.changes }}</span>
        @if (one.current) { <span class="flag">as it is now</span> }
        @else {
          <button type="button" class="btn plain small" (click)="look(one)">Look at it</button>
          <button type="button" class="btn plain small" (click)="take(one)">Save as file</button>
          <button type="button" class="btn plain small" (click)="goBack(one)">Go back to it</button>
        }
        @if (looked()?.version === one.version) { <span class="soft">{{ looked()!.says }}</span> }
      </p>
    } @empty { <p class="soft">{{ versions() === null ? 'Reading…' : 'It has not been changed since it was made.' }}</p> }
  `,
  styles: 'p { margin: 4px 0; display: flex; flex-wrap: wrap; gap: 4px 12px; align-items: baseline; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class JobVersions {
  readonly jobId = input.required<string>();
  /** gone back: the job is another one now */
  readonly changed = output<void>();

  private readonly api = inject(Api);
  protected readonly versions = signal<readonly OldVersion[] | null>(null);
  protected readonly looked = signal<{ readonly version: number; readonly says: string } | null>(null);
  protected readonly trouble = signal<string | null>(null);

  constructor() {
    effect(() => this.does(this.api.versions(this.jobId()), (versions) => this.versions.set(versions)));
  }

  protected look = ({ version }: OldVersion): void =>
    this.does(this.api.version(this.jobId(), version), (job) => this.looked.set({ version, says: inWords(job) }));

  protected take = ({ version }: OldVersion): void =>
    this.does(this.api.version(this.jobId(), version), (job) =>
      saveFile(`${job.name}, version ${version}.lift-bare.json`, JSON.stringify(job, null, 2)),
    );

  protected goBack({ version }: OldVersion): void {
    const id = this.jobId();
    const old = this.api.version(id, version);
    const saved = this.api.getJob(id).pipe(switchMap((now) => old.pipe(switchMap((document) => this.api.saveJob(id, now.version, document)))));
    this.does(saved, () => this.changed.emit());
  }

  private does<T>(call: Observable<T>, done: (answer: T) => void): void {
    this.trouble.set(null);
    call.subscribe({
      next: done,
      error: (error: unknown) => {
        const failure = failureOf(error);
        this.trouble.set(
          failure.kind === 'refused'
            ? failure.reason
            : failure.kind === 'missing'
              ? 'It is not kept any more.'
              : 'The server is not reached, or the job was changed meanwhile. Try again.',
        );
      },
    });
  }
}

function inWords({ name, parts, finish }: Job): string {
  const zones = parts.reduce((sum, part) => sum + part.zones.length, 0);
  const counted = (count: number, one: string): string => `${count} ${one}${count === 1 ? '' : 's'}`;
  return `${name}: ${counted(parts.length, 'part')} (${parts
    .slice(0, 4)
    .map((part) => part.name)
    .join(', ')}${parts.length > 4 ? ', …' : ''}), ${counted(zones, 'zone')}, ${finish === null ? 'no topcoat chosen' : 'topcoat chosen'}.`;
}
