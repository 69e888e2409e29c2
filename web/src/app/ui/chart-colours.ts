import { computed, inject, Injectable } from '@angular/core';
import { ThemeService } from './theme.service';

export interface Colours {
  readonly act: string;
  readonly care: string;
  readonly ink: string;
  readonly soft: string;
  readonly line: string;
  readonly stop: string;
  readonly ground: string;
}

/** The colours of the theme as a canvas wants them. */
@Injectable({ providedIn: 'root' })
export class ChartColours {
  private readonly theme = inject(ThemeService).theme;
  readonly colours = computed((): Colours => {
    this.theme();
    const style = getComputedStyle(document.documentElement);
    const read = (name: string): string => style.getPropertyValue(name).trim();
    return {
      act: read('--act'),
      care: read('--care'),
      ink: read('--ink'),
      soft: read('--soft'),
      line: read('--line'),
      stop: read('--stop'),
      ground: read('--ground'),
    };
  });
}
