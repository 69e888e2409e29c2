import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { Units } from '../units.service';
import { draggedThickness, drawSection, reliefPath, type DrawnFilm, type SectionFilm } from './section-geometry';

export interface FilmDrag {
  readonly id: string;
  readonly thickness: number;
}

/** A line drawn across the films, measured from the top in µm. */
export interface DepthMark {
  readonly depth: number;
  readonly label: string;
}

interface Drag {
  readonly film: DrawnFilm;
  readonly startY: number;
  readonly scale: number;
}

/** The cross-section of a zone, to scale in µm: substrate at the bottom, films above, stripper on top, fronts across. */
@Component({
  selector: 'lb-section',
  templateUrl: './section-picture.html',
  styleUrl: './section-picture.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SectionPicture {
  readonly films = input.required<readonly SectionFilm[]>();
  readonly substrate = input.required<string>();
  readonly stripper = input<string | null>(null);
  readonly marks = input<readonly DepthMark[]>([]);
  readonly editable = input(false);
  readonly labelled = input(true);
  readonly height = input(270);
  /** width of the films where nothing stands beside them */
  readonly span = input(170);
  readonly dragged = output<FilmDrag>();

  protected readonly units = inject(Units);
  protected readonly relief = reliefPath;
  protected readonly width = computed(() => (this.labelled() ? 150 : this.span()));
  protected readonly viewWidth = computed(() => (this.labelled() ? 370 : this.span()));
  protected readonly head = computed(() => (this.stripper() === null ? 14 : 46));
  protected readonly drawing = computed(() => drawSection(this.films(), this.height(), this.head()));
  protected readonly heading = computed(
    () =>
      `${this.films().length} layers on ${this.substrate()}: ` +
      [...this.films()]
        .reverse()
        .map((film) => `${film.name} ${this.units.show(film.thickness, 'film')}`)
        .join(', '),
  );
  /** Of a film that this job lays on; open below where it runs into grooves. */
  protected outline = ({ y, height, fills }: DrawnFilm): string =>
    height > 1.5
      ? `M.75 ${y + height - (fills > 0 ? 0 : 0.75)}V${y + 0.75}H${this.width() - 0.75}V${y + height - (fills > 0 ? 0 : 0.75)}${fills > 0 ? '' : 'z'}`
      : '';
  private readonly drag = signal<Drag | null>(null);

  protected begin(event: PointerEvent, film: DrawnFilm): void {
    (event.target as Element).setPointerCapture(event.pointerId);
    this.drag.set({ film, startY: event.clientY, scale: this.drawing().scale });
  }

  protected move(event: PointerEvent): void {
    const drag = this.drag();
    if (!drag) return;
    this.dragged.emit({ id: drag.film.id, thickness: draggedThickness(drag.film.thickness, event.clientY - drag.startY, drag.scale) });
  }

  protected end(): void {
    this.drag.set(null);
  }

  protected nudge(event: KeyboardEvent, film: DrawnFilm): void {
    const by = { ArrowUp: 1, ArrowDown: -1, PageUp: 10, PageDown: -10 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    this.dragged.emit({ id: film.id, thickness: Math.min(4999, Math.max(1, Math.round(film.thickness) + by)) });
  }
}
