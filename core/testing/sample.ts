import { CATALOGUE } from '../src/catalogue/catalogue.ts';
import type { Method } from '../src/catalogue/methods.ts';
import type { Primer } from '../src/catalogue/primers.ts';
import { planStrip } from '../src/chemical/strip-plan.ts';
import { gatherFacts, type ZoneFacts } from '../src/facts/zone-facts.ts';
import { AS_WORKED_OUT, type BlastSetting } from '../src/model/blast-setting.ts';
import type { Design } from '../src/model/design.ts';
import { Find } from '../src/model/find.ts';
import { Filling } from '../src/model/filling.ts';
import type { Moisture } from '../src/model/moisture.ts';
import type { TestRecord } from '../src/model/identification.ts';
import type { CoatingId, FinishId, MethodId, PrimerId, ProductId } from '../src/model/ids.ts';
import type { Choice, Condition, Item, Job, Layer, Part, Place, Zone } from '../src/model/job.ts';
import { CLEAN, NEW_PART, newJob } from '../src/model/new-job.ts';
import { DEFAULT_SHOP } from '../src/model/default-shop.ts';
import type { Shop } from '../src/model/shop.ts';
import { AS_USUAL, type LayChoice, type TestPatch } from '../src/model/test-patch.ts';
import { groundOf } from '../src/build/choose-primer.ts';
import type { FinishSubject, MethodSubject, PrimerSubject } from '../src/rules/subjects.ts';
import { degC, m2, m3, m3PerHour, metres, metresPerSecond, mm, percent, um } from '../src/units/quantities.ts';

type StackEntry = readonly [coating: CoatingId, film: number, state?: Layer['state'], origin?: Layer['origin']];

export interface Sample {
  readonly substrate?: Part['substrate'];
  readonly floats?: Part['floats'];
  readonly thickness?: number;
  readonly features?: Part['features'];
  readonly stack?: readonly StackEntry[];
  readonly area?: number;
  readonly access?: Zone['access'];
  readonly orientation?: Zone['orientation'];
  readonly target?: Zone['target'];
  readonly choice?: Pick<Choice, 'method'> & Partial<Choice>;
  readonly edgeLength?: number;
  readonly creviceArea?: number;
  readonly tests?: readonly TestRecord[];
  readonly lay?: Partial<LayChoice>;
  readonly patches?: readonly TestPatch[];
  readonly blast?: { readonly [K in keyof BlastSetting]?: BlastSetting[K] extends string | null ? BlastSetting[K] : number };
  readonly filling?: { readonly area: number; readonly depth: number; readonly hardener: number };
  readonly system?: readonly string[];
  readonly films?: Readonly<Partial<Record<ProductId, number>>>;
  readonly design?: Design;
  readonly laidWith?: Zone['laidWith'];
  readonly moisture?: Moisture;
  readonly alloy?: string;
  readonly role?: Part['role'];
  readonly contents?: Part['contents'];
  /** °C of the part */
  readonly metal?: number;
  readonly held?: Part['held'];
  readonly sides?: Zone['sides'];
  readonly systemReason?: string;
  readonly leftOut?: Zone['leftOut'];
  readonly finds?: readonly (Pick<Find, 'kind'> & Partial<Record<keyof Find, unknown>>)[];
  readonly shape?: Zone['shape'];
  readonly box?: readonly [length: number, width: number, height: number];
  readonly touching?: Part['touching'];
  readonly condition?: Partial<Condition>;
  readonly item?: Partial<Item>;
  readonly place?: Partial<{ [K in keyof Place]: Place[K] extends number ? number : Place[K] extends number | null ? number | null : Place[K] }>;
  readonly finish?: FinishId | null;
  readonly shop?: Partial<Omit<Shop, 'schools'>> & { readonly schools?: Partial<Shop['schools']> };
}

/** One part with one zone; mild steel sheet of 0.8 mm with 40 µm of sound enamel, tested free of lead, unless said otherwise. */
export function sampleJob(sample: Sample = {}): Job {
  const base = newJob('Sample');
  const stack = (sample.stack ?? [['alkyd-enamel', 40]]).map(([coating, film, state, origin], i): Layer => ({
    id: `layer${i + 1}`,
    coating,
    thickness: um(film),
    state: state ?? 'sound',
    origin: origin ?? 'unknown',
    name: '',
    colour: '',
  }));
  const zone: Zone = {
    id: 'zone1',
    name: 'Zone',
    shape: sample.shape ?? { kind: 'entered', area: m2(sample.area ?? 1) },
    orientation: sample.orientation ?? 'up',
    access: sample.access ?? 'flat',
    stack,
    condition: { ...CLEAN, lead: 'lab-clear', ...sample.condition },
    edgeLength: sample.edgeLength === undefined ? null : metres(sample.edgeLength),
    creviceArea: sample.creviceArea === undefined ? null : m2(sample.creviceArea),
    tests: [...(sample.tests ?? [])],
    lay: sample.lay ? { ...AS_USUAL, ...sample.lay } : null,
    patches: [...(sample.patches ?? [])],
    blast: sample.blast ? { ...AS_WORKED_OUT, ...(sample.blast as Partial<BlastSetting>) } : null,
    finds: (sample.finds ?? []).map((find, i) => Find.parse({ id: `f${i + 1}`, where: '', area: null, depth: null, loaded: false, ...find })),
    filling: sample.filling ? Filling.parse(sample.filling) : null,
    system: sample.system ? [...sample.system] : null,
    films: (sample.films ?? {}) as Zone['films'],
    laidWith: sample.laidWith ?? {},
    moisture: sample.moisture ?? null,
    design: sample.design ?? null,
    sides: sample.sides ?? null,
    systemReason: sample.systemReason ?? '',
    leftOut: [...(sample.leftOut ?? [])],
    target: sample.target ?? { kind: 'bare' },
    choice: sample.choice ? { at: null, reason: '', by: 'hand', ...sample.choice } : null,
  };
  const part: Part = {
    id: 'part1',
    name: 'Part',
    substrate: sample.substrate ?? 'mild-steel-sheet',
    floats: sample.floats ?? 'not-tested',
    thickness: mm(sample.thickness ?? 0.8),
    held: sample.held ?? 'hung',
    features: sample.features ?? [],
    box: sample.box ? { length: metres(sample.box[0]), width: metres(sample.box[1]), height: metres(sample.box[2]) } : null,
    touching: [...(sample.touching ?? [])],
    ...NEW_PART,
    role: sample.role ?? 'ordinary',
    contents: sample.contents ?? 'not-said',
    metal: sample.metal === undefined ? null : degC(sample.metal),
    alloy: sample.alloy ?? '',
    finish: null,
    zones: [zone],
  };
  const place = {
    indoors: true,
    kind: 'workshop' as const,
    extraction: true,
    temperature: 20,
    humidity: 50,
    metal: null,
    wind: null,
    paintHours: null,
    room: null,
    airFlow: null,
    gateReasons: {},
    ...sample.place,
  };
  return {
    ...base,
    item: { ...base.item, year: 2015, ...sample.item },
    place: {
      ...place,
      temperature: degC(place.temperature),
      humidity: percent(place.humidity),
      metal: place.metal === null ? null : degC(place.metal),
      wind: place.wind === null ? null : metresPerSecond(place.wind),
      room: place.room === null ? null : m3(place.room),
      airFlow: place.airFlow === null ? null : m3PerHour(place.airFlow),
    },
    finish: sample.finish === undefined ? 'solid-2k' : sample.finish,
    parts: [part],
  };
}

export const sampleShop = ({ shop }: Sample = {}): Shop => ({ ...DEFAULT_SHOP, ...shop, schools: { ...DEFAULT_SHOP.schools, ...shop?.schools } });

export const sampleFacts = (sample: Sample = {}): ZoneFacts => gatherFacts(sampleJob(sample), sampleShop(sample), CATALOGUE)[0] as ZoneFacts;

export function methodSubject(id: MethodId, sample: Sample = {}): MethodSubject {
  const zone = sampleFacts(sample);
  const method = CATALOGUE.methods[id] as Method;
  return { zone, method, strip: method.family === 'chem' ? planStrip(zone, method.stripper) : null };
}

export function primerSubject(id: PrimerId, sample: Sample = {}, more: { method?: MethodId; acidLive?: boolean } = {}): PrimerSubject {
  const zone = sampleFacts(sample);
  return {
    zone,
    primer: CATALOGUE.primers[id] as Primer,
    ground: groundOf(zone),
    finish: CATALOGUE.finishes[sample.finish ?? 'solid-2k'],
    method: (more.method && CATALOGUE.methods[more.method]) ?? null,
    acidLive: more.acidLive ?? false,
  };
}

export function finishSubject(id: FinishId, sample: Sample = {}): FinishSubject {
  return { zone: sampleFacts({ ...sample, finish: id }), finish: CATALOGUE.finishes[id] };
}
