import { fromMemory, practice, assumption } from '../../model/basis.ts';
import { BRUSHED_OVER, temperatureFactor } from '../../chemical/activity.ts';
import { MOST_ROUNDS } from '../../chemical/rounds.ts';
import { does, isChem, onPlastic } from '../groups.ts';
import type { MethodRule, MethodSubject } from '../subjects.ts';

/** °C below which dwell is called slow, and the chance of drying first that is worth a word; model assumptions. */
const COLD = 12;
const DRY_CHANCE = 0.3;

const hasPlan = (s: MethodSubject) => s.strip !== null && s.strip.plan !== null;

export const CHEMICAL_RULES: readonly MethodRule[] = [
  {
    id: 'chem-no-bite', effect: 'rule-out', title: 'Does not soften this stack',
    reason: ({ strip }) => `In practice it does not work on: ${strip?.blockedBy.join(', ')}.`,
    basis: assumption, looksAt: ['coating of each layer', 'stripper'], change: 'A stack without that layer, or stopping above it.',
    when: ({ strip }) => strip !== null && strip.blockedBy.length > 0,
  },
  {
    id: 'chem-not-through', effect: 'rule-out', title: 'Not through in a sensible number of rounds',
    reason: `After ${MOST_ROUNDS} rounds the stack would still be on.`,
    basis: assumption, looksAt: ['stack', 'temperature', 'stripper'], change: 'Warmer work, a broken surface or a stronger type.',
    when: (s) => s.strip !== null && s.strip.blockedBy.length === 0 && s.strip.plan === null && s.zone.off.length > 0,
  },
  {
    id: 'dcm-law', effect: 'rule-out', title: 'Methylene chloride is restricted',
    reason: 'Law bans or tightly restricts it, and cartridges do not hold its vapour.',
    basis: fromMemory('EU REACH annex XVII entry 59; US 40 CFR 751 subpart B (2024)'), looksAt: ['shop law setting'],
    change: 'The shop declares lawful use and supplied air.',
    when: (s) => s.method.id === 'chem.dcm' && !s.zone.shop.methyleneChloride,
  },
  {
    id: 'clear-break-first', effect: 'require', title: 'Break the closed surface first',
    reason: 'A sound cross-linked top keeps solvent out; opening it with P80 (wet where lead is suspected, P320 on plastic) cuts the first layer to 40 % of the time.',
    basis: practice, looksAt: ['top coating', 'its state'], change: 'A weathered or one-pack top.',
    when: (s) => hasPlan(s) && s.strip?.plan?.broken === true,
  },
  {
    id: 'lay-once', effect: 'caution', title: 'Lay on once and leave it',
    reason: ({ strip }) => `Brushing over breaks the skin that holds the solvent: the first round would need ${Math.round((strip?.plan?.rounds[0]?.dwell.likely ?? 0) / BRUSHED_OVER)} min instead of ${Math.round(strip?.plan?.rounds[0]?.dwell.likely ?? 0)}.`,
    basis: practice, looksAt: ['stripper type', 'dwell'], change: 'A gel or foam that forms no skin.',
    when: (s) => hasPlan(s) && s.method.family === 'chem' && s.method.stripper.skinForming,
  },
  {
    id: 'powder-no-solvent', effect: 'caution', title: 'Powder and baked films hardly open',
    reason: 'Cross-linked films take many rounds; breaking the surface or blasting is usually less work.',
    basis: practice, looksAt: ['coating'], change: 'A one-pack stack.',
    when: (s) => isChem(s) && s.zone.off.some(({ coating }) => coating.pack === 'baked' || coating.id.startsWith('powder')),
  },
  {
    id: 'chem-cold', effect: 'caution', title: 'Cold workplace',
    reason: ({ zone }) => `At ${zone.job.place.temperature} °C dwell is about ${(1 / temperatureFactor(zone.job.place.temperature)).toFixed(1)} times as long as at 20 °C.`,
    basis: assumption, looksAt: ['temperature'], change: `${COLD} °C or more.`,
    when: (s) => isChem(s) && s.zone.job.place.temperature < COLD,
  },
  {
    id: 'chem-dries-first', effect: 'caution', title: 'May dry before it lifts',
    reason: ({ strip }) => `About ${Math.round(100 * (strip?.plan?.driesFirst ?? 0))} % chance that the film dries before the first round is done; cover it, lay it thicker or work cooler.`,
    basis: assumption, looksAt: ['stack', 'temperature', 'indoors', 'orientation'], change: 'A thinner stack or a longer working life.',
    when: ({ strip }) => (strip?.plan?.driesFirst ?? 0) > DRY_CHANCE,
  },
  {
    id: 'chem-drains', effect: 'caution', title: 'Liquid drains off this face',
    reason: 'On a face that is not level only about 0.4 mm stays; feed it from the top or use a gel.',
    basis: assumption, looksAt: ['orientation', 'stripper form'], change: 'Lay the part level.',
    when: (s) => s.method.family === 'chem' && s.method.stripper.form === 'liquid' && s.zone.zone.orientation !== 'up',
  },
  {
    id: 'chem-overhead', effect: 'caution', title: 'Overhead work drips',
    reason: 'Stripper falls on face, arms and floor: full shield, apron, sheet below, gel only.',
    basis: practice, looksAt: ['orientation'], change: 'Turn the part over.',
    when: (s) => isChem(s) && s.zone.zone.orientation === 'down',
  },
  {
    id: 'grease-first', effect: 'require', title: 'Degrease first',
    reason: 'Gels and solvents work on clean paint only; grease keeps them off.',
    basis: practice, looksAt: ['contamination', 'stripper'], change: 'Caustic foam, which takes grease with it.',
    when: (s) => isChem(s) && !does(s, 'caustic'),
  },
  {
    id: 'seams-seal', effect: 'require', title: 'Seal seams and gaps with foil, doubled',
    reason: 'Trapped stripper bleeds out of laps, glass channels and sensors weeks later; plain tape soaks through. Flush afterwards.',
    basis: practice, looksAt: ['features'], change: 'Take the piece off.',
    when: (s) => isChem(s) && (['seams', 'glass', 'rubber', 'sensors', 'vents'] as const).some(s.zone.has),
  },
  {
    id: 'joint-keep-off', effect: 'require', title: 'Keep stripper off bonded joints',
    reason: 'It creeps into adhesive joints, inserts and honeycomb and softens the bond: foil and a dry margin of 30 mm.',
    basis: practice, looksAt: ['features'], change: 'No bonded joint near.',
    when: (s) => isChem(s) && s.zone.has('adhesive-joints'),
  },
  {
    id: 'filler-knock-out', effect: 'require', title: 'Take old filler out before stripper',
    reason: 'Filler soaks stripper up and gives it back under the new paint; knock it out, and use only final wash on what stays.',
    basis: practice, looksAt: ['stack'], change: 'A stack without filler.',
    when: (s) => isChem(s) && s.zone.filler,
  },
  {
    id: 'acid-neutral', effect: 'require', title: 'Check for neutral after an acid type',
    reason: 'Water dilutes but does not neutralise: rinse until pH paper reads 6 to 8.',
    basis: practice, looksAt: ['stripper'], change: 'A neutral stripper.',
    when: (s) => does(s, 'acid'),
  },
  {
    id: 'solvent-no-spark', effect: 'caution', title: 'Flammable vapour lies low',
    reason: 'It is heavier than air and runs to pits and pilot flames: no ignition source, extraction on or doors open.',
    basis: practice, looksAt: ['stripper', 'indoors', 'extraction'], change: 'A stripper that is not flammable.',
    when: (s) => s.method.family === 'chem' && s.method.stripper.flammable && s.zone.job.place.indoors && !s.zone.job.place.extraction,
  },
  {
    id: 'slow-gel-cover', effect: 'require', title: 'Cover with film',
    reason: 'Under film it stays wet three to four times as long.',
    basis: assumption, looksAt: ['stripper'], change: 'A fast type.',
    when: (s) => s.method.family === 'chem' && s.method.stripper.underFilm,
  },
  {
    id: 'gelcoat-safe-hull', effect: 'prefer', title: 'Made for antifouling on gelcoat',
    reason: 'It softens antifouling, keeps biocide wet and spares the gelcoat.',
    basis: practice, looksAt: ['substrate', 'coating'], change: 'Metal hull.',
    when: (s) => s.method.id === 'chem.gelcoat-safe' && s.zone.substrate.group === 'composite' && s.zone.biocide,
  },
  {
    id: 'gelcoat-safe-elsewhere', effect: 'caution', title: 'Gelcoat-safe stripper is weak elsewhere',
    reason: 'It is made for antifouling; other systems need many rounds.',
    basis: practice, looksAt: ['stripper', 'coating'], change: 'Antifouling on gelcoat.',
    when: (s) => s.method.id === 'chem.gelcoat-safe' && !s.zone.biocide && !onPlastic(s.zone),
  },
];
