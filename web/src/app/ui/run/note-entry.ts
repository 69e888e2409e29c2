import { ChangeDetectionStrategy, Component, inject, input, output, signal } from '@angular/core';
import type { Operation } from '@lift-bare/core';
import { FilesApi } from '../../api/files-api';
import { newId } from '../../state/new-id';
import { shrinkPhoto } from '../shrink-photo';
import type { Said } from './step-card';

const MOMENTS = ['before', 'during', 'after'] as const;

/** A short text, spoken or typed, and photos before, while and after. */
@Component({
  selector: 'lb-note-entry',
  template: `
    <form (submit)="$event.preventDefault(); note(text.value); text.value = ''">
      <label>Note<input #text type="text" maxlength="600" placeholder="what surprised" /></label>
      <button class="keep">Keep</button>
      @for (moment of moments; track moment) {
        <label class="photo"><span>Photo {{ moment }}</span><input type="file" accept="image/*" capture="environment" (change)="photo($any($event.target), moment)" /></label>
      }
      @if (says(); as text) { <p role="status">{{ text }}</p> }
    </form>
  `,
  styleUrl: './entry.css',
  styles: `
    .photo { position: relative; min-height: 52px; min-width: 90px; background: var(--sunk); border-radius: 7px; place-items: center; align-content: center; color: var(--ink); font-size: 15px; }
    .photo input { position: absolute; inset: 0; opacity: 0; cursor: pointer; }
    .photo:focus-within { outline: 2px solid var(--act); }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NoteEntry {
  readonly job = input.required<string>();
  readonly operation = input.required<Operation>();
  readonly said = output<Said>();

  private readonly files = inject(FilesApi);
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
    const small = await shrinkPhoto(chosen);
    if (!small) return this.says.set('This is no picture that the browser can read.');
    const file = newId();
    const zone = this.operation().faces[0]?.zone ?? null;
    this.files.put(this.job(), file, `${moment}.jpg`, small).subscribe({
      next: () => this.said.emit({ entry: { what: 'photo', operation: this.operation().id, zone, file, moment }, note: '' }),
      error: () => this.says.set('The photo is not kept: the server is not reached. Take it again later.'),
    });
  }
}
