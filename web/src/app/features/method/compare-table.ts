import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import type { MethodOption, ScoreParts } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { Units } from '../../ui/units.service';
import { GRADES } from '../../ui/words';
import { VERDICTS, WEIGHED } from './method-words';

interface Row {
  readonly label: string;
  readonly cells: readonly string[];
  /** index of the cell that is best, where one is */
  readonly best: number | null;
}

/** Up to three methods side by side. */
@Component({
  selector: 'lb-compare-table',
  imports: [NzTableModule],
  template: `
    <div class="head"><h2>Side by side</h2><button type="button" class="btn plain small" (click)="closed.emit()">Close</button></div>
    <nz-table nzTemplateMode>
      <thead><tr><th></th>@for (option of options(); track option.key) { <th>{{ option.name }}</th> }</tr></thead>
      <tbody>
        @for (row of rows(); track row.label) {
          <tr><th scope="row">{{ row.label }}</th>@for (cell of row.cells; track $index) { <td [class.best]="row.best === $index">{{ cell }}@if (row.best === $index) { <span class="sr">, best</span> }</td> }</tr>
        }
      </tbody>
    </nz-table>
  `,
  styles: `
    .head { display: flex; justify-content: space-between; align-items: baseline; }
    table { table-layout: fixed; }
    th[scope='row'] { width: 150px; border-bottom: 1px solid var(--line); text-align: left; font-weight: 500; color: var(--soft); font-size: 13px; }
    th:first-child { width: 150px; }
    td { font-size: 13.5px; overflow-wrap: anywhere; }
    .best { font-weight: 640; }
    .best::after { content: ' ◂'; color: var(--ok); }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CompareTable {
  readonly options = input.required<readonly MethodOption[]>();
  readonly weighed = input.required<ReadonlyMap<string, ScoreParts>>();
  readonly closed = output<void>();
  private readonly units = inject(Units);

  protected readonly rows = computed((): Row[] => {
    const { units } = this;
    const all = this.options();
    const words = (label: string, say: (option: MethodOption) => string): Row => ({ label, cells: all.map(say), best: null });
    const least = (label: string, value: (option: MethodOption) => number, say: (value: number) => string): Row => {
      const values = all.map(value);
      const lowest = Math.min(...values);
      return { label, cells: values.map(say), best: values.filter((v) => v === lowest).length === 1 ? values.indexOf(lowest) : null };
    };
    return [
      words('Verdict', ({ verdict }) => VERDICTS[verdict]),
      least('Hand time', ({ hand }) => hand, units.hands),
      least('Waiting time', ({ wait }) => wait, units.minutes),
      least('Then, to the primer', ({ after }) => after.hand, units.hands),
      least('Material', ({ material }) => material, units.money),
      least('Contractor', ({ outside }) => outside, units.money),
      least('Cost in all', ({ cost }) => cost, units.money),
      least('Weighted cost', ({ score }) => score, units.money),
      ...WEIGHED.map(({ part, name }) => least(`of it ${name}`, ({ key }) => this.weighed().get(key)?.[part] ?? 0, units.money)),
      least(
        'Waste',
        ({ waste }) => waste,
        (mass) => units.show(mass, 'mass'),
      ),
      least(
        'Dust or fume',
        ({ exposure }) => exposure,
        (grade) => GRADES[grade] ?? '',
      ),
      least(
        'Risk to the part',
        ({ risk }) => risk,
        (grade) => GRADES[grade] ?? '',
      ),
      words('Kit to buy', ({ lacks }) => lacks.map((name) => name.replace('Buy: ', '')).join(', ') || 'none'),
      words('Shared with others', ({ setUps }) => setUps.map(({ name }) => units.inline(name)).join(', ') || 'nothing'),
      words(
        'Leaves',
        ({ leaves, profile }) => `${units.text(leaves)}${profile !== null && profile > 0 ? `, Rz about ${units.show(profile, 'film')}` : ''}`,
      ),
      words(
        'Speaks against it',
        ({ findings }) =>
          findings
            .filter(({ severity }) => severity === 'rule-out' || severity === 'caution')
            .map(({ title }) => units.text(title))
            .join('; ') || 'nothing',
      ),
    ];
  });
}
