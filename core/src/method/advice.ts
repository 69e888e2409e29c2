import { schoolNamed, schoolSetTo } from '../catalogue/school-words.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { adviseTarget } from '../identify/advise-target.ts';
import type { Finding } from '../model/finding.ts';
import type { CoatingId } from '../model/ids.ts';
import { sameTarget } from '../model/same-target.ts';
import type { BuildPlan } from '../model/build.ts';
import type { LetGo } from '../model/job.ts';
import { sayFor } from '../facts/say-for.ts';

/** Coatings that are a ground to build on when they come from the factory. */
const PRIMERS_BELOW: readonly CoatingId[] = ['e-coat', 'epoxy-2k', 'surfacer-2k', 'etch-primer', 'zinc-rich'];

/** What the zone itself suggests: another target, another way to hold the part. */
export const advice = (zone: ZoneFacts, build: BuildPlan | null): Finding[] => [
  ...targetAdvice(zone),
  ...hangAdvice(zone, build),
  ...letGoAdvice(zone),
];

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
      ['origin and state of the lowest layer', 'rust grade', schoolNamed('S1')],
      `A lowest layer that is not sound, rust, or ${schoolSetTo('S1', 'always-bare')}.`,
    ),
  ];
}

/** A shop that hangs its parts takes half the sessions of one that turns them. */
function hangAdvice(zone: ZoneFacts, build: BuildPlan | null): Finding[] {
  const { part, shop } = zone;
  if (shop.schools.M2 !== 'hang' || part.held !== 'laid' || zone.has('heavy') || !build?.turned) return [];
  const hung = build.coats.reduce((sum, { coats }) => sum + coats, 0);
  return [
    sayFor(zone, 'prefer')(
      'hang-it',
      [],
      'Hang this part?',
      `${2 * hung} sessions laid, ${hung} hung: laid down, face and back are coated one after the other, and each waits until the part may be turned.`,
      ['how it is held', 'shape', 'sides', schoolNamed('M2')],
      `A part too heavy to hang, or ${schoolSetTo('M2', 'lay')}.`,
    ),
  ];
}

/** Why the old coat let go says what is done differently this time; common practice, no source. */
const LET_GO: Readonly<Record<LetGo, readonly [title: string, reason: string]>> = {
  'over-fine-key': [
    'The old key was too fine',
    'What let go lay on a polished face: it comes off with all above it, and the key is the coarsest that the next film buries.',
  ],
  'missed-window': [
    'The old coat came too late',
    'It lay on a closed film: what is under it is keyed before anything goes on, and the windows of this plan are kept.',
  ],
  bent: [
    'The metal bends past the film',
    'Paint cracks where the part flexes: taken to bare there, a flexible system, or the cause of the bending removed first.',
  ],
  sun: ['Sun has gone through the coat', 'Crazed and chalked layers are spoiled through: nothing holds on them, they come off.'],
  soaked: [
    'Something has soaked in',
    'What stood on it is in the coat and in what lies below: wash until nothing bleeds, then to bare, washed again.',
  ],
  'wrong-neighbour': [
    'It lay on what it does not hold on',
    'The layer below goes with it, unless its crosscut and its kin are known; see the stack check.',
  ],
};

function letGoAdvice(zone: ZoneFacts): Finding[] {
  const { letGo } = zone.zone.condition;
  if (letGo === null) return [];
  const [title, reason] = LET_GO[letGo];
  const keeps = zone.kept.length > 0 && letGo !== 'missed-window';
  return [
    sayFor(zone, keeps ? 'caution' : 'prefer')(
      'let-go',
      ['target'],
      title,
      keeps ? `${reason} The target keeps ${zone.kept[0]?.coating.name.toLowerCase() ?? 'a layer'}: test it with a crosscut first.` : reason,
      ['why the old coat let go', 'target'],
      'Another cause, or the target set to bare.',
    ),
  ];
}
