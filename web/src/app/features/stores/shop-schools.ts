import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { SCHOOLS, Schools, type SchoolId, type SchoolSide, type Shop, type Difference } from '@lift-bare/core';
import { forkJoin, of, switchMap, type Subscription } from 'rxjs';
import { Api } from '../../api/api';
import { Units } from '../../ui/units.service';
import { PlannerClient } from '../../workers/planner-client';
import type { JobDifferences } from '../../workers/tasks';
import { gatherDifferences } from './gather-differences';
import { ShopEditor } from './shop-editor';

/** Characters of an answer that are shown. */
const LONGEST = 68;

/** Points on which practitioners disagree: both sides, the default and why; switching shows what changes in open jobs. */
@Component({
  selector: 'lb-shop-schools',
  template: `
    <div class="two">
      <div>
        <p class="soft">Points on which sound practitioners disagree. The plan follows the side chosen here. Common practice, no source.</p>
        @for (school of schools; track school.id) {
          <fieldset [id]="school.id">
            <legend>{{ school.question }}</legend>
            @for (side of school.sides; track side.value) {
              <label class="side" [class.on]="editor.shop().schools[school.id] === side.value"><input type="radio" [name]="school.id" [value]="side.value" [checked]="editor.shop().schools[school.id] === side.value" (change)="choose(school.id, side)" /><span><b>{{ units.text(side.label) }}</b> {{ units.text(side.says) }}</span></label>
            }
            <p class="basis">Default: {{ units.text(school.usual) }}</p>
          </fieldset>
        }
      </div>
      <div class="effects" aria-live="polite">
        <h2>What a switch changes</h2>
        @if (switched(); as what) {
          <p><b>{{ what }}</b> @if (working() !== null) { <span class="soft">planning open jobs, {{ working() }} %</span> }</p>
          @for (job of changes(); track job.name) {
            <div class="note"><b>{{ job.name }}</b>
              @for (change of gathered(job); track $index) { <p class="small"><strong>{{ change.what }}</strong> {{ brief(change, change.before) }} → {{ brief(change, change.after) }} <span class="soft">{{ change.where }}</span></p> }
            </div>
          } @empty { @if (working() === null) { <p class="soft">No open job plans differently.</p> } }
        } @else { <p class="soft">Choose another side of a school: every open job is planned both ways and the differences stand here.</p> }
      </div>
    </div>
  `,
  styleUrl: './shop-part.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShopSchools {
  protected readonly editor = inject(ShopEditor);
  protected readonly units = inject(Units);
  private readonly api = inject(Api);
  private readonly planner = inject(PlannerClient);
  protected readonly schools = SCHOOLS;
  protected readonly switched = signal<string | null>(null);
  protected readonly working = signal<number | null>(null);
  protected readonly changes = signal<readonly JobDifferences[]>([]);
  private asking: Subscription | null = null;

  protected choose(id: SchoolId, side: SchoolSide): void {
    const before = this.editor.shop();
    const after: Shop = { ...before, schools: Schools.parse({ ...before.schools, [id]: side.value }) };
    if (!this.editor.set('schools', after.schools)) return;
    this.switched.set(`${id}: ${side.label}`);
    this.compare(before, after);
  }

  private compare(before: Shop, after: Shop): void {
    this.asking?.unsubscribe();
    this.changes.set([]);
    this.working.set(0);
    this.asking = this.api
      .listJobs()
      .pipe(
        switchMap(({ jobs }) => (jobs.length === 0 ? of([]) : forkJoin(jobs.map(({ id }) => this.api.getJob(id))))),
        switchMap((stored) =>
          this.planner.run('compare', { jobs: stored.map(({ document }) => ({ name: document.name, document })), before, after }),
        ),
      )
      .subscribe({
        next: (report) => {
          if (report.kind === 'progress') this.working.set(Math.round(100 * report.value));
          else this.working.set(null);
          if (report.kind === 'done') this.changes.set(report.value);
        },
        error: () => this.working.set(null),
      });
  }

  protected gathered = gatherDifferences;
  protected brief({ what }: Difference, text: string): string {
    if (what === 'cost') return this.units.money(Number(text));
    return this.units.text(text.length > LONGEST ? `${text.slice(0, LONGEST)}…` : text);
  }
}
