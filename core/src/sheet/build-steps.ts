import { planMasking } from '../build/masking.ts';
import { areaWithinWindow, tightest, windowsOf } from '../build/windows.ts';
import type { CoatPlan } from '../model/build.ts';
import { coatProtection, SAND_PROTECTION } from '../safety/protection.ts';
import { formatMinutes } from '../units/format-quantity.ts';
import { sum } from '../units/sum.ts';
import { colourLineSteps } from './colour-line-steps.ts';
import { draftStep, placeName, type DraftStep } from './draft-step.ts';
import type { PlannedZone } from './planned-zone.ts';

/** min to mix, set up and clean the gun once for a product; model assumption. */
const SET_UP = { gun: 30, roller: 15, aerosol: 10 } as const;

/** min/m² to block a surfacer; model assumption. */
const SAND = 15;
/** min to turn a part over; model assumption. */
const TURN = 3;

interface Batch {
  readonly coat: CoatPlan;
  readonly depth: number;
  readonly zones: PlannedZone[];
}

/** Coats in order of the build; zones that take the same product at the same place in their build share one mix. */
export function buildSteps(zones: readonly PlannedZone[]): DraftStep[] {
  const ordered = batches(zones);
  const ground = ordered.filter(({ coat }) => rank(coat) < PROMOTER);
  const colour = ordered.filter(({ coat }) => rank(coat) >= PROMOTER);
  return [
    ...ground.flatMap(coatSteps),
    ...colour.flatMap(sandingStep),
    ...colour.flatMap((batch) => [...coatSteps(batch), ...colourLineSteps(batch.coat, batch.zones)]),
  ];
}

/** A batch follows every product that lies under it in any of its zones. */
function batches(zones: readonly PlannedZone[]): Batch[] {
  const merged = new Map<string, Batch>();
  for (const zone of zones)
    zone.plan.build?.coats.forEach((coat, depth) => {
      const mix = `${coat.product} ${coat.name}`;
      const known = merged.get(mix);
      if (!known) merged.set(mix, { coat, depth, zones: [zone] });
      else merged.set(mix, { coat: add(known.coat, coat), depth: Math.max(known.depth, depth), zones: [...known.zones, zone] });
    });
  return [...merged.values()].sort((a, b) => rank(a.coat) - rank(b.coat) || a.depth - b.depth);
}

/** The promoter comes last before colour, after all sanding: its window is minutes. */
const PROMOTER = 2;
const rank = ({ role, base }: CoatPlan): number => (base === 'adhesion-promoter' ? PROMOTER : { primer: 0, surfacer: 1, colour: 3 }[role]);

const add = (a: CoatPlan, b: CoatPlan): CoatPlan => ({ ...a, litres: a.litres + b.litres, thinner: a.thinner + b.thinner, hand: a.hand + b.hand });

/** The surfacer is sanded before colour: zones that need it, to the grits that the colour wants. */
function sandingStep({ coat, zones }: Batch): DraftStep[] {
  const keyed = zones.filter(({ plan }) => plan.build?.coats.some(({ name, role, key }) => name === coat.name && role === 'colour' && key !== null));
  const key = keyed[0]?.plan.build?.coats.find(({ name }) => name === coat.name)?.key;
  if (!key) return [];
  return [
    draftStep({
      stage: 'build',
      notBefore: sandable(keyed),
      title: `Sand the surfacer P${key[0]} to P${key[1]}`,
      detail: 'Guide coat and block until it is gone; dust off, solvent wipe, tack.',
      where: keyed.map(({ plan }) => placeName(plan.partName, plan.zoneName)),
      hand: SAND * keyed.reduce((sum, { facts }) => sum + facts.area, 0),
      protection: [...SAND_PROTECTION],
      hold: 'Guide coat gone, smooth under the flat hand.',
    }),
  ];
}

function sandable(zones: readonly PlannedZone[]): string | null {
  const windows = zones.flatMap(({ facts, plan }) => {
    const surfacer = plan.build?.coats.find(({ role }) => role === 'surfacer');
    return plan.build ? windowsOf(facts, plan.build).filter(({ after }) => after === surfacer?.name) : [];
  });
  const sand = tightest(windows, 'sand');
  return sand && `${formatMinutes(sand.from)} after the last coat of it`;
}

function coatSteps({ coat, depth, zones }: Batch): DraftStep[] {
  const where = zones.map(({ plan }) => placeName(plan.partName, plan.zoneName));
  const limit = depth === 0 ? tightestPrimeLimit(zones) : null;
  const cautions = cautionsOf(coat, zones);
  const turned = zones.filter(({ plan }) => plan.build?.turned);
  const sides = turned.length > 0 ? 2 : 1;
  return Array.from({ length: coat.coats }, (_, i) =>
    draftStep({
      stage: 'build',
      where,
      protection: coatProtection(coat),
      cautions: i === 0 ? cautions : [],
      title: coat.coats === 1 ? coat.name : `${coat.name}, coat ${i + 1} of ${coat.coats}`,
      detail: `${i === 0 ? `${mixText(coat)} ` : ''}${coat.apply === 'aerosol' ? 'Light crossing passes' : `${Math.round(coat.wetFilm)} µm wet`} for ${Math.round(coat.dryFilm)} µm dry.${i === 0 ? pieceText(coat, zones) : ''}${turnText(turned)}${i === 0 ? blendText(coat, zones) : ''}${i === coat.coats - 1 ? pullText(coat, zones) : ''}`,
      hand: coat.hand / coat.coats + (i === 0 ? SET_UP[coat.apply] : 0) + TURN * turned.length,
      wait: (sides - 1) * coat.flash + (i === coat.coats - 1 ? coat.recoatMin : coat.flash),
      notBefore: i === 0 ? null : `flash ${formatMinutes(coat.flash)} after the coat before`,
      notAfter: i === 0 ? limit : null,
      hold: i === coat.coats - 1 ? recoatText(coat) : null,
    }),
  );
}

const turnText = (turned: readonly PlannedZone[]): string =>
  turned.length === 0
    ? ''
    : ` Turn over after the flash and coat the other side: ${turned.map(({ facts }) => facts.part.name).join(', ')}; hung, it would take one session.`;

/** A window shorter than the whole takes is kept piece by piece. */
function pieceText(coat: CoatPlan, zones: readonly PlannedZone[]): string {
  const area = areaWithinWindow(
    sum(zones, ({ facts }) => facts.area),
    coat,
  );
  return area === null
    ? ''
    : ` In pieces of ${area.toFixed(area < 1 ? 2 : 1)} m² at most, each finished with the coat that follows: the window closes before the whole is covered.`;
}

/** Where new colour meets paint that stays. */
function blendText(coat: CoatPlan, zones: readonly PlannedZone[]): string {
  const meets = zones.filter(({ facts }) => facts.kept.length > 0);
  if (coat.role !== 'colour' || meets.length === 0) return '';
  return meets[0]?.facts.shop.schools.X1 === 'fade'
    ? ' Fade out over a hand-width into the old paint, last pass thin.'
    : ' Mask to a panel edge or raised line, tape edge standing proud.';
}

/** When the tape comes off, at the last coat of a zone on which something is covered. */
function pullText(coat: CoatPlan, zones: readonly PlannedZone[]): string {
  const pulls = zones.flatMap(({ facts, plan, wayOff }) => {
    if (plan.build?.coats.at(-1)?.name !== coat.name) return [];
    const { items, pull } = planMasking(facts, wayOff, plan.build);
    return pull && items.some(({ work }) => work === 'paint') ? [pull] : [];
  });
  const pull = pulls[0];
  return pull ? ` Pull the tape ${pull.from === 0 ? 'at once' : formatMinutes(pull.from)} to ${formatMinutes(pull.until)} after the last pass.` : '';
}

function tightestPrimeLimit(zones: readonly PlannedZone[]): string | null {
  const limits = zones.map(({ plan }) => plan.bare).filter(({ primeWithin }) => primeWithin !== null);
  const tight = limits.sort((a, b) => (a.primeWithin ?? 0) - (b.primeWithin ?? 0))[0];
  return tight ? `within ${formatMinutes(tight.primeWithin ?? 0)} of bare and dry. ${tight.primeReason}` : null;
}

const mixText = (coat: CoatPlan): string =>
  coat.apply === 'aerosol'
    ? 'Shake two minutes, warm can.'
    : `Mix about ${amount(coat.litres)} L${coat.thinner > 0.005 ? ` with ${amount(coat.thinner)} L thinner` : ''}${coat.potLife === null ? '' : `, use within ${formatMinutes(coat.potLife)}`}${coat.pack === '2K' ? '; hardener by the data sheet' : ''}.`;

const amount = (litres: number): string => (litres < 0.995 ? litres.toPrecision(2) : litres.toFixed(1));

const recoatText = (coat: CoatPlan): string =>
  coat.recoatMax === null
    ? `Next product from ${formatMinutes(coat.recoatMin)}; key first once hard.`
    : `Next product between ${formatMinutes(coat.recoatMin)} and ${formatMinutes(coat.recoatMax)}; after that ${coat.base === 'adhesion-promoter' ? 'lay promoter on again' : 'key first'}.`;

function cautionsOf(coat: CoatPlan, zones: readonly PlannedZone[]): string[] {
  const findings = zones.flatMap(({ plan }) => [
    ...(plan.build?.primers.find(({ primer, verdict }) => primer === coat.product && verdict === 'chosen')?.findings ?? []),
    ...(coat.role === 'colour' ? (plan.build?.findings ?? []) : []),
  ]);
  const wanted = findings.filter(({ severity }) => severity === 'caution' || severity === 'require' || severity === 'rule-out');
  return [...new Set(wanted.map(({ title, reason }) => `${title}: ${reason}`))];
}
