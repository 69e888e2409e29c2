import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { HoursField } from '../../ui/hours-field';
import { DaysOffField } from './days-off-field';
import { ShopEditor } from './shop-editor';
import { ShopForecast } from './shop-forecast';
import { WeekHoursField } from './week-hours';

/** When the shop works: hours of the week, and the days on which it is closed. */
@Component({
  selector: 'lb-shop-calendar',
  imports: [WeekHoursField, HoursField, DaysOffField, ShopForecast],
  template: `
    <h2>Hours of work</h2>
    <p class="soft">Spells of a day, such as 8-12, 13-17. A day without any is closed. Whoever works at other hours has them under People.</p>
    <lb-week-hours [value]="editor.shop().hours" (changed)="editor.set('hours', $event)" />
    <h2>Quiet hours</h2>
    <p class="soft">When neighbours or the place allow no noise, each day: no grinding, blasting or hammering is planned in them. Such as 12-14, 18-22.</p>
    <div class="form"><lb-hours label="Quiet hours" placeholder="none" [value]="editor.shop().quiet" (changed)="editor.set('quiet', $event)" /></div>
    <h2>Closed</h2>
    <lb-days-off label="Closed days" [value]="editor.shop().closed" (changed)="editor.set('closed', $event)" />
    <lb-shop-forecast />
    <p class="basis">Unattended work goes on through nights and closed days. Closed days hold for everybody, whatever their own hours.</p>
  `,
  styleUrl: './shop-part.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShopCalendar {
  protected readonly editor = inject(ShopEditor);
}
