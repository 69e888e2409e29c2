import { ChangeDetectionStrategy, Component, inject, input, output, signal } from '@angular/core';
import type { Operation } from '@lift-bare/core';
import { NzInputModule } from 'ng-zorro-antd/input';
import { newId } from '../../state/new-id';
import { PhotoQueue } from '../../state/photo-queue';
import { PictureClient } from '../../workers/picture-client';
import type { Said } from './step-card';

const MOMENTS = ['before', 'during', 'after'] as const;

/** A short text, spoken or typed, and photos before, while and after. */
@Component({
  selector: 'lb-note-entry',
  imports: [NzInputModule],
  template: `
    <form (submit)="$event.preventDefault(); note(text.value); text.value = ''">
      <label>Note<input nz-input #text type="text" maxlength="600" placeholder="what surprised" /></label>
      <button class="keep">Keep</button>
      @for (moment of moments; track moment) {
        <label class="photo"><span>Photo {{ moment }}</span><input type="file" accept="image/*" capture="environment" (change)="photo($any($event.target), moment)" /></label>
      }
      @if (says(); as text) { <p role="status">{{ text }}</p> }
    </form>
  `,
  styleUrl: './entry.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NoteEntry {
  readonly job = input.required<string>();
  readonly operation = input.required<Operation>();
  readonly said = output<Said>();

  private readonly photos = inject(PhotoQueue);
  private readonly pictures = inject(PictureClient);
  protected readonly moments = MOMENTS;
  protected readonly says = signal<string | null>(null);

  protected note(text: string): void {
    if (text.trim() !== '') this.said.emit({ entry: { what: 'noted', operation: this.operation().id }, note: text.trim() });
  }

  protected async photo(picker: HTMLInputElement, moment: (typeof MOMENTS)[number]): Promise<void> {
    const [chosen] = [...(picker.files ?? [])];
    picker.value = '';
    if (!chosen) return;
    this.says.set('Keeping the photo…');
    const small = await this.pictures.shrink(chosen);
    if (!small) return this.says.set('This is no picture that the browser can read.');
    const file = newId();
    const zone = this.operation().faces[0]?.zone ?? null;
    this.photos.add({ job: this.job(), file, name: `${moment}.jpg`, bytes: small });
    this.said.emit({ entry: { what: 'photo', operation: this.operation().id, zone, file, moment }, note: '' });
  }
}
