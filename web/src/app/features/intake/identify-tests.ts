import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { applyTest, CATALOGUE, TEST_BASIS, type TestName, type TestRecord, type TestResult } from '@lift-bare/core';
import { formatISO } from 'date-fns';
import { updatePart } from '../../state/document-edits';
import { JobContext } from '../../state/job-context';
import { newId } from '../../state/new-id';
import { resultText, TEST_GUIDES } from './test-guide';

/** Tests that identify material and coating: how each is done, its answers as buttons, and what has been recorded. */
@Component({
  selector: 'lb-identify-tests',
  template: `
    @if (context.zone(); as zone) {
      <div class="block"><h2>Find out what it is</h2><span class="soft small">a recorded test sets the fields that it decides</span></div>
      <div class="tests" role="group" aria-label="Identification tests">
        @for (guide of guides; track guide.test) { <button type="button" class="btn quiet small" [attr.aria-expanded]="open() === guide.test" (click)="open.set(open() === guide.test ? null : guide.test)">{{ guide.title }}@if (last(guide.test); as text) { <span class="soft">{{ text }}</span> }</button> }
      </div>
      @for (guide of guides; track guide.test) {
        @if (open() === guide.test) {
          <div class="note guide"><p>{{ guide.how }}</p>
            <p class="answers">@for (answer of guide.answers(zone, layerName); track answer.label) { <button type="button" class="btn quiet small" (click)="record(answer.result)">{{ answer.label }}</button> }</p>
            <p class="basis">Basis: {{ basis[guide.test].source }}.</p>
          </div>
        }
      }
      @for (entry of zone.tests; track entry.id) { <p class="small entry">{{ entry.day }} {{ titleOf(entry.result.test) }}: {{ text(entry.result) }} <button type="button" class="link" (click)="remove(entry)" [attr.aria-label]="'remove ' + titleOf(entry.result.test)">remove</button></p> }
    }
  `,
  styles: `
    .tests, .answers { display: flex; flex-wrap: wrap; gap: 6px; }
    .tests .soft { margin-left: 6px; font-weight: 400; }
    .tests [aria-expanded='true'] { background: var(--act-bg); }
    :host { display: block; margin-bottom: 18px; }
    .guide { margin: 8px 0 0; }
    .answers { margin: 8px 0; }
    .answers .btn { background: var(--sheet); }
    .entry { margin: 6px 0 0; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class IdentifyTests {
  protected readonly context = inject(JobContext);
  protected readonly guides = TEST_GUIDES;
  protected readonly basis = TEST_BASIS;
  protected readonly open = signal<TestName | null>(null);
  private readonly names = computed(
    () => new Map(this.context.zone()?.stack.map(({ id, coating }) => [id, CATALOGUE.coatings[coating].name.toLowerCase()])),
  );
  protected readonly layerName = (id: string): string => this.names().get(id) ?? 'a layer that is gone';

  protected text = (result: TestResult): string => resultText(result, this.layerName);
  protected titleOf = (test: TestName): string => TEST_GUIDES.find((guide) => guide.test === test)?.title ?? test;
  protected last(test: TestName): string | null {
    const record = this.context.zone()?.tests.findLast(({ result }) => result.test === test);
    return record ? this.text(record.result) : null;
  }

  protected record(result: TestResult): void {
    const part = this.context.part();
    const zoneId = this.context.zoneId();
    if (!part || !zoneId) return;
    const record: TestRecord = { id: newId(), day: formatISO(new Date(), { representation: 'date' }), result, note: '' };
    this.context.edit(`test ${record.id}`, (job) => updatePart(job, part.id, (known) => applyTest(known, zoneId, record)));
    this.open.set(null);
  }

  protected remove({ id }: TestRecord): void {
    this.context.editZone(`remove test ${id}`, (zone) => ({ ...zone, tests: zone.tests.filter((record) => record.id !== id) }));
  }
}
