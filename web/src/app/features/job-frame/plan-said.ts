import { ChangeDetectionStrategy, Component, effect, inject, signal } from '@angular/core';
import { counted, planNews, type Plan, type PlanNews } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { moreOrLess } from '../../ui/more-or-less';
import { Units } from '../../ui/units.service';

/** ms without another plan after which it is told what has changed: nobody hears a word about each letter that is typed. */
const QUIET = 900;
/** Zones that are named in one breath. */
const NAMED = 3;

/** What an edit did to the plan, told briefly to whoever does not see the figures move. */
@Component({
  selector: 'lb-plan-said',
  template: `<p class="sr" role="status">{{ says() }}</p>`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PlanSaid {
  private readonly context = inject(JobContext);
  private readonly units = inject(Units);
  protected readonly says = signal('');

  constructor() {
    let told: { readonly job: string; readonly plan: Plan } | null = null;
    effect((onCleanup) => {
      const [job, plan] = [this.context.jobId(), this.context.plan()];
      if (!plan) return;
      const timer = setTimeout(() => {
        const news = told?.job === job ? planNews(told.plan, plan) : null;
        told = { job, plan };
        if (news) this.says.set(this.sentence(news));
      }, QUIET);
      onCleanup(() => clearTimeout(timer));
    });
  }

  /** "Plan: Outer skins by soda blast; 1 stop more; 2 questions fewer; 2 h less by hand; € 30 dearer." */
  private sentence({ methods, stops, questions, hand, cost }: PlanNews): string {
    const named = methods
      .slice(0, NAMED)
      .map(({ partName, zoneName, chosen }) => `${partName}, ${zoneName}: ${chosen ? this.units.inline(chosen.name) : 'no method any more'}`);
    const others = methods.length - named.length;
    const said = [
      ...named,
      ...(others > 0 ? [`${others} more take another method`] : []),
      moreOrLess(stops.after - stops.before, (count) => counted(count, 'stop'), ['more', 'fewer']),
      moreOrLess(questions.after - questions.before, (count) => counted(count, 'question'), ['more', 'fewer']),
      moreOrLess(hand.after - hand.before, this.units.hands, ['more by hand', 'less by hand']),
      moreOrLess(cost.after - cost.before, this.units.money, ['dearer', 'cheaper']),
    ];
    return `Plan: ${said.filter((part) => part !== '').join('; ')}.`;
  }
}
