import type { ZoneFacts } from '../facts/zone-facts.ts';
import { practice, type Basis } from '../model/basis.ts';
import type { BuildPlan } from '../model/build.ts';
import type { Finding, Severity } from '../model/finding.ts';
import type { CoatingId } from '../model/ids.ts';
import type { MethodOption } from '../model/plan.ts';

/** Questions still open, stops, and advice on the zone itself. */
export function checkZone(zone: ZoneFacts, options: readonly MethodOption[], chosen: MethodOption | null, build: BuildPlan | null): Finding[] {
  return [...questions(zone), ...choiceStops(zone, options, chosen), ...buildStops(zone, build), ...advice(zone)];
}

function questions(zone: ZoneFacts): Finding[] {
  const { condition, stack, target } = zone.zone;
  const say = sayer(zone, 'question');
  return [
    zone.area > 0
      ? null
      : say('area-missing', ['shape'], 'Area not entered', 'Without an area there are no times and quantities.', ['shape'], 'Measure the zone.'),
    stack.length > 0 || condition.rustGrade !== 'none'
      ? null
      : say(
          'stack-empty',
          ['stack'],
          'Nothing entered on the surface',
          'No coating layer and no rust: there is nothing to plan a way off for.',
          ['stack'],
          'Add layers from the substrate up.',
        ),
    condition.lead === 'not-tested' && zone.treatAsLead
      ? say(
          'lead-not-tested',
          ['condition', 'lead'],
          'Lead not tested',
          'Paint of this type and age, or of unknown age, is treated as leaded: no dry sanding, blast or heat is planned here.',
          ['item kind', 'year', 'coating'],
          'A laboratory sample.',
        )
      : null,
    zone.part.substrate === 'plastic-unmarked' && zone.part.floats === 'not-tested'
      ? say(
          'float-test',
          [],
          'Plastic not identified',
          'No mark and no float test: treated as an olefin until a scrap has been floated.',
          ['substrate', 'float test'],
          'Float a scrap in water.',
        )
      : null,
    target.kind === 'keep' && condition.crosscut === null
      ? say(
          'crosscut-missing',
          ['condition', 'crosscut'],
          'Crosscut not done',
          'Keep and key is planned on trust; a crosscut (ISO 2409) says whether it holds.',
          ['target'],
          'Cut a lattice and read class 0 to 5.',
        )
      : null,
  ].filter((finding) => finding !== null);
}

function choiceStops(zone: ZoneFacts, options: readonly MethodOption[], chosen: MethodOption | null): Finding[] {
  if (chosen?.verdict === 'ruled-out') return [overruled(zone, chosen)];
  if (chosen || zone.zone.stack.length + Number(zone.zone.condition.rustGrade !== 'none') === 0) return [];
  const blocking = [...new Set(options.flatMap(({ findings }) => findings.filter((f) => f.severity === 'rule-out').map((f) => f.title)))];
  return [
    sayer(zone, 'stop')(
      'no-way-off',
      [],
      'No method left',
      `Every method is ruled out: ${blocking.join('; ')}.`,
      ['substrate', 'stack', 'access', 'shop'],
      'Read what would change each refusal under Way off.',
    ),
  ];
}

function overruled(zone: ZoneFacts, chosen: MethodOption): Finding {
  const rules = chosen.findings
    .filter(({ severity }) => severity === 'rule-out')
    .map(({ title }) => title)
    .join('; ');
  const reason = zone.zone.choice?.reason.trim() ?? '';
  return reason === ''
    ? sayer(zone, 'stop')(
        'override-unexplained',
        ['choice', 'reason'],
        `${chosen.name} is ruled out`,
        `${rules}. Choosing it all the same needs a written reason.`,
        ['choice'],
        'Write the reason, or choose another method.',
      )
    : sayer(zone, 'caution')(
        'override',
        ['choice'],
        `${chosen.name} against the rules`,
        `${rules}. Chosen all the same: "${reason}".`,
        ['choice'],
        'Choose a method that is not ruled out.',
      );
}

function buildStops(zone: ZoneFacts, build: BuildPlan | null): Finding[] {
  if (!build)
    return [
      sayer(zone, 'question')(
        'finish-missing',
        [],
        'Topcoat not chosen',
        'Primer and build follow from the topcoat wanted.',
        ['finish'],
        'Choose the topcoat of the job or part.',
      ),
    ];
  const stops = build.findings.filter(({ severity }) => severity === 'rule-out').map((finding): Finding => ({ ...finding, severity: 'stop' }));
  if (build.primers.length === 0 || build.primers.some(({ verdict }) => verdict === 'chosen')) return stops;
  const blocking = [...new Set(build.primers.flatMap(({ findings }) => findings.filter((f) => f.severity === 'rule-out').map((f) => f.title)))];
  return [
    ...stops,
    sayer(zone, 'stop')(
      'no-primer',
      [],
      'No primer fits',
      `Every primer is ruled out: ${blocking.join('; ')}.`,
      ['substrate', 'finish', 'service'],
      'Change the finish, the treatment or the service.',
    ),
  ];
}

/** Coatings that are a ground to build on when they come from the factory. */
const PRIMERS_BELOW: readonly CoatingId[] = ['e-coat', 'epoxy-2k', 'surfacer-2k', 'etch-primer', 'zinc-rich'];

function advice(zone: ZoneFacts): Finding[] {
  const { stack, condition, target } = zone.zone;
  if (zone.shop.schools.S1 === 'always-bare' || target.kind === 'keep') return [];
  const say = sayer(zone, 'prefer');
  const sound = stack.length > 0 && stack.every(({ state }) => state === 'sound');
  if (sound && condition.crosscut !== null && condition.crosscut <= 1)
    return [
      say(
        'keep-sound',
        ['target'],
        'Keep this coating?',
        'It is sound and the crosscut passes: keyed, it is a better base than anything put on in a small shop, and far less work.',
        ['crosscut', 'state of the layers', 'school S1'],
        'School S1 set to "always bare".',
      ),
    ];
  const [bottom] = stack;
  if (
    target.kind === 'bare' &&
    stack.length > 1 &&
    bottom?.origin === 'factory' &&
    PRIMERS_BELOW.includes(bottom.coating) &&
    bottom.state === 'sound' &&
    condition.rustGrade === 'none'
  )
    return [
      say(
        'factory-primer',
        ['target'],
        'Stop at the factory primer?',
        `${zone.off.at(-1)?.coating.name} from the factory is still sound underneath; going below it needs a reason.`,
        ['origin and state of the lowest layer', 'rust grade', 'school S1'],
        'A lowest layer that is not sound, rust, or school S1 set to "always bare".',
      ),
    ];
  return [];
}

const sayer =
  (zone: ZoneFacts, severity: Severity, basis: Basis = practice) =>
  (code: string, path: string[], title: string, reason: string, looksAt: string[], change: string): Finding => ({
    code,
    severity,
    path: [...zone.path, ...path],
    title,
    reason,
    basis,
    looksAt,
    change,
  });
