import { poisonsIn } from '../facts/poisons.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { AbradePlan } from '../model/abrade-plan.ts';
import type { BarePlan } from '../model/bare.ts';
import type { BuildPlan } from '../model/build.ts';
import type { Finding } from '../model/finding.ts';
import type { MethodOption } from '../model/plan.ts';
import { keyTool } from '../abrasive/rungs-work.ts';
import { METHODS } from '../catalogue/methods.ts';
import { isTank } from '../rules/groups.ts';
import { refusedTouch } from '../rules/contact.ts';
import { checkTests } from '../identify/check-tests.ts';
import { lowerFirst, upperFirst } from '../units/casing.ts';
import { advice } from './advice.ts';
import { checkAbrade } from './check-abrade.ts';
import { checkBlast } from './check-blast.ts';
import { checkGates } from './check-gates.ts';
import { licensedFinds } from './licensed-finds.ts';
import { sayFor } from '../facts/say-for.ts';
import { singleOpenings } from './what-would-change.ts';

/** What a zone has been answered so far. */
export interface ZoneAnswers {
  readonly options: readonly MethodOption[];
  readonly chosen: MethodOption | null;
  readonly method: Method | null;
  readonly abrade: AbradePlan | null;
  readonly build: BuildPlan | null;
  readonly bare: BarePlan;
}

/** Questions still open, stops, and advice on the zone itself. */
export function checkZone(zone: ZoneFacts, { options, chosen, method, build, bare, abrade }: ZoneAnswers, catalogue: Catalogue): Finding[] {
  return [
    ...questions(zone),
    ...checkTests(zone),
    ...priceNotes(zone, options),
    ...choiceStops(zone, options, chosen, catalogue),
    ...buildStops(zone, build),
    ...checkGates(zone, { build, bare }),
    ...(chosen?.blast && method?.family === 'blast' ? checkBlast(zone, { plan: chosen.blast, method, build }) : []),
    ...(abrade ? checkAbrade(zone, abrade) : []),
    ...keyStops(zone, method, build),
    ...licensedFinds(zone),
    ...advice(zone, build),
  ];
}

/** Changes named when no method is left. */
const MOST_OPENINGS = 6;

function questions(zone: ZoneFacts): Finding[] {
  const { condition, stack, target } = zone.zone;
  const say = sayFor(zone, 'question');
  return [
    zone.area > 0
      ? null
      : say('area-missing', ['shape'], 'Area not entered', 'Without an area there are no times and quantities.', ['shape'], 'Measure the zone.'),
    stack.length > 0 || condition.rustGrade !== 'none' || target.kind === 'keep'
      ? null
      : say(
          'stack-empty',
          ['stack'],
          'Nothing entered on the surface',
          'No coating layer and no rust: there is nothing to plan a method for.',
          ['stack'],
          'Add layers from the substrate up; never painted: set the target to keep and key.',
        ),
    zone.part.role === 'not-said' && (zone.zone.finds.length > 0 || condition.perforated)
      ? say(
          'role-not-said',
          [],
          'What is this part?',
          'Whether damage is for the shop depends on what hangs on the part: a wheel, fork, frame, tank or hook is looked at by somebody licensed.',
          ['what the part is', 'finds'],
          'Enter what it is at intake.',
        )
      : null,
    ...untested(zone).map(({ poison, reason }) =>
      say(
        `${poison}-not-tested`,
        ['condition', poison],
        `${poison === 'tar' ? 'Coal tar' : upperFirst(poison)} not tested`,
        reason,
        ['item kind', 'year', 'substrate', 'coating and its colour', 'features'],
        'A laboratory sample of every layer; a swab alone clears nothing.',
      ),
    ),
    isTank(zone) && zone.part.contents === 'not-said'
      ? say(
          'tank-contents',
          [],
          'What has the tank held?',
          'Fuel and gas stay in seams and rust for months; what nobody knows counts as fuel: gas test, no spark, no flame.',
          ['what the part is', 'what the tank held'],
          'Enter what it held at intake.',
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
    target.kind === 'keep' && stack.length > 0 && condition.crosscut === null
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

/** Prices that nobody has entered yet: then money stays out of the ranking. */
function priceNotes(zone: ZoneFacts, options: readonly MethodOption[]): Finding[] {
  const missing = [...new Set(options.filter(({ verdict }) => verdict !== 'ruled-out').flatMap(({ unpriced }) => unpriced))];
  if (missing.length === 0) return [];
  return [
    sayFor(zone, 'question')(
      'price-missing',
      ['choice'],
      'Ranked without cost',
      `No price is known for ${missing.join(', ')}; this zone is ranked on hands, waiting, risk and exposure only.`,
      ['prices of the shop'],
      'Enter the price in the shop.',
    ),
  ];
}

function choiceStops(zone: ZoneFacts, options: readonly MethodOption[], chosen: MethodOption | null, catalogue: Catalogue): Finding[] {
  if (chosen?.verdict === 'ruled-out') return [overruled(zone, chosen)];
  if (zone.zone.choice && !chosen)
    return [
      sayFor(zone, 'stop')(
        'choice-gone',
        ['choice', 'method'],
        'The chosen method is gone',
        `"${zone.zone.choice.method}"${zone.zone.choice.at ? ` at "${zone.zone.choice.at}"` : ''} is no longer in the catalogue or the shop.`,
        ['choice', 'own rows', 'contractors'],
        'Choose another method, or bring the row back.',
      ),
    ];
  if (chosen || zone.zone.stack.length + Number(zone.zone.condition.rustGrade !== 'none') === 0) return [];
  const wouldOpen = [...singleOpenings(zone, catalogue)].map(([change, names]) => `${change} (${names.map(lowerFirst).join(', ')})`);
  const blocking = [...new Set(options.flatMap(({ findings }) => findings.filter((f) => f.severity === 'rule-out').map((f) => f.title)))];
  return [
    sayFor(zone, 'stop')(
      'no-method',
      [],
      'No method left',
      `Every method is ruled out: ${blocking.join('; ')}.`,
      ['substrate', 'stack', 'access', 'shop'],
      wouldOpen.length > 0
        ? `${upperFirst(wouldOpen.slice(0, MOST_OPENINGS).join('; '))}.`
        : 'No single change opens a method; read each refusal under Method.',
    ),
  ];
}

/** A face that no tool may key, though what lies on it wants one. */
function keyStops(zone: ZoneFacts, method: Method | null, build: BuildPlan | null): Finding[] {
  const kept = zone.kept.length > 0;
  const convertible = zone.substrate.id === 'aluminium-clad' && !kept;
  if (!method || !build?.coats.length || convertible || zone.zone.access === 'inside' || keyTool(zone)) return [];
  if (method.traits.includes('hard-medium') && !kept) return [];
  const rules = [
    ...new Set(Object.values(METHODS).flatMap((method) => (method.family === 'mech' ? refusedTouch(zone, method).map(({ title }) => title) : []))),
  ];
  return [
    sayFor(zone, 'stop')(
      'key-forbidden',
      [],
      kept ? `What stays on ${zone.part.name} cannot be keyed` : `${zone.part.name} cannot be keyed`,
      `Every sanding tool is refused here: ${rules.join('; ')}.`,
      ['substrate', 'access', 'features'],
      kept
        ? 'Take all of it off by a method that the rules leave.'
        : 'A conversion coating, a method that leaves a key, or a finish that needs none.',
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
    ? sayFor(zone, 'stop')(
        'override-unexplained',
        ['choice', 'reason'],
        `${chosen.name} is ruled out`,
        `${rules}. Choosing it all the same needs a written reason.`,
        ['choice'],
        'Write the reason, or choose another method.',
      )
    : sayFor(zone, 'caution')(
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
      sayFor(zone, 'question')(
        'finish-missing',
        [],
        'Topcoat not chosen',
        'Primer and build follow from the topcoat wanted.',
        ['finish'],
        'Choose the topcoat of the job or part.',
      ),
    ];
  const stops = build.findings
    .filter(({ severity }) => severity === 'rule-out' || severity === 'stop')
    .map((finding): Finding => ({ ...finding, severity: 'stop' }));
  if (build.primers.length === 0 || build.coats.length > 0) return stops;
  const blocking = [...new Set(build.primers.flatMap(({ findings }) => findings.filter((f) => f.severity === 'rule-out').map((f) => f.title)))];
  return [
    ...stops,
    sayFor(zone, 'stop')(
      'no-primer',
      [],
      'No primer fits',
      `Every primer is ruled out: ${blocking.join('; ')}.`,
      ['substrate', 'finish', 'service'],
      'Change the finish, the treatment or the service.',
    ),
  ];
}

type Tested = 'lead' | 'chromate' | 'asbestos' | 'tar' | 'organotin';
const SUSPECTED: Readonly<Record<Tested, string>> = {
  lead: 'Paint of this kind, age or colour, or of unknown age, is treated as leaded: no dry sanding, blast or heat is planned here.',
  chromate:
    'Primer here, of this age or unknown age, is treated as chromated: no dry sanding, blast or heat is planned. “No lead” says nothing of it.',
  asbestos:
    'Linings, underseal or filler of this age may hold asbestos: kept wet, never blown, and whoever takes it off is licensed where the law says so.',
  tar: 'Old bitumen may be coal tar: its dust and fume harm skin and lungs. Cold, wet, skin covered, its waste apart.',
  organotin:
    'Antifouling from before about 2008 may hold organotin under what was laid on since: bunded, wet, its waste apart, by the rules of the yard.',
};

/** What is taken to be in the coating only because nobody has looked. */
function untested(zone: ZoneFacts): { readonly poison: Tested; readonly reason: string }[] {
  const { condition } = zone.zone;
  const poisons = poisonsIn(zone);
  return (Object.entries(SUSPECTED) as [Tested, string][]).flatMap(([poison, reason]) =>
    poisons.includes(poison) && condition[poison] === 'not-tested' ? [{ poison, reason }] : [],
  );
}
