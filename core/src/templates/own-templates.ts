import type { Condition, Item, Part } from '../model/job.ts';
import type { NewId } from '../model/new-job.ts';
import type { OwnTemplate } from '../model/own-template.ts';
import { shapeArea } from '../geometry/shape-area.ts';
import type { Shape } from '../model/shape.ts';
import { pieceLike } from './piece-like.ts';

type Named = Pick<OwnTemplate, 'name' | 'words'>;

/**
 * A part kept to start new ones from. What only a test of the one piece can say is not kept: lead that was found is suspected in the next, everything
 * else is not tested; nor what a tank has held, nor a method that the choice for the whole job has set.
 */
export function keepAsTemplate(part: Part, { kind, service }: Pick<Item, 'kind' | 'service'>, { name, words }: Named, newId: NewId): OwnTemplate {
  const piece = pieceLike(part, name, newId);
  const zones = piece.zones.map((zone) => ({
    ...zone,
    shape: onItsOwn(zone.shape),
    condition: untested(zone.condition),
    tests: [],
    choice: zone.choice?.by === 'hand' ? zone.choice : null,
  }));
  return { id: newId(), name, words, kind, service, part: { ...piece, mesh: null, floats: 'not-tested', contents: 'not-said', zones } };
}

/** A shape that stands on a file of its job as the area that it has. */
const onItsOwn = (shape: Shape): Shape => (shape.kind === 'mesh' || shape.kind === 'photo' ? { kind: 'entered', area: shapeArea(shape) } : shape);

const untested = (condition: Condition): Condition => ({
  ...condition,
  lead: condition.lead === 'present' || condition.lead === 'suspected' ? 'suspected' : 'not-tested',
  chromate: 'not-tested',
  asbestos: 'not-tested',
  tar: 'not-tested',
  organotin: 'not-tested',
  crosscut: null,
});

/** A new part of the kind. */
export const partFromOwn = ({ name, part }: OwnTemplate, newId: NewId): Part => pieceLike(part, name, newId);
