import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { SHOP_TABS } from '../../ui/shop-tabs';
import { ToastBar } from '../../ui/toast-bar';
import { ShopAir } from './shop-air';
import { ShopCalendar } from './shop-calendar';
import { ShopContractors } from './shop-contractors';
import { ShopCopies } from './shop-copies';
import { ShopEditor } from './shop-editor';
import { ShopFigures } from './shop-figures';
import { ShopNumbers } from './shop-numbers';
import { ShopPaperwork } from './shop-paperwork';
import { ShopOwnRows } from './shop-own-rows';
import { ShopPeople } from './shop-people';
import { ShopRecord } from './shop-record';
import { ShopSchools } from './shop-schools';
import { ShopScreens } from './shop-screens';
import { ShopTemplates } from './shop-templates';

/** The shop profile in its parts: figures and kit, air and papers, calendar, people, contractors, schools, own products; and the copies of all of it. */
@Component({
  selector: 'lb-shop-page',
  imports: [
    RouterLink,
    ToastBar,
    ShopFigures,
    ShopAir,
    ShopPaperwork,
    ShopNumbers,
    ShopCalendar,
    ShopContractors,
    ShopPeople,
    ShopSchools,
    ShopOwnRows,
    ShopCopies,
    ShopRecord,
    ShopScreens,
    ShopTemplates,
  ],
  providers: [ShopEditor],
  templateUrl: './shop-page.html',
  styleUrl: './stores.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShopPage {
  /** from the address */
  readonly tab = input('figures');
  protected readonly editor = inject(ShopEditor);
  protected readonly parts = SHOP_TABS;
}
