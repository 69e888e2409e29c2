import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { NzInputModule } from 'ng-zorro-antd/input';
import { JobContext } from '../../state/job-context';
import { newId } from '../../state/new-id';
import { PhotoQueue } from '../../state/photo-queue';
import { PictureClient } from '../../workers/picture-client';

const MOST = 12;

/** Photos of the part, made small here and kept on the server; they go on the order sheet. */
@Component({
  selector: 'lb-photo-strip',
  imports: [NzInputModule],
  template: `
    @if (context.part(); as part) {
      <div class="block"><h2>Photos</h2><span class="soft small">of {{ part.name }}; they go on the order sheet</span></div>
      <div class="photos">
        @for (photo of part.photos; track photo.file) {
          <figure>
            <img [src]="address(photo.file)" [alt]="photo.caption || 'photo of ' + part.name" (error)="lost($event)" />
            <input nz-input type="text" maxlength="120" placeholder="what it shows" [attr.aria-label]="'Caption of photo ' + ($index + 1)" [value]="photo.caption" (change)="caption(photo.file, $any($event.target).value)" />
            <button type="button" class="link small" (click)="drop(photo.file)">Remove</button>
          </figure>
        }
        @if (part.photos.length < most) {
          <div><button type="button" class="btn quiet" [disabled]="busy()" (click)="picker.click()">{{ busy() ? 'Keeping…' : 'Add photos' }}</button>
          <input #picker type="file" class="sr" accept="image/*" multiple tabindex="-1" aria-label="Photos of the part" (change)="add(picker)" /></div>
        }
      </div>
      @if (trouble(); as reason) { <p class="note stop" role="alert"><b>Not kept</b>{{ reason }}</p> }
    }
  `,
  styles: `
    .photos { display: flex; flex-wrap: wrap; gap: 12px; margin-bottom: 18px; align-items: flex-start; }
    figure { width: 150px; }
    img { width: 150px; height: 104px; object-fit: cover; border: 1px solid var(--line); border-radius: 4px; display: block; background: var(--sunk); }
    input[type='text'] { width: 100%; margin: 4px 0 2px; font: inherit; font-size: 12.5px; color: var(--ink); background: var(--sheet); border: 1px solid var(--line-strong); border-radius: 4px; padding: 3px 6px; }
    .note { margin-bottom: 14px; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PhotoStrip {
  protected readonly context = inject(JobContext);
  private readonly photos = inject(PhotoQueue);
  private readonly pictures = inject(PictureClient);
  protected readonly most = MOST;
  protected readonly busy = signal(false);
  protected readonly trouble = signal<string | null>(null);

  protected address = (file: string): string => this.photos.addressOf(this.context.jobId(), file);
  protected lost = (event: Event): void => (event.target as HTMLImageElement).setAttribute('alt', 'the photo is not on this server');

  protected async add(picker: HTMLInputElement): Promise<void> {
    const chosen = [...(picker.files ?? [])].slice(0, MOST - (this.context.part()?.photos.length ?? 0));
    picker.value = '';
    this.trouble.set(null);
    this.busy.set(true);
    for (const file of chosen) await this.keep(file);
    this.busy.set(false);
  }

  private async keep(file: File): Promise<void> {
    const small = await this.pictures.shrink(file);
    if (!small) return this.trouble.set(`${file.name} is not a picture that this browser can read.`);
    const id = newId();
    this.photos.add({ job: this.context.jobId(), file: id, name: file.name, bytes: small });
    this.context.editPart(`photo ${id}`, (part) => ({ ...part, photos: [...part.photos, { file: id, caption: '' }] }));
  }

  protected caption = (file: string, caption: string): void =>
    this.context.editPart(`caption ${file}`, (part) => ({
      ...part,
      photos: part.photos.map((photo) => (photo.file === file ? { ...photo, caption } : photo)),
    }));
  protected drop = (file: string): void =>
    this.context.editPart(`photo ${file}`, (part) => ({ ...part, photos: part.photos.filter((photo) => photo.file !== file) }));
}
