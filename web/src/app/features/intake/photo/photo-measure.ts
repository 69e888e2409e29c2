import { ChangeDetectionStrategy, Component, computed, effect, type ElementRef, inject, model, signal, untracked, viewChild } from '@angular/core';
import { Metres, type PhotoPoint } from '@lift-bare/core';
import { NzModalModule } from 'ng-zorro-antd/modal';
import { JobContext } from '../../../state/job-context';
import { PhotoQueue } from '../../../state/photo-queue';
import { ChoiceField } from '../../../ui/choice-field';
import { CountField } from '../../../ui/count-field';
import { FigureField } from '../../../ui/figure-field';
import { QuantityField } from '../../../ui/quantity-field';
import { Units } from '../../../ui/units.service';
import { PhotoStrip } from '../photo-strip';
import {
  A4,
  back,
  draftOf,
  EMPTY_DRAFT,
  LETTER,
  measured,
  moved,
  nextTouch,
  shapeOf,
  touched,
  without,
  type Mark,
  type PhotoDraft,
} from './photo-draft';

/** px that an arrow moves a mark, and with Shift. */
const [STEP, LEAP] = [2, 20];
const ARROWS: Readonly<Record<string, PhotoPoint>> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};
const KINDS = [
  { value: 'length' as const, label: 'A length: two ends' },
  { value: 'sheet' as const, label: 'A sheet: four corners' },
];

/** The area of a zone measured on a photo of its part: something of known size, and the outline of the face. */
@Component({
  selector: 'lb-photo-measure',
  imports: [ChoiceField, CountField, FigureField, NzModalModule, PhotoStrip, QuantityField],
  templateUrl: './photo-measure.html',
  styleUrls: ['../../../ui/page.css', './photo-measure.css'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PhotoMeasure {
  private readonly context = inject(JobContext);
  private readonly queue = inject(PhotoQueue);
  protected readonly units = inject(Units);
  readonly open = model(false);
  private readonly board = viewChild<ElementRef<SVGSVGElement>>('board');

  protected readonly kinds = KINDS;
  protected readonly metres = Metres;
  protected readonly a4 = A4;
  protected readonly letter = LETTER;
  protected readonly back = back;
  protected readonly draft = signal<PhotoDraft>(EMPTY_DRAFT);
  /** px of the photo; null: it is not here yet, or not at all */
  protected readonly size = signal<PhotoPoint | null>(null);
  protected readonly dragging = signal<Mark | null>(null);

  protected readonly photos = computed(() => {
    const known = this.context.part()?.photos ?? [];
    const { shape } = this.context.zone() ?? {};
    const own = shape?.kind === 'photo' && !known.some(({ file }) => file === shape.file) ? [{ file: shape.file, caption: '' }] : [];
    return [...known, ...own].map(({ file, caption }, i) => ({ value: file, label: caption || `Photo ${i + 1}` }));
  });
  protected readonly address = computed(() => this.queue.addressOf(this.context.jobId(), this.draft().file ?? this.photos()[0]?.value ?? ''));
  protected readonly next = computed(() => nextTouch(this.draft()));
  protected readonly result = computed(() => measured(this.draft()));
  protected readonly share = computed(() => Math.max(1, Math.round(100 * (this.result().error ?? 0))));
  protected readonly marks = computed(() => {
    const { kind, marks, outline } = this.draft();
    const say = (name: string, { x, y }: PhotoPoint): string =>
      `${name}, ${Math.round(x)} by ${Math.round(y)} px. Arrows move it, Delete takes it out.`;
    return [
      ...marks.map((point, at) => ({
        of: 'marks' as const,
        at,
        point,
        says: say(`${kind === 'length' ? 'End' : 'Corner of the sheet'} ${at + 1}`, point),
      })),
      ...outline.map((point, at) => ({ of: 'outline' as const, at, point, says: say(`Corner ${at + 1}`, point) })),
    ];
  });

  constructor() {
    effect(() => {
      if (!this.open()) return;
      const { shape } = untracked(this.context.zone) ?? {};
      const file = untracked(this.photos)[0]?.value ?? null;
      this.draft.set(shape?.kind === 'photo' ? draftOf(shape) : { ...EMPTY_DRAFT, file });
    });
    // The first photo that is added while the dialog is open is the one to measure on.
    effect(() => {
      const [first] = this.photos();
      if (first && untracked(this.draft).file === null) this.change({ file: first.value });
    });
  }

  protected points = (all: readonly PhotoPoint[]): string => all.map(({ x, y }) => `${x},${y}`).join(' ');
  protected update = (how: (draft: PhotoDraft) => PhotoDraft): void => this.draft.update(how);
  protected change = (change: Partial<PhotoDraft>): void => this.draft.update((draft) => ({ ...draft, ...change }));

  protected sized(event: Event): void {
    const { naturalWidth: x, naturalHeight: y } = event.target as HTMLImageElement;
    this.size.set({ x, y });
  }

  protected take(file: string): void {
    this.size.set(null);
    this.change({ file, marks: [], outline: [] });
  }

  protected touch(event: MouseEvent): void {
    const point = this.placeOf(event);
    if (point && this.dragging() === null) this.update((draft) => touched(draft, point));
  }

  protected addInMiddle(): void {
    const whole = this.size();
    if (whole) this.update((draft) => touched(draft, { x: Math.round(whole.x / 2), y: Math.round(whole.y / 2) }));
  }

  protected grab(event: PointerEvent, { of, at }: Mark): void {
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    this.dragging.set({ of, at });
  }

  protected drag(event: PointerEvent): void {
    const [mark, point] = [this.dragging(), this.placeOf(event)];
    if (mark && point) this.update((draft) => moved(draft, mark, point));
  }

  protected pressed(event: KeyboardEvent, mark: Mark): void {
    const by = ARROWS[event.key];
    const takesOut = event.key === 'Delete' || event.key === 'Backspace';
    if (!by && !takesOut) return;
    event.preventDefault();
    event.stopPropagation();
    if (takesOut) return this.update((draft) => without(draft, mark));
    const step = event.shiftKey ? LEAP : STEP;
    // From where it lies now: keys come faster than the picture is drawn.
    this.update((draft) => {
      const { x, y } = draft[mark.of][mark.at] ?? { x: 0, y: 0 };
      return moved(draft, mark, this.within({ x: x + step * (by?.x ?? 0), y: y + step * (by?.y ?? 0) }));
    });
  }

  protected use(): void {
    const shape = shapeOf(this.draft());
    if (!shape) return;
    this.context.editZone('shape', (zone) => ({ ...zone, shape }));
    this.open.set(false);
  }

  /** Where on the photo something points; null: the photo is not drawn. */
  private placeOf({ clientX, clientY }: MouseEvent): PhotoPoint | null {
    const turned = this.board()?.nativeElement.getScreenCTM()?.inverse();
    if (!turned) return null;
    const { x, y } = new DOMPoint(clientX, clientY).matrixTransform(turned);
    return this.within({ x: Math.round(x), y: Math.round(y) });
  }

  private within({ x, y }: PhotoPoint): PhotoPoint {
    const whole = this.size() ?? { x: 0, y: 0 };
    return { x: Math.min(whole.x, Math.max(0, x)), y: Math.min(whole.y, Math.max(0, y)) };
  }
}
