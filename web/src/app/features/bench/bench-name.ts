import { Injectable, signal } from '@angular/core';

const KEY = 'lift-bare.bench.name';

/** Who taps on this screen; goes to the log with each tap. */
@Injectable({ providedIn: 'root' })
export class BenchName {
  readonly name = signal(localStorage.getItem(KEY) ?? 'Bench');

  set(name: string): void {
    const kept = name.trim().slice(0, 40) || 'Bench';
    this.name.set(kept);
    localStorage.setItem(KEY, kept);
  }
}
