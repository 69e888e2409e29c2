import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { daySheets, fromTo, spanText, type Schedule, type ScheduledWork, type SheetBy } from '@lift-bare/core';
import { startOfDay } from 'date-fns';
import { NzTableModule } from 'ng-zorro-antd/table';
import { Units } from '../../ui/units.service';

/** What is on for each person, part or plant on one day or on all of them: to work from, and to print. */
@Component({
  selector: 'lb-day-sheet',
  imports: [NzTableModule, RouterLink],
  template: `
    @for (sheet of sheets(); track sheet.day) {
      <section class="sheet">
        <h2>{{ sheet.label }}</h2>
        @for (one of sheet.groups; track one.name) {
          <h3>{{ one.name }} <span class="soft small">{{ hours(one.minutes) }} of hands</span></h3>
          @if (one.wear.length > 0 && by() === 'person') { <p class="wear small">To wear: {{ one.wear.join('; ') }}.</p> }
          <nz-table nzTemplateMode>
            <thead class="sr"><tr><th>Time</th><th>Step</th><th>Afterwards</th></tr></thead>
            <tbody>
              @for (line of one.lines; track line.work.id + line.from + line.person) {
                <tr [class.on]="line.work.id === selected()" [class.done]="line.work.state === 'done'">
                  <td class="when">{{ span(line.from, line.to) }}@if (by() !== 'person') { <span class="soft who">{{ line.person }}</span> }</td>
                  <td>
                    <a [routerLink]="['/jobs', line.work.job, 'run-sheet']" [fragment]="'step-' + line.work.number">{{ line.work.number }}</a> {{ units.text(line.work.title) }} <span class="soft">{{ placesOf(line.work) }}</span>
                    @if (jobs()?.get(line.work.job); as job) { <b class="small">{{ job }}</b> }@if (line.goesOn) { <span class="soft">, goes on</span> }@if (line.work.state !== 'planned') { <span class="flag ok">{{ line.work.state }}</span> }
                    @if (!line.goesOn && line.work.hold; as hold) { <span class="hold"><span class="box" aria-hidden="true"></span> Go on only when: {{ units.text(hold) }}</span> }
                  </td>
                  <td class="then">{{ line.then }}</td>
                </tr>
              }
            </tbody>
          </nz-table>
        }
      </section>
    } @empty { <p class="soft">{{ by() === 'plant' ? 'Nothing takes booth, blasting place or tub.' : 'Nothing is on.' }}</p> }
  `,
  styleUrl: './day-sheet.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DaySheet {
  readonly schedule = input.required<Schedule>();
  /** ms within the day; null: every day */
  readonly day = input<number | null>(null);
  readonly by = input<SheetBy>('person');
  readonly selected = input<string | null>(null);
  /** names of the jobs where the sheet is of several */
  readonly jobs = input<ReadonlyMap<string, string> | null>(null);
  protected readonly units = inject(Units);
  protected readonly sheets = computed(() => {
    const day = this.day();
    return daySheets(this.schedule(), this.by()).filter((sheet) => day === null || sheet.day === startOfDay(day).getTime());
  });
  protected span = fromTo;
  protected hours = spanText;
  protected placesOf = ({ where }: ScheduledWork): string => where.join(', ');
}
