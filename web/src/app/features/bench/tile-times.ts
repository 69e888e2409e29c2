import { DatePipe } from '@angular/common';
import { RouterLink } from '@angular/router';
import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { checkMove, estimateDwell, type LogLine, type Reading, type SectionTimer } from '@lift-bare/core';
import { NzInputModule } from 'ng-zorro-antd/input';
import { stopwatch } from './tile-words';
import { atTimeOfDay } from './time-of-day';

export interface Correction {
  readonly kind: 'moved' | 'taken-back' | 'set-aside';
  readonly target: string | null;
  /** ms; null: now */
  readonly at: number | null;
  readonly note: string;
}

const KINDS: Readonly<Record<string, string>> = {
  issued: 'Put on the bench',
  'laid-on': 'Laid on',
  blistered: 'Blistered',
  scraped: 'Scraped',
  're-applied': 'Re-applied',
  rinsed: 'Rinsed',
  moved: 'Time corrected',
  'taken-back': 'Taken back',
  'set-aside': 'Set aside',
};

/** What happened to a section, each time correctable. */
@Component({
  selector: 'lb-tile-times',
  imports: [NzInputModule, DatePipe, RouterLink],
  template: `
    <ol>
      @for (line of timer().log; track line.event.id) {
        <li [class.out]="line.ignored !== null">
          <span><b>{{ kinds[line.event.kind] }}</b>@if (line.ignored) { <em>does not count: {{ line.ignored }}</em> }@if (against(line); as seen) { <em>{{ seen }}</em> }@if (line.event.note) { <em>{{ line.event.note }}</em> }</span>
          @if (correctable(line)) {
            <input nz-input type="text" inputmode="numeric" size="8" maxlength="8" autocomplete="off" [value]="line.at | date: 'HH:mm:ss'" [attr.aria-label]="'Time of ' + kinds[line.event.kind]" (change)="move(line, $any($event.target).value)" />
            <button type="button" (click)="corrected.emit({ kind: 'taken-back', target: line.event.id, at: null, note: '' })">Take back</button>
          } @else { <time>{{ line.at | date: 'HH:mm:ss' }}</time> }
          @if (trouble()?.id === line.event.id) { <em class="error" role="alert">{{ trouble()?.text }}</em> }
        </li>
      }
    </ol>
    @if (watched()) {
      <form (submit)="setAside($event, why.value)">
        <input nz-input #why type="text" maxlength="200" placeholder="why these times say nothing" aria-label="Reason to set the times aside" />
        <button type="submit">Set aside</button>
      </form>
    }
    <a class="wide" [routerLink]="['/jobs', timer().issued.job, 'strip']" [queryParams]="{ zone: timer().issued.zone, show: 'trouble' }">What went wrong?</a>
    @if (removable(); as first) { <button type="button" class="wide" (click)="corrected.emit({ kind: 'taken-back', target: first, at: null, note: '' })">Take this section off the bench</button> }
  `,
  styleUrl: './tile-times.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TileTimes {
  readonly timer = input.required<SectionTimer>();
  /** ms, the shop's time */
  readonly now = input.required<number>();
  readonly readings = input<readonly Reading[]>([]);
  readonly corrected = output<Correction>();

  protected readonly kinds = KINDS;
  protected readonly trouble = signal<{ readonly id: string; readonly text: string } | null>(null);
  /** there is a dwell that later plans learn from */
  protected readonly watched = computed(() => this.timer().setAside === null && this.timer().rounds.some(({ blisteredAt }) => blisteredAt !== null));
  protected readonly removable = computed(() => this.timer().log.find(({ event }) => event.kind === 'issued')?.event.id ?? null);

  /** "after 6:32, expected 9:04": what a lift took against what was expected under the same readings */
  protected against({ event: { kind }, at, ignored }: LogLine): string {
    const { rounds, issued } = this.timer();
    const round = rounds.findIndex(({ blisteredAt }) => blisteredAt === at);
    const record = rounds[round];
    if (kind !== 'blistered' || ignored !== null || !record) return '';
    const during = this.readings().filter((reading) => Date.parse(reading.at) <= at);
    return `after ${stopwatch((at - record.laidAt) / 60_000)}, expected ${stopwatch(estimateDwell(issued, round, record.laidAt, during).likely)}`;
  }

  protected correctable = ({ event: { kind }, ignored }: LogLine): boolean =>
    ignored === null && ['laid-on', 'blistered', 'scraped', 're-applied', 'rinsed'].includes(kind);

  protected move(line: LogLine, text: string): void {
    const at = atTimeOfDay(text, line.at);
    const wrong = checkMove(this.timer(), line.event, at, this.now());
    this.trouble.set(wrong === null ? null : { id: line.event.id, text: `Not taken: ${text || 'this'} ${wrong}.` });
    if (wrong === null) this.corrected.emit({ kind: 'moved', target: line.event.id, at, note: '' });
  }

  protected setAside(event: Event, note: string): void {
    event.preventDefault();
    if (note.trim() !== '') this.corrected.emit({ kind: 'set-aside', target: null, at: null, note: note.trim() });
  }
}
