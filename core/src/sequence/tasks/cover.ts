import { planMasking, type Masking, type MaskingPlan } from '../../build/masking.ts';
import { MASKS } from '../../catalogue/masks.ts';
import { lowerFirst } from '../../units/casing.ts';
import { sum } from '../../units/sum.ts';
import { isFlamed } from '../../rules/groups.ts';
import { required, type FaceInput } from '../face-input.ts';
import type { Task, Upkeep } from '../task.ts';

/** min for a plug or a spot, and for a m of taped line; model assumption. */
const SPOT = 3;
const LINE = 1.5;
const START = 5;

/** What is covered for the strip: after degreasing, with what outlasts the method. */
export function stripCover(input: FaceInput): Task[] {
  const items = itemsOf(input, 'strip');
  const rules = ['precision-mask', 'seams-seal', 'joint-keep-off', 'touching-soft', 'blast-hollow'].flatMap((code) => required(input, code) ?? []);
  if (input.method?.family === 'keep' || (items.length === 0 && rules.length === 0)) return [];
  return [
    {
      kind: 'cover-for-strip',
      title: coverTitle(input),
      detail: [listed(items), ...rules.map(({ title, reason }) => `${title}: ${lowerFirst(reason)}`)].filter((text) => text !== '').join(' '),
      hand: handsOf(input, items),
    },
  ];
}

function coverTitle({ method }: FaceInput): string {
  if (method?.family === 'blast') return 'Plug and cover for the blast';
  return method?.family === 'chem' ? 'Plug and cover for the stripper' : 'Cover what the tool must not touch';
}

export interface PaintCover {
  readonly first: Task | null;
  /** once sanding has scuffed it */
  readonly again: Upkeep | null;
  readonly pull: MaskingPlan['pull'];
}

/** What is covered for the coats, with fresh tape. */
export function paintCover(input: FaceInput): PaintCover {
  const { items: all, pull } = planMasking(input.facts, input.method, input.build);
  const items = all.filter(({ work, mask }) => work === 'paint' && mask !== 'cut film' && mask !== 'fine-line tape');
  if (items.length === 0) return { first: null, again: null, pull: null };
  const flamed = isFlamed(input.facts);
  const detail = `${listed(items)} Fresh tape on a clean face, its edge pressed down.${flamed ? ' Foil where the flame comes, no paper.' : ''}`;
  const hand = handsOf(input, items);
  return {
    first: { kind: 'cover-for-paint', title: 'Cover for paint', detail, hand },
    pull,
    again: {
      kind: 'cover-again',
      make: () => ({
        kind: 'cover-again',
        title: 'Renew the covers before colour',
        detail: `Sanding has scuffed them. ${listed(items)}`,
        hand,
      }),
    },
  };
}

const itemsOf = ({ facts, method, build }: FaceInput, work: Masking['work']): Masking[] =>
  planMasking(facts, method, build).items.filter((item) => item.work === work);

const listed = (items: readonly Masking[]): string =>
  items.length === 0 ? '' : `${[...new Set(items.map(({ what, mask }) => `${what} with ${lowerFirst(MASKS[mask].name)}`))].join('; ')}.`;

/** A place of the part is covered once for all its zones. */
function handsOf({ facts }: FaceInput, items: readonly Masking[]): number {
  const own = (item: Masking): number => (item.mask === 'plugs' || MASKS[item.mask].unit === 'piece' ? SPOT * 2 : LINE * item.quantity);
  const shared = sum(
    items.filter(({ of }) => of === 'part'),
    own,
  );
  return (
    START +
    shared / Math.max(1, facts.part.zones.length) +
    sum(
      items.filter(({ of }) => of === 'zone'),
      own,
    )
  );
}
