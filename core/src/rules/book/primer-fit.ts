import { schoolNamed, schoolSetTo } from '../../catalogue/school-words.ts';
import { upperFirst } from '../../units/casing.ts';
import { jointOf, mayLie, type Joint } from '../../build/compatibility.ts';
import { familyOfCoating, familyOfProduct } from '../../build/families.ts';
import { practice } from '../../model/basis.ts';
import { isClosed, isEtch, isFlamed, onBare, onGroup, onPlastic } from '../groups.ts';
import type { PrimerRule, PrimerSubject } from '../subjects.ts';

/** A flamed olefin takes a plastic primer while the flame's effect lasts. */
const onFlamed = (s: PrimerSubject) =>
  s.primer.id === 'plastic-primer' && s.ground === 'plastic-olefin' && s.zone.shop.schools.P3 === 'flame' && isFlamed(s.zone);
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

/** What a primer may lie on and under, and what the schools of the shop prefer. */
export const PRIMER_FIT: readonly PrimerRule[] = [
  {
    id: 'primer-ground',
    effect: 'rule-out',
    title: 'Not made for this ground',
    reason: ({ primer, zone, ground }) => `${primer.name} is not made for ${ground === 'paint' ? 'keyed paint' : zone.substrate.name.toLowerCase()}.`,
    basis: practice,
    looksAt: ['substrate', 'target', schoolNamed('P3')],
    change: 'Another ground.',
    when: (s) => !(s.primer.grounds.includes(s.ground) || onFlamed(s)) || (onBare(s) && s.primer.notOn.includes(s.zone.substrate.id)),
  },
  {
    id: 'primer-second',
    effect: 'rule-out',
    title: 'Belongs over a first primer',
    reason: 'It levels and isolates; on bare material it neither grips nor keeps water out.',
    basis: practice,
    looksAt: ['ground'],
    change: 'A keyed sound coating.',
    when: (s) => s.primer.role === 'over-primer' && onBare(s),
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
    looksAt: ['rust treatment', schoolNamed('C1')],
    change: 'Neutralise and rinse (full sequence), or an etch primer.',
    when: (s) => s.acidLive && onBare(s) && !mayLie(familyOfProduct(s.primer.id), s.zone.substrate.group, 'acid-live'),
  },
  {
    id: 'pack-match',
    effect: 'rule-out',
    title: 'Etch pack does not match the finish',
    reason: ({ primer, finish }) => `One-pack etch goes under one-pack, two-pack under two-pack; this is ${primer.pack} under ${finish.pack}.`,
    basis: practice,
    looksAt: ['finish', schoolNamed('P2')],
    change: `${upperFirst(schoolSetTo('P2', 'data-sheet'))}, or another finish.`,
    when: (s) => isEtch(s.primer) && s.zone.shop.schools.P2 === 'match-pack' && s.finish.pack !== 'none' && s.primer.pack !== s.finish.pack,
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
    looksAt: ['substrate', schoolNamed('P1')],
    change: `${upperFirst(schoolSetTo('P1', 'etch-surfacer'))}.`,
    when: (s) =>
      s.primer.id === 'epoxy-2k' &&
      onBare(s) &&
      s.zone.shop.schools.P1 === 'epoxy-direct' &&
      onGroup(s.zone, 'ferrous', 'ferrous-passive', 'light', 'zinc', 'copper', 'composite'),
  },
  {
    id: 'etch-school',
    effect: 'prefer',
    title: 'Etch, then surfacer',
    reason: 'The shop bites into bare metal with an etch film and builds with surfacer.',
    basis: practice,
    looksAt: ['substrate', schoolNamed('P1')],
    change: `${upperFirst(schoolSetTo('P1', 'epoxy-direct'))}.`,
    when: (s) => isEtch(s.primer) && onBare(s) && s.zone.shop.schools.P1 === 'etch-surfacer',
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
    looksAt: ['method'],
    change: 'Hard blast.',
    when: (s) => s.primer.id === 'zinc-rich' && !(s.method?.traits.includes('hard-medium') ?? false),
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
    id: 'flame-then-primer',
    effect: 'prefer',
    title: 'Flamed, it takes a plastic primer',
    reason: 'The flame has raised the surface energy above 40 mN/m for some hours; promoter is not needed on top.',
    basis: practice,
    looksAt: ['substrate', schoolNamed('P3')],
    change: `${upperFirst(schoolSetTo('P3', 'promoter'))} or "both".`,
    when: onFlamed,
  },
  {
    id: 'closed-no-flame',
    effect: 'caution',
    title: 'Nothing closed is flamed',
    reason:
      'What is left in a tank or a sealed hollow burns or bursts under a flame: here promoter takes its place, whatever the shop does elsewhere.',
    basis: practice,
    looksAt: ['features', 'what the part is', schoolNamed('P3')],
    change: 'A part that is open.',
    when: (s) => s.primer.role === 'promoter' && onGroup(s.zone, 'plastic-olefin') && s.zone.shop.schools.P3 !== 'promoter' && isClosed(s.zone),
  },
  {
    id: 'too-fine-key',
    effect: 'caution',
    title: 'Key finer than this primer wants',
    reason: ({ primer }) =>
      `It wants P${primer.key?.value[0]} to P${primer.key?.value[1]}; over a surface as fine as the shop sands it may let go later.`,
    basis: practice,
    looksAt: ['primer', schoolNamed('K1')],
    change: `${upperFirst(schoolSetTo('K1', 'by-film'))}.`,
    when: (s) => s.zone.shop.schools.K1 === 'fine' && s.primer.key !== null && s.primer.key.value[1] < 400,
  },
];
