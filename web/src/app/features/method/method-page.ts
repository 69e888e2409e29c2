import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { countsMoney, ruleFactor, scoreParts, type MethodOption, type MethodPiece, type ScoreParts } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { JobContext } from '../../state/job-context';
import { FindingNote } from '../../ui/finding-note';
import { TermHelp } from '../../ui/term';
import { Units } from '../../ui/units.service';
import { WhyButton } from '../../ui/why-button';
import { GRADES } from '../../ui/words';
import { BreakEvenNotes } from './break-even-notes';
import { CompareTable } from './compare-table';
import { Openings } from './openings';
import { OverrideForm } from './override-form';
import { VERDICTS, WEIGHED } from './method-words';
import { WeighedBar } from './weighed-bar';
import { WholeJob } from './whole-job';
import { ZoneMapPicture } from './zone-map';
import { pieceShare } from './zone-map-geometry';

/** Methods that fit side by side. */
const MOST_COMPARED = 3;
/** A bar is full at this many times the cheapest. */
const FULL = 2;

/** All methods for a zone, ranked, composed and comparable; refused ones with the reason; without a zone, the choice for the whole job. */
@Component({
  selector: 'lb-method-page',
  imports: [
    NzTableModule,
    WhyButton,
    FindingNote,
    OverrideForm,
    ZoneMapPicture,
    CompareTable,
    Openings,
    BreakEvenNotes,
    WholeJob,
    WeighedBar,
    TermHelp,
    RouterLink,
  ],
  templateUrl: './method-page.html',
  styleUrls: ['../../ui/page.css', './method-page.css', './weighed-parts.css'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MethodPage {
  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly grades = GRADES;
  protected readonly verdicts = VERDICTS;

  protected readonly open = computed(() => this.context.zonePlan()?.options.filter(({ verdict }) => verdict !== 'ruled-out') ?? []);
  protected readonly refused = computed(() => this.context.zonePlan()?.options.filter(({ verdict }) => verdict === 'ruled-out') ?? []);
  protected readonly chosen = computed(() => this.context.zonePlan()?.chosen ?? null);
  /** the ruled-out method somebody is about to choose all the same */
  protected readonly asking = linkedSignal<string | null, MethodOption | null>({ source: () => this.context.zoneId(), computation: () => null });
  protected readonly choice = computed(() => this.context.zone()?.choice ?? null);
  /** keys of the methods that stand side by side */
  protected readonly comparing = linkedSignal<string | null, readonly string[]>({ source: () => this.context.zoneId(), computation: () => [] });
  protected readonly sideBySide = linkedSignal<string | null, boolean>({ source: () => this.context.zoneId(), computation: () => false });
  protected readonly compared = computed(() => this.context.zonePlan()?.options.filter(({ key }) => this.comparing().includes(key)) ?? []);
  protected readonly cautions = computed(
    () => this.chosen()?.findings.filter(({ severity }) => severity === 'caution' || severity === 'require' || severity === 'rule-out') ?? [],
  );
  protected readonly reasons = computed(() => this.chosen()?.findings.filter(({ severity }) => severity === 'prefer') ?? []);
  protected readonly checks = computed(() => this.context.zonePlan()?.findings.filter(({ severity }) => severity !== 'prefer') ?? []);
  protected readonly runnerUp = computed(() => this.open().find(({ key }) => key !== this.chosen()?.key) ?? null);

  /** what the ranking looks at: the weighted cost of each option by its parts */
  protected readonly weighed = computed((): ReadonlyMap<string, ScoreParts> => {
    const facts = this.context.facts();
    const options = this.context.zonePlan()?.options ?? [];
    const withMoney = countsMoney(options);
    return new Map(facts ? options.map((option) => [option.key, scoreParts(option, facts, withMoney)]) : []);
  });
  protected readonly fullBar = computed(() => FULL * Math.min(...this.open().map(({ score }) => score)));
  protected readonly parts = WEIGHED;

  protected choose(option: MethodOption, reason = ''): void {
    this.asking.set(null);
    this.context.editZone('choice', (zone) => ({ ...zone, choice: { method: option.method, at: option.at, reason, by: 'hand' as const } }));
  }

  protected share = (piece: MethodPiece): string => pieceShare(piece, this.context.zonePlan()?.area ?? 0);
  protected full = ({ key }: MethodOption): boolean => this.comparing().length >= MOST_COMPARED && !this.comparing().includes(key);

  protected compare({ key }: MethodOption): void {
    this.comparing.update((keys) => (keys.includes(key) ? keys.filter((known) => known !== key) : [...keys, key]));
  }

  protected unpin(): void {
    this.context.editZone('choice', (zone) => ({ ...zone, choice: null }));
  }

  /** By what rules for and against a method make its bar shorter or longer, in words; '' where none speaks. */
  protected factor(option: MethodOption): string {
    const percent = Math.round(100 * (ruleFactor(option) - 1));
    return percent === 0 ? '' : `${percent > 0 ? '+' : '−'}${Math.abs(percent)} % by rules`;
  }

  /** The refusals in one line. */
  protected why(option: MethodOption): string {
    return option.findings
      .filter(({ severity }) => severity === 'rule-out')
      .map(({ reason }) => this.units.text(reason))
      .join(' ');
  }

  protected note(option: MethodOption): string {
    const cautions = option.findings.filter(({ severity }) => severity === 'caution').map(({ title }) => this.units.text(title));
    const prefers = option.findings.filter(({ severity }) => severity === 'prefer').map(({ title }) => this.units.text(title));
    return [...prefers, ...cautions].join(' · ');
  }
}
