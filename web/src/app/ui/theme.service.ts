import { effect, Injectable, signal } from '@angular/core';

export type Theme = 'light' | 'dark';

const KEY = 'lift-bare.theme';

/** Light or dark; follows the machine until somebody chooses. */
@Injectable({ providedIn: 'root' })
export class ThemeService {
  readonly theme = signal<Theme>(this.first());

  constructor() {
    effect(() => {
      document.documentElement.dataset['theme'] = this.theme();
    });
  }

  /** Called once so that the theme is set before anything is drawn. */
  start(): void {
    document.documentElement.dataset['theme'] = this.theme();
  }

  toggle(): void {
    this.theme.update((theme) => (theme === 'light' ? 'dark' : 'light'));
    localStorage.setItem(KEY, this.theme());
  }

  private first(): Theme {
    const kept = localStorage.getItem(KEY);
    if (kept === 'light' || kept === 'dark') return kept;
    return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light';
  }
}
