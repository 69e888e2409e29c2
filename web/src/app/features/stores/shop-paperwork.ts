import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import type { Paperwork } from '@lift-bare/core';
import { NzUploadModule, type NzUploadFile } from 'ng-zorro-antd/upload';
import { ChoiceField } from '../../ui/choice-field';
import { FigureField } from '../../ui/figure-field';
import { MoneyField } from '../../ui/money-field';
import { TextField } from '../../ui/text-field';
import { drawn } from '../../workers/shrink';
import { ShopEditor } from './shop-editor';

/** px of the longer side of a logo: 150 pt at 200 dots an inch. */
const LOGO = 420;

/** How the shop prices, and what its papers say. */
@Component({
  selector: 'lb-shop-paperwork',
  imports: [ChoiceField, FigureField, MoneyField, TextField, NzUploadModule],
  template: `
    <h2>Price</h2>
    <p class="soft">Price = cost ÷ (1 − margin). Cost: hands at the labour rate, materials, contractors, waste and travel. A quote may have a margin of its own.</p>
    <div class="form">
      <lb-figure label="Margin" unit="% of price" [most]="90" [value]="own().margin" (changed)="set({ margin: $event ?? 0 })" />
      <lb-choice label="Materials are priced" [value]="own().materials" [options]="materials" (changed)="set({ materials: $event })" />
      <lb-money label="Getting rid of waste" unit="/kg" [value]="own().wasteRate" (changed)="set({ wasteRate: $event })" />
      <lb-money label="Travel" unit="/km" [value]="own().travelRate" (changed)="set({ travelRate: $event })" />
      <lb-text label="Tax is called" [value]="own().taxName" [most]="20" (changed)="set({ taxName: $event })" />
      <lb-figure label="Tax" unit="%" placeholder="none added" [most]="60" [value]="own().taxRate || undefined" (changed)="set({ taxRate: $event ?? 0 })" />
      <lb-choice label="Tax is rounded" [value]="own().taxBy" [options]="taxes" (changed)="set({ taxBy: $event })" />
      <lb-figure label="A quote is valid for" unit="days" [least]="1" [most]="365" [value]="own().validDays" (changed)="set({ validDays: $event ?? 30 })" />
    </div>
    <h2>Letterhead</h2>
    <div class="form">
      <lb-text class="full" label="Address" [value]="own().address" [lines]="2" [most]="300" (changed)="set({ address: $event })" />
      <lb-text class="wide" label="Telephone, mail" [value]="own().contact" [most]="120" (changed)="set({ contact: $event })" />
      <lb-text label="Tax number" [value]="own().taxNumber" [most]="40" (changed)="set({ taxNumber: $event })" />
      <lb-choice label="Paper" [value]="own().page" [options]="pages" (changed)="set({ page: $event })" />
      <div class="field wide">
        <span class="label">Logo, PNG or JPEG</span>
        <span class="logo">
          @if (own().logo !== '') { <img [src]="own().logo" alt="Logo as it stands on papers" /> }
          <nz-upload nzAccept="image/png,image/jpeg" [nzShowUploadList]="false" [nzBeforeUpload]="take"><span class="btn quiet small">{{ own().logo === '' ? 'Choose a picture' : 'Another one' }}</span></nz-upload>
          @if (own().logo !== '') { <button type="button" class="link small" (click)="set({ logo: '' })">Take it out</button> }
        </span>
        @if (unread()) { <span class="error" role="alert">this picture cannot be read, or stays too large</span> }
      </div>
    </div>
    <h2>Words</h2>
    <div class="form">
      <lb-text class="full" label="Never in a quote" [value]="own().excluded" [lines]="2" [most]="1200" (changed)="set({ excluded: $event })" />
      <lb-text class="full" label="Warranty, on the certificate" [value]="own().warranty" [lines]="2" [most]="1200" (changed)="set({ warranty: $event })" />
      <lb-text class="full" label="Care of the new finish, on the certificate" [value]="own().care" [lines]="2" [most]="1200" (changed)="set({ care: $event })" />
    </div>
  `,
  styleUrl: './shop-part.css',
  styles: `
    .logo { display: flex; align-items: center; gap: 12px; }
    .logo img { max-height: 54px; max-width: 150px; background: #fff; padding: 4px; }
    .label { display: block; font-size: 12px; color: var(--soft); margin-bottom: 4px; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShopPaperwork {
  private readonly editor = inject(ShopEditor);
  protected readonly own = (): Paperwork => this.editor.shop().paperwork;
  protected readonly unread = signal(false);
  protected readonly materials = [
    { value: 'bought' as const, label: 'by whole packs' },
    { value: 'used' as const, label: 'by use' },
  ];
  protected readonly taxes = [
    { value: 'total' as const, label: 'on the total' },
    { value: 'line' as const, label: 'on each line' },
  ];
  protected readonly pages = [
    { value: 'A4' as const, label: 'A4' },
    { value: 'LETTER' as const, label: 'US Letter' },
  ];

  protected set = (change: Partial<Paperwork>): boolean => this.editor.set('paperwork', { ...this.own(), ...change });

  /** Nothing is uploaded: the picture is made small here and kept in the profile. */
  protected readonly take = (file: NzUploadFile): boolean => {
    void this.keep(file as unknown as Blob);
    return false;
  };

  private async keep(picture: Blob): Promise<void> {
    try {
      const canvas = await drawn(picture, LOGO);
      this.unread.set(!this.set({ logo: await addressOf(await canvas.convertToBlob({ type: 'image/png' })) }));
    } catch {
      this.unread.set(true);
    }
  }
}

function addressOf(blob: Blob): Promise<string> {
  return new Promise((read, failed) => {
    const reader = new FileReader();
    reader.onload = () => read(String(reader.result));
    reader.onerror = () => failed(new Error('not read'));
    reader.readAsDataURL(blob);
  });
}
