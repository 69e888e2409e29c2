import { inject, Injectable, signal } from '@angular/core';
import { firstValueFrom } from 'rxjs';
import { fileAddress, FilesApi } from '../api/files-api';
import { failureOf, type Failure } from '../api/problem';
import { Toasts } from '../ui/toast.service';
import { LocalStore } from './local-store';

/** A photo that was taken, and where it belongs. */
export interface TakenPhoto {
  readonly job: string;
  readonly file: string;
  readonly name: string;
  readonly bytes: Blob;
}

const PHOTO = 'photo.';
/** ms until the server is tried again, and until it is asked again for a job that it has not got. */
const RETRY_AFTER = 5000;
const ASK_AFTER = 60_000;

/** Photos on their way to the server: kept in this browser until it has them, through reload and a lost network. */
@Injectable({ providedIn: 'root' })
export class PhotoQueue {
  private readonly api = inject(FilesApi);
  private readonly store = inject(LocalStore);
  private readonly toasts = inject(Toasts);
  private readonly shown = new Map<string, string>();
  private sending = false;
  private again: ReturnType<typeof setTimeout> | undefined;
  /** photos that the server has not got yet, as far as this page knows */
  readonly waiting = signal<readonly TakenPhoto[]>([]);

  /** Takes up what an earlier page has left. */
  start(): void {
    this.store.all(PHOTO).subscribe((kept) => {
      const known = new Set(this.waiting().map(({ file }) => file));
      this.waiting.update((own) => [...own, ...kept.flatMap(([, value]) => (isPhoto(value) && !known.has(value.file) ? [value] : []))]);
      void this.send();
    });
  }

  add(photo: TakenPhoto): void {
    this.store.keep(PHOTO + photo.file, photo);
    this.waiting.update((all) => [...all, photo]);
    void this.send();
  }

  /** Where a photo is shown from: this browser as long as it waits, then the server. */
  addressOf(job: string, file: string): string {
    const own = this.waiting().find((photo) => photo.file === file);
    if (!own) return fileAddress(job, file);
    const address = this.shown.get(file) ?? URL.createObjectURL(own.bytes);
    this.shown.set(file, address);
    return address;
  }

  /** One after the other; what the server will not have is told and given up, what it cannot take yet is tried again. */
  private async send(): Promise<void> {
    if (this.sending) return;
    this.sending = true;
    clearTimeout(this.again);
    let wait = ASK_AFTER;
    // Those that are taken meanwhile as well.
    const tried = new Set<string>();
    const next = (): TakenPhoto | undefined => this.waiting().find(({ file }) => !tried.has(file));
    for (let photo = next(); photo; photo = next()) {
      tried.add(photo.file);
      const failure = await this.put(photo);
      if (failure?.kind === 'offline') {
        wait = RETRY_AFTER;
        break;
      }
      // A job that was made without the server comes to it a moment later.
      if (failure?.kind === 'missing') continue;
      if (failure) this.toasts.say(`A photo was not kept: ${failure.kind === 'refused' ? failure.reason : 'another one has its place'}.`);
      this.forget(photo.file);
    }
    this.sending = false;
    if (this.waiting().length > 0) this.again = setTimeout(() => void this.send(), wait);
  }

  private put = ({ job, file, name, bytes }: TakenPhoto): Promise<Failure | null> =>
    firstValueFrom(this.api.put(job, file, name, bytes)).then(
      () => null,
      (error: unknown) => failureOf(error),
    );

  private forget(file: string): void {
    this.store.drop(PHOTO + file);
    this.waiting.update((all) => all.filter((photo) => photo.file !== file));
    const address = this.shown.get(file);
    if (address) URL.revokeObjectURL(address);
    this.shown.delete(file);
  }
}

function isPhoto(value: unknown): value is TakenPhoto {
  if (typeof value !== 'object' || value === null) return false;
  const { job, file, name, bytes } = value as Partial<Record<keyof TakenPhoto, unknown>>;
  return typeof job === 'string' && typeof file === 'string' && typeof name === 'string' && bytes instanceof Blob;
}
