import { ApplicationRef, DestroyRef, DOCUMENT, effect, inject, signal, type Signal } from '@angular/core';

/**
 * How many of a list are drawn: some at once, and as many again in each turn after it, so that a long list does not hold up the page. Before
 * printing all of them are. To be called where a component is made. @param of how many there are @param some drawn in one turn
 */
export function drawnOf(of: () => number, some: number): Signal<number> {
  const drawn = signal(some);
  const app = inject(ApplicationRef);
  const page = inject(DOCUMENT).defaultView;
  const all = (): void => {
    drawn.set(Infinity);
    app.tick();
  };
  page?.addEventListener('beforeprint', all);
  inject(DestroyRef).onDestroy(() => page?.removeEventListener('beforeprint', all));
  effect((onCleanup) => {
    if (drawn() >= of()) return;
    const turn = setTimeout(() => drawn.update((count) => count + some));
    onCleanup(() => clearTimeout(turn));
  });
  return drawn.asReadonly();
}
