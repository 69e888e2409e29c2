import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import type { Operation } from '@lift-bare/core';
import { JobContext } from '../state/job-context';
import { TextField } from './text-field';

/** Leaves a step of the chosen zone out against the plan, with the reason in writing, or takes it in again. */
@Component({
  selector: 'lb-leave-out',
  imports: [TextField],
  template: `
    @if (left()) {
      <button type="button" class="link small no-print" (click)="restore()" [attr.aria-label]="'take in again: ' + operation().title">take it in again</button>
    } @else if (asking()) {
      <div class="why">
        <lb-text label="Why it is left out, in writing" [value]="reason()" [most]="400" placeholder="stays on the run sheet" (changed)="reason.set($event)" />
        <button type="button" class="btn quiet" [disabled]="reason().trim() === ''" (click)="leave()">Leave it out</button>
        <button type="button" class="btn plain" (click)="asking.set(false)">Keep it</button>
      </div>
    } @else {
      <button type="button" class="link small no-print" (click)="asking.set(true)" [attr.aria-label]="'leave out: ' + operation().title">leave it out…</button>
    }
  `,
  styles: ':host { margin-left: 14px; } .why { display: flex; gap: 8px; align-items: end; flex-wrap: wrap; } lb-text { flex: 1 1 240px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LeaveOut {
  readonly operation = input.required<Operation>();
  private readonly context = inject(JobContext);
  protected readonly asking = signal(false);
  protected readonly reason = signal('');
  protected readonly left = computed(() => this.context.zone()?.leftOut.some(({ kind }) => kind === this.operation().kind) ?? false);

  protected leave(): void {
    const { kind } = this.operation();
    const reason = this.reason().trim();
    this.context.editZone(`left out ${kind}`, (zone) => ({
      ...zone,
      leftOut: [...zone.leftOut.filter((known) => known.kind !== kind), { kind, reason }],
    }));
    this.asking.set(false);
    this.reason.set('');
  }

  protected restore(): void {
    const { kind } = this.operation();
    this.context.editZone(`left out ${kind}`, (zone) => ({ ...zone, leftOut: zone.leftOut.filter((known) => known.kind !== kind) }));
  }
}
