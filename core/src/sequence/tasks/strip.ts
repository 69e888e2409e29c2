import { byGrit, startGrit } from '../../abrasive/start-grit.ts';
import { mayHold, wetOnly } from '../../facts/poisons.ts';
import { patchArea } from '../../chemical/patch-area.ts';
import { BREAK_RATE } from '../../chemical/strip-plan.ts';
import { METHODS, type Method } from '../../catalogue/methods.ts';
import { nozzleOf } from '../../catalogue/nozzles.ts';
import type { BlastPlan } from '../../model/blast-plan.ts';
import type { MethodOption, SetUp, StripPlan, MethodPiece } from '../../model/plan.ts';
import type { OperationKind } from '../../model/operation.ts';
import { WEEKDAYS } from '../../model/weekdays.ts';
import type { ZoneFacts } from '../../facts/zone-facts.ts';
import { holdText, resultText } from '../../sheet/blast-text.ts';
import { countNames } from '../../sheet/count-names.ts';
import { lowerFirst } from '../../units/casing.ts';
import { formatMinutes } from '../../units/format-quantity.ts';
import { required, type FaceInput } from '../face-input.ts';
import { look, type Task } from '../task.ts';

/** Requirements that belong to the strip itself and not to what goes before. */
const AT_STRIP = ['slow-gel-cover', 'comp-stop-at-fibre', 'acid-neutral', 'soda-rinse', 'light-brass-rinse'];
/** min; model assumption. */
const HAND = { patch: 15, knock: 20 } as const;

/** What wet abrading leaves on the face. */
const WET = ['wet', 'dust', 'touch'] as const;

type Chosen = FaceInput & { readonly option: MethodOption; readonly method: Method };

/** The method, from the filler that must come out first to the last speck. */
export function stripTasks(input: FaceInput): Task[] {
  const { option, method } = input;
  if (!option || !method || method.family === 'keep') return [];
  const chosen: Chosen = { ...input, option, method };
  return [...stations(chosen), ...filler(chosen), ...patch(chosen), ...bulk(chosen), ...pieces(chosen)];
}

function bulk(input: Chosen): Task[] {
  const { method } = input;
  if (method.family === 'chem') return rounds(input);
  if (method.family === 'blast') return blast(input);
  return [tool(input)];
}

const against = ({ facts, option }: Chosen): Pick<Task, 'against'> =>
  option.verdict === 'ruled-out' && facts.zone.choice?.reason ? { against: facts.zone.choice.reason } : {};

const stripHold = ({ facts }: Chosen) => {
  const { substrate, shop, kept } = facts;
  const stays = kept[0]?.coating.name;
  if (stays) return look('eye, after each pass', `${lowerFirst(stays)} shows evenly and is whole: stop there`);
  return look(
    'eye and fingertip',
    substrate.id === 'cast-iron' && shop.schools.C4 === 'specks-on-castings'
      ? 'No loose colour; specks below the casting texture may stay if they survive tape.'
      : 'No colour left in corners and laps.',
  );
};

/** min of the zone itself: days away belong to the delivery. */
const ownWait = ({ wait, setUps }: MethodOption): number => wait - Math.max(0, ...setUps.map((setUp) => setUp.wait));

const common = (input: Chosen): Pick<Task, 'cautions' | 'against'> => ({
  cautions: cautionsOf(input.option),
  ...against(input),
});

const cautionsOf = ({ findings }: MethodOption): string[] =>
  findings
    .filter(({ severity, code }) => severity === 'caution' || severity === 'rule-out' || (severity === 'require' && AT_STRIP.includes(code)))
    .map(({ title, reason, severity }) => (severity === 'rule-out' ? `Against the rules. ${title}: ${reason}` : `${title}: ${reason}`));

function tool(input: Chosen): Task {
  const { method, option } = input;
  return {
    ...common(input),
    kind: method.family === 'heat' ? 'strip-heat' : 'strip-tool',
    title: byGrit(input.facts, method, method.name),
    detail: `${method.how} Leaves ${option.leaves}.`,
    hand: option.pieces[0]?.hand ?? 0,
    hold: stripHold(input),
    contact: contactOf(method, input.facts),
    ...(method.traits.includes('wet') ? { takes: WET } : {}),
  };
}

/** The tool keeps its own name, by which the record knows it. */
const contactOf = (method: Method, facts: ZoneFacts): NonNullable<Task['contact']> => ({
  tool: method.id,
  name: method.name,
  wet: method.traits.includes('wet'),
  grit: startGrit(facts, method),
});

const PIECE: Readonly<
  Record<Exclude<MethodPiece['place'], 'field'>, { readonly kind: OperationKind; readonly title: string; readonly why: string }>
> = {
  edges: { kind: 'strip-tool', title: 'Edges, 25 mm band', why: 'that the bulk method does not reach or must not touch' },
  crevices: { kind: 'strip-tool', title: 'Crevices and corners', why: 'that the bulk method does not reach or must not touch' },
  remainder: { kind: 'strip-specks', title: 'What is left', why: 'of specks in corners and laps, while still soft' },
  rest: { kind: 'strip-tool', title: 'The layers below', why: 'from the layer down that the stripper does not soften' },
};

const pieces = (input: Chosen): Task[] =>
  input.option.pieces.flatMap(({ place, method, name, wet, area, hand }) => {
    if (place === 'field') return [];
    const { kind, title, why } = PIECE[place];
    return [
      {
        ...against(input),
        kind,
        title: `${title}: ${lowerFirst(name)}`,
        detail: `${area < 0.095 ? Math.round(area * 1e4) + ' cm²' : area.toFixed(2) + ' m²'} ${why}.${method === 'mech.scraper' ? ` With ${scraperFor(input)}.` : ''}`,
        hand,
        ...(METHODS[method as Method['id']] ? { contact: contactOf(METHODS[method as Method['id']] as Method, input.facts) } : {}),
        ...(wet ? { takes: WET } : {}),
        cautions: ['Cautions as before.'],
      },
    ];
  });

/** Filler that soaks stripper up is knocked out before it, with the paint that lies on it. */
function filler(input: Chosen): Task[] {
  const asked = required(input, 'filler-knock-out');
  if (!asked) return [];
  return [
    {
      kind: 'knock-filler-out',
      title: asked.title,
      detail: `${asked.reason} Ground or chiselled to bright metal, the paint over it with it; look for holes drilled under it.`,
      hand: HAND.knock,
      hold: look('eye, under a lamp', 'no filler left; holes and cracks under it marked as finds'),
    },
  ];
}

/** One patch for every stripper and top coating that meet in the job. */
function patch(input: Chosen): Task[] {
  const { option, facts } = input;
  if (!option.strip) return [];
  const area = patchArea(facts.area);
  const soft = facts.substrate.group.startsWith('plastic') || facts.substrate.group === 'composite';
  return [
    {
      kind: 'try-patch',
      share: `patch ${option.method} ${facts.off[0]?.coating.id ?? ''} ${facts.substrate.group}`,
      title: `Test patch, ${lowerFirst(option.name)}`,
      hand: HAND.patch,
      wait: option.strip.rounds[0]?.dwell.likely ?? 0,
      detail: `${Math.round(area * 1e4)} cm² in a hidden place, laid on as planned: read the blister time and correct the plan before the whole zone.${soft ? ' Then wait an hour.' : ''}`,
      hold: look(
        soft ? 'clock; a nail pressed in; a white cloth' : 'clock; bare eye on the metal',
        `Blister time written down, and the substrate is unharmed: ${soft ? 'no dent from the nail, nothing of it on the cloth' : 'not dark, not dull, not pitted'}.`,
      ),
    },
  ];
}

function rounds(input: Chosen): Task[] {
  const { facts, method, option } = input;
  const plan = option.strip;
  if (!plan || method.family !== 'chem') return [];
  const { stripper } = method;
  const residue = stripper.reaction === 'neutral' ? {} : { alsoEnds: ['neutral'] as const };
  const breaking = plan.broken ? (60 * facts.area) / BREAK_RATE : 0;
  const perRound = ((option.pieces[0]?.hand ?? 0) - breaking) / plan.rounds.length;
  const last = plan.rounds.length - 1;
  const wear = common(input);
  const laid = plan.rounds.map(({ dwell, lifts, depth }, i): Task => ({
    ...wear,
    ...residue,
    kind: i > 0 ? 'strip-next-round' : stripper.form === 'bath' ? 'strip-bath' : 'strip-round',
    cautions: i === 0 ? (wear.cautions ?? []) : ['Cautions as in round 1.'],
    title: `${stripper.name}, round ${i + 1} of ${plan.rounds.length}`,
    detail: `${layOnText(plan, stripper.form, facts.area)}; ${lifts.length > 0 ? `lifts ${countNames(lifts)}` : `softens about ${Math.round(depth)} µm`}. ${stripper.form === 'bath' ? 'Lift out, brush off what hangs' : `Scrape with ${scraperFor(input)}`}; ${i === last ? 'the rinse follows at once' : plan.between === 'rinse-and-dry' ? 'rinse, dry and start afresh' : 'go again straight away'}.`,
    hand: perRound,
    wait: dwell.likely,
    contact: contactOf(method, facts),
    lags: [
      {
        what: 'dwell',
        after: 'self',
        label: dwell.first,
        shop: null,
        by: 'model',
        least: dwell.first,
        most: Math.min(dwell.late, plan.workingLife),
        missed: {
          kind: 'strip-tool',
          says: `dry at ${formatMinutes(plan.workingLife)}: scrape or sand the crust off, rinse, dry, test a square, start afresh; never wet it again`,
        },
      },
    ],
    ...(i === last ? { hold: stripHold(input) } : {}),
  }));
  if (!plan.broken) return laid;
  const rule = option.findings.find(({ code }) => code === 'clear-break-first');
  const wet = wetOnly(facts);
  return [
    {
      kind: 'break-top',
      title: rule?.title ?? 'Break the closed surface',
      detail: `${rule?.reason ?? ''}${wet ? ` Wet, by hand: the top ${mayHold(facts)}.` : ''}`,
      hand: breaking,
      ...(wet ? { takes: ['wet', 'touch'] as const } : {}),
    },
    ...laid,
  ];
}

/** Steel and carbide only where nothing soft lies under them; common practice, no source. */
function scraperFor({ facts }: Chosen): string {
  return facts.substrate.group === 'ferrous' && facts.part.thickness >= 2 && facts.kept.length === 0
    ? 'a steel or carbide scraper held flat, off edges, holes and teeth'
    : 'a plastic scraper';
}

function layOnText({ covered, sections, film }: StripPlan, form: string, area: number): string {
  if (form === 'bath') return 'Lower in on wire, everything wet, nothing trapped';
  const lay = `Lay on ${film < 1 ? film.toFixed(1) : Number(film.toFixed(2))} mm in one direction${covered ? ', cover with film' : ''}`;
  return sections > 1 ? `${lay}, in ${sections} sections of about ${(area / sections).toFixed(2)} m²` : lay;
}

function blast(input: Chosen): Task[] {
  const { method, option, facts } = input;
  const { blast: plan, sentOut, at, hand, wait } = { ...option, hand: option.pieces[0]?.hand ?? 0, wait: ownWait(option) };
  const soda = method.id === 'blast.soda' ? { alsoEnds: ['neutral', 'residue-off'] as const } : {};
  const base: Task = {
    ...common(input),
    ...soda,
    kind: 'strip-blast',
    title: method.name,
    detail: method.how,
    hand,
    wait,
    contact: contactOf(method, facts),
    ...(method.traits.includes('wet') ? { takes: WET } : {}),
  };
  if (!plan) return [base];
  const most = `${plan.pressure.toFixed(1)} bar at the nozzle at most`;
  const hold = look('grade against the picture, straight edge', 'Grade agreed is reached all over; nothing warped.');
  if (!sentOut)
    return [
      {
        ...base,
        title: at === 'blast-cabinet' ? `${method.name} in the cabinet` : method.name,
        detail: `${most}${nozzleText(plan)}, ${holdText(plan)}. Leaves ${resultText(plan, facts.kept[0]?.coating.name)}. Stays on it: ${plan.residue}.`,
        hold,
      },
    ];
  const detail = `In writing on the order sheet: medium, ${most}, ${holdText(plan)}, what must not be hit, plugs and masking, ready date. Wanted: ${resultText(plan, facts.kept[0]?.coating.name)}. Prime the day it comes back.`;
  const onSite = facts.shop.contractors.find(({ id }) => id === at)?.onSite ?? false;
  return [
    {
      ...base,
      title: onSite ? `On site, by the firm: ${lowerFirst(method.name)}` : `At the contractor: ${lowerFirst(method.name)}`,
      detail: onSite ? detail.replace('the day it comes back', 'the same day') : detail,
      hold,
    },
  ];
}

function nozzleText({ nozzle, set, rhythm }: BlastPlan): string {
  if (!nozzle) return '';
  const pot = set === null ? '' : `, ${set.toFixed(1)} at the pot`;
  return `${pot}, ${nozzleOf(nozzle).name}${rhythm ? `, ${rhythm.blast.toFixed(1)} min on and ${rhythm.recover.toFixed(1)} min off` : ''}`;
}

const STATION: Readonly<Record<string, string>> = {
  chemical: 'Sheets and drums below, water running, everything for two rounds within reach.',
  'blast-pot': 'Dry air, sieved medium, screens up, others out.',
  'blast-cabinet': 'Sieved medium, seals and gloves whole, extraction on.',
  'caustic-tub': 'Water first, then lye, never the other way; lid, basket and acid rinse at hand.',
};

/** What zones share is set up once: stations of the shop, and deliveries to contractors with the way back. */
const stations = (input: Chosen): Task[] =>
  input.option.setUps.flatMap((setUp) => {
    if (setUp.id.startsWith('tool:')) return [];
    return setUp.id.startsWith('trip:') ? trip(input, setUp) : [station(setUp)];
  });

const station = ({ id, name, hand, wait }: SetUp): Task => ({
  kind: 'set-up-station',
  share: id,
  title: name,
  detail: STATION[id] ?? '',
  hand,
  wait,
});

/** Half the hands of a delivery are the way there, half the way back. */
function trip({ facts }: Chosen, { id, name, hand, wait }: SetUp): Task[] {
  const contractor = facts.shop.contractors.find((one) => `trip:${one.id}` === id);
  if (!contractor) return [];
  const { pickUpDays, daysAway, onSite } = contractor;
  if (onSite)
    return [
      {
        kind: 'hand-over-to-strip',
        share: id,
        title: name,
        detail: `It stays where it stands: the yard has agreed, screens and sheets up, water, air and waste settled in writing; primer and everything for it stand ready.${pickUpDays.length > 0 ? ` Days: ${pickUpDays.map((day) => WEEKDAYS[day]).join(', ')}.` : ''}`,
        hand,
        wait,
        days: pickUpDays,
        hold: look('walk round', 'Nothing that must not be hit is uncovered; medium, pressure and stop line agreed.'),
      },
    ];
  const hold = look('ticket by ticket', 'Count and condition signed for, going and coming back.');
  return [
    {
      kind: 'hand-over-to-strip',
      share: id,
      title: name,
      detail: `All parts in one delivery, each with a ticket and what must not be hit. Away ${daysAway} days${pickUpDays.length > 0 ? `; taken in on ${pickUpDays.map((day) => WEEKDAYS[day]).join(', ')}` : ''}.`,
      hand: hand / 2,
      wait,
      days: pickUpDays,
      hold,
    },
    {
      kind: 'fetch-back',
      share: `back ${id}`,
      title: `Fetch back from ${contractor.name}`,
      detail: 'Dry and wrapped, clean gloves; the primer and everything for it stand ready before you leave: the clock runs from the blast.',
      hand: hand / 2,
      hold,
    },
  ];
}
