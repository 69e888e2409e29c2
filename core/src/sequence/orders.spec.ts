import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { Job } from '../model/job.ts';
import type { Operation, OperationKind } from '../model/operation.ts';
import type { Plan } from '../model/plan.ts';
import { planJob } from '../plan-job.ts';
import { checkSequence } from './check-sequence.ts';
import { sayLag, whyHere } from './why-here.ts';

const plan = (sample: Sample): Plan => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE);
const kinds = ({ operations }: Plan): OperationKind[] => operations.map(({ kind }) => kind);
const find = ({ operations }: Plan, kind: OperationKind): Operation => {
  const found = operations.find((operation) => operation.kind === kind);
  if (!found) throw new Error(`no ${kind} in ${operations.map((one) => one.kind).join(' ')}`);
  return found;
};
/** Each kind stands, and its first comes after the first of the kind before. */
function inOrder(given: Plan, ...wanted: OperationKind[]): void {
  const at = wanted.map((kind) => kinds(given).indexOf(kind));
  expect([wanted, at.every((i) => i >= 0)]).toEqual([wanted, true]);
  expect(at).toEqual([...at].sort((a, b) => a - b));
}
const lastBefore = (given: Plan, kind: OperationKind, end: OperationKind): number =>
  kinds(given).slice(0, kinds(given).indexOf(end)).lastIndexOf(kind);
const many = (...samples: Sample[]): Job => {
  const jobs = samples.map((sample) => sampleJob(sample));
  const parts = jobs.flatMap(({ parts: [part], finish }, i) =>
    part ? [{ ...part, id: `p${i}`, name: `Part ${i}`, finish, zones: part.zones.map((zone) => ({ ...zone, id: `z${i}` })) }] : [],
  );
  return { ...(jobs[0] as Job), parts };
};

const PP: Sample = { substrate: 'pp-epdm', thickness: 3, stack: [], target: { kind: 'keep' }, finish: 'base-clear' };
const SECTION: Sample = { substrate: 'mild-steel-section', thickness: 4 };

/** Orders of the trade; common practice, no source. */
describe('what comes before what', () => {
  test('a plastic is flamed after it is keyed, wiped and covered, and nothing is sanded or wiped between flame and promoter', () => {
    const flamed = plan({ ...PP, condition: { history: 'unknown' }, shop: { schools: { P3: 'both' } } });
    inOrder(flamed, 'soak-plastic', 'wipe-release', 'key', 'wipe', 'flame-clean', 'flame', 'test', 'coat');
    const between = kinds(flamed).slice(kinds(flamed).indexOf('flame') + 1, kinds(flamed).indexOf('coat'));
    expect(between).toEqual(['test', 'dry']);
  });

  test('an unflamed olefin is tried with tape on a coupon, a flamed one with water', () => {
    expect(find(plan(PP), 'test')).toMatchObject({ title: 'Tape test on a painted coupon', takes: [] });
    expect(find(plan({ ...PP, shop: { schools: { P3: 'flame' } } }), 'test').hold?.method).toContain('water-break');
  });

  test.each<[string, Sample]>([
    ['tank', { role: 'tank', contents: 'fuel' }],
    ['sealed hollow', { features: ['sealed-hollow'] }],
    ['pressure vessel', { role: 'pressure' }],
  ])('no flame comes near a plastic %s: promoter takes its place', (_, closed) => {
    const flamed = plan({ ...PP, ...closed, shop: { schools: { P3: 'flame' } } });
    expect(kinds(flamed)).not.toContain('flame');
    expect(find(flamed, 'coat').coat?.name).toContain('promoter');
    expect(find(flamed, 'test').title).toBe('Tape test on a painted coupon');
  });

  test('on clad skin nothing is keyed: bare it is converted, and paint that cannot be keyed is a stop', () => {
    const clad: Sample = { substrate: 'aluminium-clad', finish: 'solid-2k', stack: [['alkyd-enamel', 90]], condition: { lead: 'lab-clear' } };
    expect(kinds(plan(clad))).toContain('convert-metal');
    const kept = plan({ ...clad, target: { kind: 'keep' } });
    expect(kept.findings).toContainEqual(expect.objectContaining({ code: 'key-forbidden', severity: 'stop' }));
    for (const one of [plan(clad), kept]) expect(kinds(one)).not.toContain('key');
    expect(plan({ ...clad, substrate: 'galvanised', target: { kind: 'keep' } }).findings.map(({ code }) => code)).not.toContain('key-forbidden');
  });

  test.each<[string, Sample]>([
    ['asbestos', { substrate: 'cast-iron', thickness: 10, features: ['friction-lining'] }],
    ['lead', { ...SECTION, item: { year: 1960 }, condition: { lead: 'suspected' } }],
  ])('where %s may be, no step of any way that is open blows it about', (_, sample) => {
    for (const { method, verdict } of plan(sample).zones[0]?.options ?? []) {
      if (verdict === 'ruled-out') continue;
      const open = plan({ ...sample, choice: { method, reason: 'tried' } });
      const blown = open.operations.filter(({ title, detail }) =>
        /blow (down|out|them)|air gun/i.test(`${title} ${detail.replace(/never [^.]*/gi, '')}`),
      );
      expect([method, blown.map(({ title }) => title)]).toEqual([method, []]);
    }
  });

  test('acid is rinsed, and what the rinse has wetted is dried again, with that as the reason', () => {
    const rusty = plan({ ...SECTION, condition: { rustGrade: 'A' }, choice: { method: 'mech.da' } });
    inOrder(rusty, 'inspect', 'treat-rust', 'rinse-acid', 'dry', 'key');
    expect(find(rusty, 'dry').why).toBe('The face is dry before “Key P80”; “Rinse the acid off” undid that.');
  });

  test('old filler comes out before the hole under it is welded, in whatever order they were found', () => {
    const finds = [{ kind: 'hole' }, { kind: 'old-filler' }, { kind: 'dent', depth: 2 }] as const;
    for (const found of [finds, [...finds].reverse()]) {
      const holed = plan({ choice: { method: 'chem.fast-solvent' }, finds: found });
      inOrder(
        holed,
        'inspect',
        'knock-old-filler-out',
        'air-out',
        'open-up',
        'weld',
        'dress',
        'key-for-fill',
        'fill',
        'block',
        'key',
        'test',
        'coat',
      );
      expect(lastBefore(holed, 'wipe', 'coat')).toBeGreaterThan(kinds(holed).lastIndexOf('block'));
    }
  });

  test('a bottom is contained before it is washed, washed before it is dewaxed, covered and stripped', () => {
    const bottom = plan({
      substrate: 'grp-gelcoat',
      thickness: 12,
      item: { kind: 'boat', service: 'immersed-salt' },
      finish: 'antifouling',
      features: ['anodes', 'sensors'],
      stack: [['antifoul-hard', 200]],
      condition: { contamination: ['fouling', 'salt'] },
      choice: { method: 'chem.gelcoat-safe' },
    });
    inOrder(
      bottom,
      'contain',
      'pressure-wash',
      'desalt',
      'dewax',
      'cover-for-strip',
      'strip-round',
      'rinse-off',
      'uncover-strip',
      'inspect',
      'key',
      'cover-for-paint',
      'measure-moisture',
      'coat',
      'pull-tape',
      'cure',
      'launch',
    );
    expect(sayLag(find(bottom, 'launch').lags[0] as never, bottom.operations)).toMatch(/^from .* after “Ablative antifouling/);
    expect(find(bottom, 'launch').lags.map(({ what }) => what)).toEqual(['immerse', 'load']);
  });

  test('filler that soaks stripper up is knocked out before it and is no layer that the stripper goes through', () => {
    const stack: Sample['stack'] = [
      ['body-filler', 1500],
      ['surfacer-2k', 60],
      ['clear-2k', 60],
    ];
    const filled = plan({ stack, choice: { method: 'chem.benzyl-neutral' } });
    const without = plan({ stack: stack.slice(1), choice: { method: 'chem.benzyl-neutral' } });
    inOrder(filled, 'knock-filler-out', 'strip-round');
    expect(filled.zones[0]?.chosen?.strip?.rounds.length).toBe(without.zones[0]?.chosen?.strip?.rounds.length);
    expect(filled.zones[0]?.chosen?.strip?.litres).toBeCloseTo(without.zones[0]?.chosen?.strip?.litres ?? 0, 9);
  });

  test('a tank keeps its plugs until the last coat is dry, and is purged before anything', () => {
    const tank = plan({ features: ['fuel-tank'], choice: { method: 'chem.fast-solvent' } });
    inOrder(tank, 'check-kit', 'close-tank', 'try-patch', 'strip-round', 'uncover-strip', 'coat', 'cure', 'open-tank');
    expect(find(tank, 'uncover-strip').detail).toContain('the plugs of the tank stay in');
    expect(find(tank, 'close-tank').hold).toMatchObject({ most: 10, unit: '% LEL' });
  });

  test('a face that will be covered is looked at before it is closed up', () => {
    inOrder(plan({ features: ['faying'] }), 'coat', 'cure', 'check-covered', 'refit');
  });

  test('fillers on epoxy come between primer and surfacer, on metal before the primer', () => {
    const filling = { area: 0.05, depth: 2, hardener: 2 };
    expect(kinds(plan({ filling })).indexOf('fill')).toBeLessThan(kinds(plan({ filling })).indexOf('coat'));
    const sealed = plan({ filling, shop: { schools: { F2: 'on-epoxy' } } });
    inOrder(sealed, 'coat', 'key-for-fill', 'fill', 'block');
    expect(sealed.operations.find(({ kind }) => kind === 'fill')?.number).toBeLessThan(
      sealed.operations.find(({ title }) => title.startsWith('Two-pack surfacer'))?.number ?? 0,
    );
  });
});

describe('laid parts', () => {
  const rim = { kind: 'rim', diameter: 0.43, width: 0.19, well: 0.02, hub: 0.07, count: 1 } as NonNullable<Sample['shape']>;
  const WHEEL: Sample = { substrate: 'aluminium-cast', thickness: 8, shape: rim, stack: [['clear-2k', 60]] };
  const laid = plan({ ...WHEEL, held: 'laid' });
  const hung = plan({ ...WHEEL, held: 'hung' });

  test('face and back are keyed and coated apart, and turned only once the film bears it', () => {
    const sides = laid.operations.filter(({ kind }) => kind === 'key' || kind === 'coat').flatMap(({ faces }) => faces.map(({ side }) => side));
    expect(new Set(sides)).toEqual(new Set(['face', 'back']));
    const turn = find(laid, 'turn');
    const surfacer = laid.zones[0]?.build?.coats.find(({ role }) => role === 'surfacer');
    expect(turn.lags[0]?.least).toBeGreaterThan(surfacer?.recoatMin ?? Infinity);
    expect(kinds(hung)).not.toContain('turn');
  });
  test('hung it takes half the sessions, and the plan says so for the whole job', () => {
    const sessions = (given: Plan) => given.operations.filter(({ coat }) => coat).length;
    expect(sessions(laid)).toBe(2 * sessions(hung));
    expect(laid.findings.find(({ code }) => code === 'hang-it')?.reason).toContain(`${sessions(laid)} sessions laid, ${sessions(hung)} hung`);
  });
  test('both sides together take the hands and the paint of the whole, save for one gun set up more', () => {
    const laidOn = (given: Plan) =>
      given.operations
        .filter(({ coat }) => coat)
        .flatMap(({ faces }) => faces.map(({ hand }) => hand))
        .reduce((sum, hand) => sum + hand, 0);
    expect(laidOn(laid)).toBeCloseTo(laidOn(hung), 6);
  });
  test('a flat part is turned only where its back is coated too', () => {
    expect(kinds(plan({ held: 'laid' }))).not.toContain('turn');
    expect(kinds(plan({ held: 'laid', sides: 'both' }))).toContain('turn');
  });
});

describe('coats', () => {
  test('each zone gets exactly its own passes out of one mix, and the last pass of each is named', () => {
    const job = planJob(many({ films: { 'solid-2k': 28 } }, {}, {}), sampleShop(), CATALOGUE);
    const passes = job.operations.filter(({ coat }) => coat?.name === 'Two-pack solid colour');
    expect(passes.map(({ faces }) => faces.map(({ zone }) => zone))).toEqual([
      ['z0', 'z1', 'z2'],
      ['z1', 'z2'],
    ]);
    expect(passes[0]?.detail).toMatch(/^Mix about .* L.*; one mix for 3 zones\..*Last coat on Part 0: Zone\./);
    expect(passes[1]?.title).toBe('Two-pack solid colour, coat 2 of 2');
    const litres = job.zones
      .flatMap(({ build }) => build?.coats.filter(({ role }) => role === 'colour') ?? [])
      .reduce((sum, coat) => sum + coat.litres, 0);
    expect(Number(/Mix about ([\d.]+) L/.exec(passes[0]?.detail ?? '')?.[1])).toBeCloseTo(litres, 1);
  });
  test('faces whose promoter is open come first in a colour that others share', () => {
    const job = planJob(many({}, { ...PP, finish: 'solid-2k' }), sampleShop(), CATALOGUE);
    const colour = job.operations.find(({ title }) => title.startsWith('Two-pack solid colour'));
    expect(colour?.detail).toContain('Begin with Part 1: Zone: the promoter closes.');
    const promoter = job.operations.findIndex(({ title }) => title.startsWith('Adhesion promoter'));
    expect(job.operations.findLastIndex(({ kind }) => kind === 'sand-film')).toBeLessThan(promoter);
  });
});

describe('stops and records', () => {
  test('a crack in a bearing part stops before anything is spent, without a tick box; released it stays on record', () => {
    const crack = { kind: 'crack', where: 'caster weld' } as const;
    const stopped = plan({ ...SECTION, role: 'frame', finds: [crack] });
    expect(stopped.operations[0]).toMatchObject({ kind: 'clear-damage', stop: expect.stringContaining('carries people') });
    const released = plan({
      ...SECTION,
      role: 'frame',
      finds: [{ ...crack, released: { by: 'A. Welder', at: '2026-05-04', note: 'Welded, dye-tested.' } }],
    });
    expect(released.operations.some(({ stop }) => stop !== null)).toBe(false);
    expect(find(released, 'release-find').detail).toBe('By A. Welder on 2026-05-04. Welded, dye-tested.');
    expect(plan({ ...SECTION, role: 'not-said', finds: [crack] }).findings.map(({ code }) => code)).toEqual(
      expect.arrayContaining(['find-licensed', 'role-not-said']),
    );
    expect(plan({ role: 'ordinary', finds: [{ kind: 'dent', depth: 2 }] }).operations.some(({ stop }) => stop !== null)).toBe(false);
  });
  test('what only shows is left and written down', () => {
    const left = plan({ finds: [{ kind: 'dent', where: 'low', disposition: 'cosmetic' }] });
    expect(find(left, 'inspect').detail).toContain('Left as they are, on record: dent, low.');
    expect(kinds(left)).not.toContain('fill');
  });
  test('a step left out stays on the sheet with its reason and without hands', () => {
    const left = plan({ features: ['glass'], leftOut: [{ kind: 'test', reason: 'the sheet of the primer takes it wiped' }] });
    expect(find(left, 'test')).toMatchObject({ title: 'Left out: Water-break test', hand: 0, against: 'the sheet of the primer takes it wiped' });
    expect(checkSequence(left.operations)).toEqual([]);
  });
  test('a primer against the rules is planned with a written reason only, and stays marked', () => {
    const picked: Sample = { finish: 'solid-2k', system: ['primer-1k'] };
    expect(plan(picked).findings.map(({ code }) => code)).not.toContain('system-against');
    const against = plan({ ...picked, systemReason: 'customer wants it so' });
    expect(against.zones[0]?.build?.coats[0]?.base).toBe('primer-1k');
    expect(find(against, 'coat').against).toBe('customer wants it so');
    expect(against.zones[0]?.build?.findings.map(({ code }) => code)).toContain('system-against');
  });
});

describe('windows', () => {
  test('a window too short for the fixed part of the work is a stop with ways out, else it is worked in pieces', () => {
    const damp: Sample = {
      ...SECTION,
      area: 6,
      choice: { method: 'blast.wet-abrasive' },
      place: { humidity: 88, temperature: 14, gateReasons: { dew: 'as its sheet allows', damp: 'as its sheet allows', cold: 'as its sheet allows' } },
    };
    const stop = plan(damp).findings.find(({ code }) => code === 'window-too-short');
    expect(stop).toMatchObject({ severity: 'stop', change: expect.stringMatching(/drier or warmer room, more hands, a holding film/) });
    const dry = plan({ ...damp, choice: { method: 'blast.garnet' }, area: 60, place: { humidity: 70, temperature: 20 } });
    expect(dry.findings.map(({ code }) => code)).not.toContain('window-too-short');
    expect(find(dry, 'coat').detail).toMatch(/in \d+ pieces of [\d.]+ m² at most, each from “At the contractor: garnet blast”/);
  });
  test('a promoter that closes in 10 min goes on piece by piece with the coat that follows, and is no stop for a bumper of 2 m²', () => {
    const bumper = plan({ ...PP, area: 2 });
    expect(bumper.findings.filter(({ code }) => code === 'window-too-short')).toEqual([]);
    // 10 min for a m² and pass, 3 of the 10 min go by before the next pass: 7 min of 20.
    expect(find(bumper, 'coat').detail).toContain('In pieces of 0.70 m² at most');
    expect(find(plan({ ...PP, area: 0.6 }), 'coat').detail).not.toContain('pieces');
  });
  test('a place that is blasted once more does not set back the clock of the whole face', () => {
    const pitted = plan({ ...SECTION, choice: { method: 'blast.garnet' }, finds: [{ kind: 'pits' }] });
    inOrder(pitted, 'strip-blast', 'inspect', 'derust', 'coat');
    const since = find(pitted, 'coat').lags.find(({ what }) => what === 'prime')?.after;
    expect(pitted.operations.find(({ id }) => id === since)?.kind).toBe('strip-blast');
  });
  test('no batch takes longer than its clock: what is bared is primed before the next is bared', () => {
    for (const job of DEMO_JOBS) {
      const { operations, findings } = planJob(job, DEMO_SHOP, CATALOGUE);
      for (const primed of operations)
        for (const { what, after, most } of primed.lags) {
          if (what !== 'prime' || most === null || findings.some(({ code }) => code === 'window-too-short')) continue;
          const from = operations.findIndex(({ id }) => id === after);
          const spent = operations.slice(from + 1, primed.number).reduce((sum, { hand }) => sum + hand, 0);
          expect([primed.title, spent <= most + primed.hand]).toEqual([primed.title, true]);
        }
    }
  });
});

describe('materials that forbid a contact', () => {
  const key = (sample: Sample) =>
    plan({ ...sample, choice: { method: 'chem.benzyl-neutral', reason: 'sample' } }).operations.filter(
      ({ kind }) => kind === 'key' || kind === 'convert-metal',
    );
  test('zinc is dulled with a pad or fine paper, never P80', () => {
    expect(key({ substrate: 'galvanised', thickness: 3 })[0]).toMatchObject({ title: 'Key P240', contact: { wet: true } });
  });
  test('magnesium is keyed wet and goes to somebody for its conversion coating', () => {
    const steps = key({ substrate: 'magnesium', thickness: 5 });
    expect(steps.map(({ kind }) => kind)).toEqual(['key', 'convert-metal']);
    expect(steps[0]).toMatchObject({ contact: { wet: true }, takes: ['wet', 'dust', 'touch'] });
  });
  test('clad skin takes no abrasive on any step', () => {
    const skin = plan({
      substrate: 'aluminium-clad',
      thickness: 0.8,
      item: { kind: 'aircraft' },
      finish: 'aviation-topcoat',
      choice: { method: 'chem.benzyl-neutral' },
    });
    expect(kinds(skin)).toContain('convert-metal');
    expect(kinds(skin)).not.toContain('key');
    expect(skin.operations.every(({ contact }) => contact?.grit == null)).toBe(true);
  });
  test('plastics see nothing coarser than P320, on specks and edges neither', () => {
    const grits =
      plan({ substrate: 'abs', thickness: 3, stack: [['basecoat', 20]], edgeLength: 3 }).zones[0]?.abrade?.steps.map(({ grit }) =>
        Number(grit.slice(1)),
      ) ?? [];
    expect(Math.min(...grits)).toBeGreaterThanOrEqual(320);
  });
  test('a hollow that no tool enters is flushed, dried and waxed, never scraped', () => {
    const hollow = plan({ ...SECTION, access: 'inside', condition: { rustGrade: 'B' } });
    inOrder(hollow, 'flush-hollow', 'dry', 'convert-rust', 'wax-hollow', 'check-covered');
    expect(kinds(hollow).some((kind) => ['strip-tool', 'strip-round', 'key', 'coat'].includes(kind))).toBe(false);
  });
  test('a part that stays in place is not delivered; a firm that comes blasts it where it stands', () => {
    const fixed: Sample = { ...SECTION, held: 'in-place', choice: { method: 'blast.garnet' } };
    expect(kinds(plan(fixed))).not.toContain('fetch-back');
    const [contractor] = sampleShop().contractors;
    const mobile = plan({ ...fixed, shop: { contractors: contractor ? [{ ...contractor, onSite: true }] : [] } });
    expect(find(mobile, 'strip-blast').title).toMatch(/^On site, by the firm/);
    expect(kinds(mobile)).not.toContain('fetch-back');
  });
});

test('edges sanded wet are dried before anybody looks at the face, and dressed for water', () => {
  const edged = plan({ ...PP, stack: [['basecoat', 15]], target: { kind: 'bare' }, choice: { method: 'mech.da-fine' }, edgeLength: 3 });
  const edge = edged.operations.find(({ title }) => title.includes('wet sanding by hand'));
  expect(edge?.takes).toContain('wet');
  expect(edge?.protection.map(({ says }) => says).join()).toContain('apron');
  const drying = edged.operations.find(({ kind, number }) => kind === 'dry' && number > (edge?.number ?? Infinity));
  expect(drying?.number).toBeLessThan(find(edged, 'inspect').number);
});

test('specks come off with a plastic blade on all but heavy steel', () => {
  const left = (sample: Sample) => find(plan({ choice: { method: 'chem.fast-solvent' }, ...sample }), 'strip-specks').detail;
  expect(left({ substrate: 'aluminium-sheet', thickness: 1.5 })).toContain('With a plastic scraper');
  expect(left({})).toContain('With a plastic scraper');
  expect(left(SECTION)).toContain('With a steel or carbide scraper');
});

describe('the checker', () => {
  const operations = planJob(DEMO_JOBS[0] as Job, DEMO_SHOP, CATALOGUE).operations;
  const without = (drop: Operation): Operation[] => operations.filter((one) => one !== drop);
  test.each(['dry', 'dust-off', 'rinse-off', 'neutralise', 'wipe', 'test', 'uncover-strip', 'cover-again', 'clean-film'] as const)(
    'misses no %s',
    (kind) => {
      const all = operations.filter((one) => one.kind === kind);
      expect(all.length).toBeGreaterThan(0);
      const noticed = all.filter((one) => checkSequence(without(one)).length > 0);
      // The last wipe before a test hides an earlier one that a cover has undone.
      expect(noticed.length).toBeGreaterThanOrEqual(kind === 'wipe' || kind === 'dry' ? all.length / 2 : all.length);
    },
  );
  test('notices two dependent steps that change places', () => {
    const swaps = operations.slice(1).flatMap((one, i) => {
      const before = operations[i] as Operation;
      return before.askedBy?.id !== one.id ? [] : [[...operations.slice(0, i), one, before, ...operations.slice(i + 2)]];
    });
    expect(swaps.length).toBeGreaterThan(3);
    expect(swaps.filter((swapped) => checkSequence(swapped).length > 0).length).toBeGreaterThan(swaps.length / 2);
  });
  test('finds nothing wrong with the demo jobs', () => {
    for (const job of DEMO_JOBS) expect(checkSequence(planJob(job, DEMO_SHOP, CATALOGUE).operations)).toEqual([]);
  });
});

describe('why here', () => {
  const { operations } = planJob(DEMO_JOBS[0] as Job, DEMO_SHOP, CATALOGUE);
  test('every step answers, and names what it builds on and what would be lost', () => {
    for (const operation of operations) {
      const { why, sooner, later } = whyHere(operation, operations);
      for (const said of [why, sooner, later]) expect(said).toMatch(/^[A-Z“\d].*\.$/s);
    }
  });
  test('a key says that it follows the look and that the wipe waits for it', () => {
    const key = operations.find(({ kind, title }) => kind === 'key' && title.startsWith('Key P80')) as Operation;
    const { needs, later } = whyHere(key, operations);
    expect(needs).toContain('The bare face is looked over: “Look over what the paint hid”.');
    expect(later).toMatch(/^After “.*” that would be done although it does not hold that the face is keyed\.$/);
  });
});
