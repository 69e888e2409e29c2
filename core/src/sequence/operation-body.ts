import type { Emission, Guarded, Operation, Raised } from '../model/operation.ts';
import type { Pass } from './task.ts';
import { emissionOf } from '../safety/emission.ts';
import { sum } from '../units/sum.ts';
import { coatWords, mixedAt, type OnFace } from './coat-words.ts';
import type { Walked } from './walk.ts';
import type { WalkedFace } from './walked-face.ts';

/** The same step on its faces. */
export type Faces = readonly [OnFace, ...OnFace[]];

/** What guards against all that is raised. */
export type Guards = (raises: readonly Raised[]) => readonly Guarded[];

/** The operation of a step on its faces with all that it says of itself, whatever stands before and after it. */
export function bodyOf(faces: Faces, guards: Guards): Operation {
  const [{ step }] = faces;
  const { task } = step;
  const { title, detail, hand } = task.coat ? coatWords(faces) : { ...task, hand: 0 };
  const pieces = new Set(faces.flatMap((entry) => piecesText(entry.face, entry.step)));
  const shared = task.share !== undefined;
  const hands = faces.map((entry) => entry.step.task.hand);
  const raises = raisedOn(faces);
  return {
    id: step.id,
    kind: task.kind,
    stage: step.stage,
    title,
    detail: [detail, ...pieces].filter((text) => text !== '').join(' '),
    faces: faces.map(({ face, chain, step: own }) => ({
      id: own.id,
      part: chain.work.part,
      zone: chain.work.zone,
      side: own.task.side ?? null,
      name: chain.work.name,
      hand: shared ? own.task.hand / faces.length : own.task.hand,
      access: face.input.facts.zone.access,
      pieces: piecesTo(face, own),
    })),
    where: [...(task.where ?? faces.map(({ chain, step: own }) => chain.work.name + (own.task.side ? `, ${own.task.side}` : '')))],
    hand: hand + (shared ? Math.max(...hands) : sum(hands, (own) => own)),
    wait: Math.max(...faces.map((entry) => entry.step.task.wait ?? 0)),
    days: [...(task.days ?? [])],
    needs: union(faces, (own) => own.needs),
    gives: union(faces, (own) => own.gives),
    ends: union(faces, (own) => own.ends),
    contact: task.contact ?? null,
    takes: [...step.takes],
    product: productOf(faces),
    coat: task.coat ? { ...coatOf(task.coat), mix: mixedAt(faces.flatMap((entry) => entry.step.task.coat ?? [])) } : null,
    means: task.means ?? null,
    hold: task.hold ?? null,
    stop: task.stop ?? null,
    against: task.against ?? null,
    raises,
    emits: emittedOn(faces),
    protection: [...guards(raises)],
    pace: null,
    drying: null,
    cautions: union(faces, (own) => own.task.cautions ?? NONE),
    // Filled in by its place among the others; here from the start, because an object that grows is copied slowly.
    number: 0,
    askedBy: null,
    undoneBy: null,
    why: '',
    lags: [],
  };
}

function raisedOn(faces: Faces): Raised[] {
  const raises = new Set<Raised>();
  for (const { face, step } of faces) for (const raised of face.raises.get(step.id) ?? []) raises.add(raised);
  return [...raises];
}

/** Into the air: from all faces together where it stands open, else from one after the other. */
function emittedOn(faces: Faces): Emission | null {
  const all = faces.flatMap(({ face, step }) => {
    const emission = emissionOf(face.input, step.task);
    return emission ? [{ emission, hand: step.task.hand }] : [];
  });
  const [first] = all;
  if (!first) return null;
  const total = sum(all, ({ emission, hand }) => emission.rate * (first.emission.stands ? 1 : hand));
  return { ...first.emission, rate: first.emission.stands ? total : total / sum(all, ({ hand }) => hand) };
}

const NONE: readonly string[] = [];

function coatOf({ plan, pass }: Pass): Omit<NonNullable<Operation['coat']>, 'mix'> {
  const { product, name, dryFilm, apply, coldest, dampest } = plan;
  return { product, name, pass, film: dryFilm, apply, coldest, dampest };
}

/** What holds for any of the faces; the same operation takes away less from a face that has less to lose. */
function union<T>([first, ...others]: Faces, of: (step: Walked) => readonly T[]): T[] {
  const all = new Set(of(first.step));
  for (const { step } of others) if (of(step) !== of(first.step)) for (const one of of(step)) all.add(one);
  return [...all];
}

function productOf(faces: Faces): Operation['product'] {
  const first = faces.find(({ step }) => step.task.product)?.step.task.product;
  return first ? { ...first, litres: sum(faces, ({ step }) => step.task.product?.litres ?? 0) } : null;
}

/** The most pieces that one of its windows asks for, from where that window opens. */
function piecesTo({ pieces }: WalkedFace, { id }: Walked): Operation['faces'][number]['pieces'] {
  const [most] = pieces.filter(({ at }) => at === id).sort((a, b) => b.count - a.count);
  return most ? { count: most.count, from: most.opens } : null;
}

const piecesText = ({ pieces, chain }: WalkedFace, { id }: Walked): string[] =>
  pieces.flatMap((piece) =>
    piece.at === id
      ? [
          `${chain.work.name}: in ${piece.count} pieces of ${piece.area.toFixed(piece.area < 1 ? 2 : 1)} m² at most, each from “${piece.from}” to here within the window, which closes before the whole is through.`,
        ]
      : [],
  );
