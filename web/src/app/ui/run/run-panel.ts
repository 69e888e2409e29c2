import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import {
  CATALOGUE,
  clockAt,
  isToldMissed,
  remedyOf,
  runSteps,
  withOwnRows,
  type Drying,
  type Run,
  type RunClock,
  type RunStep,
} from '@lift-bare/core';
import { shopFeature } from '../../state/shop.reducer';
import { RunBoards, type RunBoard } from '../../state/run-boards';
import { RunLog } from '../../state/run-log';
import { ShopNow } from '../../state/shop-now';
import { Who } from '../../state/who';
import { Toasts } from '../toast.service';
import { Units } from '../units.service';
import { ClockList } from './clock-list';
import { StepCard, type Said } from './step-card';

/** Steps that are shown whole, and in a line each. */
const CARDS = 3;
const LINES = 6;

interface Row {
  readonly board: RunBoard;
  readonly step: RunStep;
  /** min of hands, and when it was planned to begin, ms */
  readonly hand: number;
  readonly planned: number;
  readonly mine: boolean;
}

/** The whole run of the jobs under way on the bench: my steps now and next, and every clock by its urgency. */
@Component({
  selector: 'lb-run-panel',
  imports: [StepCard, ClockList, RouterLink],
  templateUrl: './run-panel.html',
  styleUrl: './run-panel.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RunPanel {
  /** only this job; all that run when left out */
  readonly job = input<string>();

  protected readonly boards = inject(RunBoards);
  private readonly log = inject(RunLog);
  private readonly time = inject(ShopNow);
  private readonly who = inject(Who);
  private readonly toasts = inject(Toasts);
  protected readonly units = inject(Units);
  private readonly shop = inject(Store).selectSignal(shopFeature.selectDocument);
  protected readonly catalogue = computed(() => withOwnRows(CATALOGUE, this.shop().ownRows));
  protected readonly resolution = computed(() => this.shop().scale);

  protected readonly own = computed(() => this.boards.all().filter(({ run }) => this.job() === undefined || run.job === this.job()));
  private readonly rows = computed(() =>
    this.own()
      .flatMap((board) => rowsOf(board, this.time.slow(), this.who.name()))
      .sort(byPlan),
  );
  protected readonly under = computed(() => this.rows().filter(({ step }) => step.state === 'under way' || step.state === 'paused'));
  /** whoever has no name here, or nothing planned, sees all */
  private readonly forMe = computed(() => {
    const mine = this.rows().filter(({ mine: own }) => own);
    return mine.length > 0 ? mine : this.rows();
  });
  protected readonly ready = computed(() => this.forMe().filter(({ step }) => step.state === 'ready'));
  protected readonly cards = computed(() => [...this.under(), ...this.ready()].slice(0, Math.max(CARDS, this.under().length + 1)));
  protected readonly next = computed(() => {
    const shown = new Set(this.cards().map(({ board, step }) => board.run.job + step.id));
    return this.forMe()
      .filter(({ board, step }) => step.state !== 'done' && !shown.has(board.run.job + step.id))
      .slice(0, LINES);
  });
  protected readonly progress = computed(() =>
    this.own().map(({ run, job, network }) => {
      const steps = runSteps(network, run, this.time.slow());
      return { id: run.job, name: job.name, done: steps.filter(({ state }) => state === 'done').length, of: steps.length };
    }),
  );
  protected readonly named = computed(() => this.own().length > 1);

  protected key = ({ board, step }: Row): string => board.run.job + step.id;

  protected say({ board, step }: Row, { entry, note }: Said): void {
    const id = this.log.say(board.run.job, entry, note);
    const words = { begun: 'Begun', done: 'Done', paused: 'Paused', 'went-on': 'Goes on', 'not-today': 'Put off to tomorrow' } as const;
    const word = entry.what in words ? words[entry.what as keyof typeof words] : 'Written down';
    this.toasts.say(`${word}: ${step.title}`, { label: 'Take back', run: () => this.log.takeBack(board.run.job, id) });
  }

  protected clocksOf = ({ clocks }: RunBoard): readonly RunClock[] =>
    clocks.filter((clock) => clockAt(clock, this.time.slow()).state !== 'ready' || clock.closes !== null);
  protected toldOf = ({ run, clocks }: RunBoard): ReadonlySet<string> =>
    new Set(clocks.filter((clock) => isToldMissed(run, clock)).map(({ id }) => id));

  protected missed({ run }: RunBoard, { id, missed, title }: RunClock): void {
    this.log.say(run.job, { what: 'missed', clock: id, remedy: missed?.kind ?? null }, missed?.says ?? '');
    this.toasts.say(`Written down: the window of ${title} was missed.`);
  }

  protected dried({ run }: RunBoard, { drying, dry }: { readonly drying: Drying; readonly dry: boolean }): void {
    const id = this.log.say(run.job, { what: 'dried', ...drying, dry });
    this.toasts.say(`${dry ? 'Dry' : 'Still wet'}: ${drying.item}`, { label: 'Take back', run: () => this.log.takeBack(run.job, id) });
  }

  /** What mends windows that were missed and has not been done yet. */
  protected readonly remedies = computed(() =>
    this.own().flatMap(({ run, clocks, job }) =>
      clocks.flatMap((clock) => (clock.missed && isToldMissed(run, clock) ? [{ run, job, clock, says: clock.missed.says }] : [])),
    ),
  );

  protected mended(run: Run, { work }: RunClock): void {
    const id = this.log.say(run.job, { what: 'done', work: remedyOf(work), zones: [] });
    this.toasts.say('Done again: the window runs anew from now', { label: 'Take back', run: () => this.log.takeBack(run.job, id) });
  }

  protected snooze(
    { run }: RunBoard,
    { clock, minutes, reason }: { readonly clock: RunClock; readonly minutes: number; readonly reason: string },
  ): void {
    this.log.say(run.job, { what: 'snoozed', clock: clock.id, minutes }, reason);
  }
}

function rowsOf(board: RunBoard, now: number, who: string): Row[] {
  const { run, network } = board;
  const planned = new Map(run.plan.works.map((work) => [work.id, work]));
  const today = new Date(now).toDateString();
  return runSteps(network, run, now).map((step, i): Row => {
    const own = planned.get(step.id);
    const off = run.putOff.get(step.id);
    // Put off it comes after all else of the day on which that was said.
    const start = off !== undefined && new Date(off).toDateString() === today ? Infinity : (own?.start ?? Infinity);
    return { board, step, hand: network.activities[i]?.hand ?? 0, planned: start, mine: own?.people.includes(who) === true };
  });
}

const byPlan = (a: Row, b: Row): number => a.planned - b.planned || a.step.operation.number - b.step.operation.number || 0;
