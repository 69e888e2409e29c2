import type { ZoneFacts } from '../facts/zone-facts.ts';
import { adviseTarget } from '../identify/advise-target.ts';
import type { Finding } from '../model/finding.ts';
import type { CoatingId } from '../model/ids.ts';
import { sameTarget } from '../model/same-target.ts';
import type { ShapeKind } from '../model/shape.ts';
import { sayFor } from '../facts/say-for.ts';

/** Coatings that are a ground to build on when they come from the factory. */
const PRIMERS_BELOW: readonly CoatingId[] = ['e-coat', 'epoxy-2k', 'surfacer-2k', 'etch-primer', 'zinc-rich'];

/** Shapes with a back that a laid part hides. */
const ALL_ROUND: readonly ShapeKind[] = ['tube', 'cylinder', 'box', 'rim'];

/** What the zone itself suggests: another target, another way to hold the part. */
export const advice = (zone: ZoneFacts): Finding[] => [...targetAdvice(zone), ...hangAdvice(zone)];

function targetAdvice(zone: ZoneFacts): Finding[] {
  const { stack, condition, target } = zone.zone;
  const advised = adviseTarget(zone);
  const proved = condition.crosscut !== null || stack.some(({ state }) => state !== 'sound');
  if (advised === null || zone.shop.schools.S1 === 'always-bare') return [];
  if (!proved) return factoryPrimer(zone);
  if (sameTarget(advised.target, target)) return [];
  const reason = advised.reasons.join(' ');
  if (advised.target.kind === 'keep')
    return [sayFor(zone, 'prefer')('keep-sound', ['target'], 'Keep this coating?', reason, [...advised.looksAt], advised.change)];
  const title = advised.target.kind === 'bare' ? 'Take this zone to bare?' : 'Stop at a sound layer?';
  return [
    sayFor(zone, target.kind === 'keep' ? 'caution' : 'prefer')('target-advice', ['target'], title, reason, [...advised.looksAt], advised.change),
  ];
}

/** Nobody has tested it yet, but what lies lowest came from a factory. */
function factoryPrimer(zone: ZoneFacts): Finding[] {
  const { stack, condition, target } = zone.zone;
  const [bottom] = stack;
  if (
    target.kind !== 'bare' ||
    stack.length < 2 ||
    bottom?.origin !== 'factory' ||
    !PRIMERS_BELOW.includes(bottom.coating) ||
    condition.rustGrade !== 'none'
  )
    return [];
  return [
    sayFor(zone, 'prefer')(
      'factory-primer',
      ['target'],
      'Stop at the factory primer?',
      `${zone.off.at(-1)?.coating.name} from the factory is still sound underneath; going below it needs a reason.`,
      ['origin and state of the lowest layer', 'rust grade', 'school S1'],
      'A lowest layer that is not sound, rust, or school S1 set to "always bare".',
    ),
  ];
}

/** A shop that hangs its parts takes half the sessions of one that turns them. */
function hangAdvice(zone: ZoneFacts): Finding[] {
  const { part, shop } = zone;
  if (shop.schools.M2 !== 'hang' || part.held !== 'laid' || zone.has('heavy') || !ALL_ROUND.includes(zone.zone.shape.kind)) return [];
  return [
    sayFor(zone, 'prefer')(
      'hang-it',
      [],
      'Hang this part?',
      'Laid down it takes every coat in two sessions, hung in one.',
      ['how it is held', 'shape', 'school M2'],
      'A part too heavy to hang, or school M2 set to "lay and turn".',
    ),
  ];
}
