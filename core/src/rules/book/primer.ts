import { jointOf, mayLie, type Joint } from '../../build/compatibility.ts';
import { familyOfCoating, familyOfProduct } from '../../build/families.ts';
import { assumption, practice } from '../../model/basis.ts';
import { dryOut, type DryOut } from '../../bare/dry-out.ts';
import { dewPoint } from '../../climate/dew-point.ts';
import { onGroup, onPlastic } from '../groups.ts';
import type { PrimerRule, PrimerSubject } from '../subjects.ts';

const immersed = (s: PrimerSubject) => s.zone.job.item.service.startsWith('immersed');
const isEtch = (s: PrimerSubject) => s.primer.id === 'etch-1k' || s.primer.id === 'etch-2k';
const bare = (s: PrimerSubject) => s.ground !== 'paint';
/** A flamed olefin takes a plastic primer while the flame's effect lasts. */
const onFlamed = (s: PrimerSubject) => s.primer.id === 'plastic-primer' && s.ground === 'plastic-olefin' && s.zone.shop.schools.P3 === 'flame';
/** The primer and the film that follows it: surfacer where the finish wants one, else the first colour; null where nothing follows. */
function jointAbove({ primer, finish }: PrimerSubject): Joint | null {
  const [first] = finish.coats;
  if (!first) return null;
  const own = familyOfProduct(primer.id);
  const surfaced = (finish.wantsSurfacer && primer.role !== 'promoter') || (own === 'etch' && finish.pack === '2K');
  return surfaced && own !== 'surfacer-2k' ? jointOf('surfacer-2k', own) : jointOf(familyOfProduct(first.id), own);
}
/** The primer and the topmost coating that stays. */
const jointBelow = ({ primer, zone }: PrimerSubject): Joint =>
  jointOf(familyOfProduct(primer.id), zone.kept[0] ? familyOfCoating(zone.kept[0].coating.id) : zone.substrate.group);
const drying = ({ zone }: PrimerSubject): DryOut | null => (zone.zone.moisture ? dryOut(zone.zone.moisture) : null);
/** When it will be dry, or why that cannot be said. */
function drySays(subject: PrimerSubject): string {
  const state = drying(subject);
  if (state?.state === 'drying') return `At the rate of the readings it is dry in about ${Math.ceil(state.days)} days.`;
  return state?.state === 'stuck'
    ? 'The readings do not fall: open the gelcoat, wash out and warm it, before any waiting helps.'
    : 'One reading does not say how fast it dries: read again in a week, same place.';
}
/** °C of surface above dew point asked for by ISO 8502-4. */
const DEW_MARGIN = 3;

export const PRIMER_RULES: readonly PrimerRule[] = [
  {
    id: 'primer-ground',
    effect: 'rule-out',
    title: 'Not made for this ground',
    reason: ({ primer, zone, ground }) => `${primer.name} is not made for ${ground === 'paint' ? 'keyed paint' : zone.substrate.name.toLowerCase()}.`,
    basis: practice,
    looksAt: ['substrate', 'target', 'school P3'],
    change: 'Another ground.',
    when: (s) => !(s.primer.grounds.includes(s.ground) || onFlamed(s)) || (bare(s) && s.primer.notOn.includes(s.zone.substrate.id)),
  },
  {
    id: 'primer-second',
    effect: 'rule-out',
    title: 'Belongs over a first primer',
    reason: 'It levels and isolates; on bare material it neither grips nor keeps water out.',
    basis: practice,
    looksAt: ['ground'],
    change: 'A keyed sound coating.',
    when: (s) => s.primer.role === 'over-primer' && bare(s),
  },
  {
    id: 'primer-joint',
    effect: 'rule-out',
    title: 'The next coat may not lie on it',
    reason: (s) => jointAbove(s)?.reason ?? '',
    basis: practice,
    looksAt: ['finish', 'primer'],
    change: 'Another finish, or another primer.',
    when: (s) => jointAbove(s)?.states.length === 0,
  },
  {
    id: 'primer-joint-below',
    effect: 'rule-out',
    title: 'May not lie on what stays',
    reason: (s) => jointBelow(s).reason,
    basis: practice,
    looksAt: ['stack', 'target', 'primer'],
    change: 'Strip to bare, or another primer.',
    when: (s) => s.ground === 'paint' && jointBelow(s).states.length === 0,
  },
  {
    id: 'not-over-live-acid',
    effect: 'rule-out',
    title: 'Not over live acid',
    reason: 'Acid left on the metal upsets the hardener and the film lets go in sheets; only etch, acid itself, takes it.',
    basis: practice,
    looksAt: ['rust treatment', 'school C1'],
    change: 'Neutralise and rinse (full sequence), or an etch primer.',
    when: (s) => s.acidLive && bare(s) && !mayLie(familyOfProduct(s.primer.id), s.zone.substrate.group, 'acid-live'),
  },
  {
    id: 'pack-match',
    effect: 'rule-out',
    title: 'Etch pack does not match the finish',
    reason: ({ primer, finish }) => `One-pack etch goes under one-pack, two-pack under two-pack; this is ${primer.pack} under ${finish.pack}.`,
    basis: practice,
    looksAt: ['finish', 'school P2'],
    change: 'School P2 set to "data sheet", or another finish.',
    when: (s) => isEtch(s) && s.zone.shop.schools.P2 === 'match-pack' && s.finish.pack !== 'none' && s.primer.pack !== s.finish.pack,
  },
  {
    id: 'two-pack-over-one',
    effect: 'rule-out',
    title: 'Two-pack lifts one-pack primer',
    reason: 'Its solvent swells a one-pack film and wrinkles it.',
    basis: practice,
    looksAt: ['finish'],
    change: 'A one-pack finish.',
    when: (s) => s.primer.id === 'primer-1k' && s.finish.pack === '2K',
  },
  {
    id: 'full-strip-epoxy',
    effect: 'prefer',
    title: 'Epoxy direct on a full strip',
    reason: 'One sealed ground that grips, keeps water out and takes filler and every finish.',
    basis: practice,
    looksAt: ['substrate', 'school P1'],
    change: 'School P1 set to "etch, then surfacer".',
    when: (s) =>
      s.primer.id === 'epoxy-2k' &&
      bare(s) &&
      s.zone.shop.schools.P1 === 'epoxy-direct' &&
      onGroup(s.zone, 'ferrous', 'ferrous-passive', 'light', 'zinc', 'copper', 'composite'),
  },
  {
    id: 'etch-school',
    effect: 'prefer',
    title: 'Etch, then surfacer',
    reason: 'The shop bites into bare metal with an etch film and builds with surfacer.',
    basis: practice,
    looksAt: ['substrate', 'school P1'],
    change: 'School P1 set to "epoxy direct".',
    when: (s) => isEtch(s) && bare(s) && s.zone.shop.schools.P1 === 'etch-surfacer',
  },
  {
    id: 'etch-1k-spots',
    effect: 'caution',
    title: 'Aerosol etch is for spots',
    reason: 'It is meant for rub-through spots; a whole part wants a gun-applied primer.',
    basis: practice,
    looksAt: ['area'],
    change: 'Under 0.3 m².',
    when: (s) => s.primer.id === 'etch-1k' && s.zone.area > 0.3,
  },
  {
    id: 'etch-wet-service',
    effect: 'caution',
    title: 'Etch and surfacer soak up water',
    reason: 'Without epoxy underneath they draw moisture to the metal outdoors.',
    basis: practice,
    looksAt: ['service'],
    change: 'Epoxy, or use inside.',
    when: (s) => isEtch(s) && s.zone.job.item.service !== 'inside',
  },
  {
    id: 'hss-no-etch',
    effect: 'rule-out',
    title: 'No acid primer on high-strength steel',
    reason: 'Acid can charge it with hydrogen.',
    basis: practice,
    looksAt: ['substrate'],
    change: 'Epoxy.',
    when: (s) => s.primer.acidic && s.zone.substrate.id === 'high-strength-steel',
  },
  {
    id: 'zinc-needs-blast',
    effect: 'rule-out',
    title: 'Zinc-rich wants a blasted profile',
    reason: 'It grips only on blast-clean steel with 40 to 75 µm of profile.',
    basis: practice,
    looksAt: ['way off'],
    change: 'Hard blast.',
    when: (s) => s.primer.id === 'zinc-rich' && !(s.wayOff?.traits.includes('hard-medium') ?? false),
  },
  {
    id: 'zinc-first-outdoors',
    effect: 'prefer',
    title: 'Zinc-rich on blasted section outdoors',
    reason: 'Zinc gives itself up before the steel where stones chip the paint.',
    basis: practice,
    looksAt: ['substrate', 'way off', 'service'],
    change: 'Use inside.',
    when: (s) => s.primer.id === 'zinc-rich' && s.zone.substrate.id === 'mild-steel-section' && s.zone.job.item.service === 'outside',
  },
  {
    id: 'olefin-promoter',
    effect: 'require',
    title: 'First paint within ten minutes',
    reason: 'The promoter works only while it is fresh; the first coat follows within ten minutes of its last.',
    basis: practice,
    looksAt: ['primer'],
    change: "The maker's own window.",
    when: (s) => s.primer.role === 'promoter' && onPlastic(s.zone),
  },
  {
    id: 'immersed-barrier',
    effect: 'rule-out',
    title: 'Below the waterline takes a barrier',
    reason: 'Only barrier epoxy, or a tie coat over sound paint, stands constant water.',
    basis: practice,
    looksAt: ['service'],
    change: 'Service above the water.',
    when: (s) => immersed(s) && s.primer.id !== 'barrier-epoxy' && s.primer.id !== 'tie-coat',
  },
  {
    id: 'barrier-dry-only',
    effect: 'rule-out',
    title: 'Barrier is for immersion',
    reason: '250 µm of barrier epoxy is thick and slow where no water stands.',
    basis: practice,
    looksAt: ['service'],
    change: 'Immersed service.',
    when: (s) => !immersed(s) && (s.primer.id === 'barrier-epoxy' || s.primer.id === 'tie-coat'),
  },
  {
    id: 'laminate-wet',
    effect: 'caution',
    title: 'The laminate is still wet',
    reason: (s) => `Water under a coat comes back as blisters. ${drySays(s)}`,
    basis: assumption,
    looksAt: ['moisture readings', 'substrate'],
    change: 'Readings like the dry reference.',
    when: (s) => bare(s) && onGroup(s.zone, 'composite') && drying(s) !== null && drying(s)?.state !== 'dry',
  },
  {
    id: 'tie-over-antifoul',
    effect: 'rule-out',
    title: 'Tie coat belongs between antifoulings',
    reason: 'It joins an unknown old antifouling to a new one.',
    basis: practice,
    looksAt: ['target', 'finish'],
    change: 'Old antifouling kept and antifouling on top.',
    when: (s) => s.primer.id === 'tie-coat' && !(s.finish.id === 'antifouling' && s.zone.kept[0]?.coating.biocide === true),
  },
  {
    id: 'barrier-over-antifoul',
    effect: 'rule-out',
    title: 'Nothing but antifouling holds on antifouling',
    reason: 'Barrier epoxy over old antifouling peels: tie coat, or strip to gelcoat.',
    basis: practice,
    looksAt: ['target', 'stack'],
    change: 'Strip to bare.',
    when: (s) => s.primer.id === 'barrier-epoxy' && s.zone.kept[0]?.coating.biocide === true,
  },
  {
    id: 'aero-system',
    effect: 'rule-out',
    title: 'Aircraft take their licensed system only',
    reason: 'Primer and topcoat are named by the maintenance data.',
    basis: practice,
    looksAt: ['item kind'],
    change: 'An item that does not fly.',
    when: (s) => s.zone.job.item.kind === 'aircraft' && s.primer.id !== 'aviation-epoxy' && onGroup(s.zone, 'light', 'composite'),
  },
  {
    id: 'aero-elsewhere',
    effect: 'rule-out',
    title: 'Aviation primer is for aircraft',
    reason: 'It is bought and used within a licensed system.',
    basis: practice,
    looksAt: ['item kind'],
    change: 'Aircraft.',
    when: (s) => s.zone.job.item.kind !== 'aircraft' && s.primer.id === 'aviation-epoxy',
  },
  {
    id: 'heat-service',
    effect: 'rule-out',
    title: 'Engine heat burns common primer',
    reason: 'Only a high-temperature system stands engine and exhaust heat.',
    basis: practice,
    looksAt: ['service'],
    change: 'Cooler service.',
    when: (s) => s.zone.job.item.service === 'engine-heat' && s.primer.id !== 'high-temperature',
  },
  {
    id: 'heat-only',
    effect: 'rule-out',
    title: 'High-temperature primer needs heat to cure',
    reason: 'Away from engine heat it stays soft.',
    basis: practice,
    looksAt: ['service'],
    change: 'Engine heat.',
    when: (s) => s.zone.job.item.service !== 'engine-heat' && s.primer.id === 'high-temperature',
  },
  {
    id: 'one-pack-under-one',
    effect: 'prefer',
    title: 'One-pack under one-pack',
    reason: 'Simple, no hardener, and the films move together.',
    basis: practice,
    looksAt: ['finish', 'ground'],
    change: 'A two-pack finish.',
    when: (s) => s.primer.id === 'primer-1k' && s.finish.pack === '1K' && (s.ground === 'paint' || s.zone.shop.schools.P1 === 'etch-surfacer'),
  },
  {
    id: 'primer-cold',
    effect: 'caution',
    title: "Below the primer's temperature limit",
    reason: ({ primer, zone }) =>
      `${zone.job.place.temperature} °C in the workplace; it wants ${primer.minTemperature.value} °C or it will not cure.`,
    basis: assumption,
    looksAt: ['temperature', 'primer'],
    change: 'Warm the workplace and the part.',
    when: (s) => s.zone.job.place.temperature < s.primer.minTemperature.value,
  },
  {
    id: 'primer-damp',
    effect: 'caution',
    title: 'Too damp to prime',
    reason: ({ primer, zone }) => `${zone.job.place.humidity} % humidity; its limit is ${primer.maxHumidity.value} %.`,
    basis: assumption,
    looksAt: ['humidity', 'primer'],
    change: 'Drier air.',
    when: (s) => s.zone.job.place.humidity > s.primer.maxHumidity.value,
  },
  {
    id: 'primer-dew',
    effect: 'caution',
    title: 'Too near the dew point',
    reason: ({ zone }) =>
      `Surface should be ${DEW_MARGIN} K above the dew point of ${dewPoint(zone.job.place.temperature, zone.job.place.humidity).toFixed(1)} °C.`,
    basis: { kind: 'published', source: 'ISO 8502-4' },
    looksAt: ['temperature', 'humidity'],
    change: 'Warmer or drier.',
    when: ({ zone }) => zone.job.place.temperature - dewPoint(zone.job.place.temperature, zone.job.place.humidity) < DEW_MARGIN,
  },
  {
    id: 'gun-missing',
    effect: 'caution',
    title: 'Shop does not own a spray gun',
    reason: 'This primer is laid on by gun: hire one, or choose a rolled or aerosol product.',
    basis: practice,
    looksAt: ['product', 'shop equipment'],
    change: 'Add a spray gun to the shop.',
    when: (s) => s.primer.apply === 'gun' && !s.zone.shop.equipment.includes('spray-gun'),
  },
  {
    id: 'iso-supplied-air',
    effect: 'caution',
    title: 'Isocyanate: supplied air preferred',
    reason: 'Hardener mist sensitises for life; charcoal cartridges only where law and data sheet allow.',
    basis: practice,
    looksAt: ['product', 'shop equipment'],
    change: 'Supplied air in the shop.',
    when: (s) => s.primer.isocyanate && !s.zone.shop.equipment.includes('supplied-air'),
  },
  {
    id: 'flame-then-primer',
    effect: 'prefer',
    title: 'Flamed, it takes a plastic primer',
    reason: 'The flame has raised the surface energy above 40 mN/m for some hours; promoter is not needed on top.',
    basis: practice,
    looksAt: ['substrate', 'school P3'],
    change: 'School P3 set to "adhesion promoter" or "both".',
    when: onFlamed,
  },
  {
    id: 'too-fine-key',
    effect: 'caution',
    title: 'Key finer than this primer wants',
    reason: ({ primer }) =>
      `It wants P${primer.key?.value[0]} to P${primer.key?.value[1]}; over a surface as fine as the shop sands it may let go later.`,
    basis: practice,
    looksAt: ['primer', 'school K1'],
    change: 'School K1 set to "by the film that follows".',
    when: (s) => s.zone.shop.schools.K1 === 'fine' && s.primer.key !== null && s.primer.key.value[1] < 400,
  },
];
