import { Injectable, signal } from '@angular/core';

const KEY = 'lift-bare.bench.name';
const NOBODY = 'Bench';

/** Who works on this screen; goes to the log with each tap, and to the history of a job with each save. */
@Injectable({ providedIn: 'root' })
export class Who {
  readonly name = signal(localStorage.getItem(KEY) ?? NOBODY);

  set(name: string): void {
    const kept = name.trim().slice(0, 40) || NOBODY;
    this.name.set(kept);
    localStorage.setItem(KEY, kept);
  }

  /** for a header, which takes plain letters only; nothing where nobody has said */
  readonly header = (): Record<string, string> => (this.name() === NOBODY ? {} : { 'X-Lift-Bare-Name': encodeURIComponent(this.name()) });
}
