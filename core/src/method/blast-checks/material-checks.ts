import { assumption } from '../../model/basis.ts';
import { onGroup } from '../../rules/groups.ts';
import { bar, ROUNDING, type BlastCheck, type Blasting } from './check.ts';

/** mm of bow of a held panel above which it shows; model assumption. */
const SHOWS = 1;
/** A profile is at most this share of the primer's dry film; common practice, no source. */
const OF_PRIMER = 0.5;
/** Rz µm that zinc-rich primer wants at least; common practice, no source. */
const ZINC_PROFILE = 40;
/** m² up to which a spot gun makes sense; model assumption. */
const SPOT_AREA = 0.1;

type Range = readonly [number, number];
const outside = (value: number, [low, high]: Range): boolean => !(value >= low - ROUNDING && value <= high + ROUNDING);
const cm = (metres: number): string => `${Math.round(metres * 100)} cm`;
const primerFilm = ({ build }: Blasting): number | null => {
  const primer = build?.coats[0];
  return primer ? primer.dryFilm * primer.coats : null;
};

/** Limits of material, medium, jet and primer. */
export const MATERIAL_CHECKS: readonly BlastCheck<Blasting>[] = [
  {
    code: 'blast-over-pressure',
    severity: 'stop',
    path: ['blast', 'pressure'],
    when: ({ plan: { pressure, limit } }) => limit.pressure !== null && pressure > limit.pressure + ROUNDING,
    title: ({ plan }) => `${bar(plan.pressure)} is too much for this material`,
    reason: ({ plan: { pressure, limit, bow } }) =>
      `${limit.reason} At ${bar(pressure)} a free plate bows up to ${bow ? `${bow.free.toFixed(1)} mm over ${bow.span.toFixed(2)} m, a held panel ${bow.held[0].toFixed(1)} to ${bow.held[1].toFixed(1)} mm` : 'what nobody has measured'}.`,
    looksAt: ['material', 'thickness', 'pressure'],
    change: ({ plan }) => `${bar(plan.limit.pressure ?? 0)} or less.`,
  },
  {
    code: 'medium-over-pressure',
    severity: 'caution',
    path: ['blast', 'pressure'],
    when: ({ plan, method }) => plan.pressure > method.medium.pressure.value + ROUNDING,
    title: 'More than the medium takes',
    reason: ({ method: { medium } }) => `${medium.name} breaks up above ${bar(medium.pressure.value)}: more dust, fewer uses, no more speed.`,
    looksAt: ['medium', 'pressure'],
    change: ({ method: { medium } }) => `${bar(medium.leastPressure.value)} to ${bar(medium.pressure.value)}.`,
  },
  {
    code: 'medium-under-pressure',
    severity: 'caution',
    path: ['blast', 'pressure'],
    when: ({ plan, method }) => plan.pressure < method.medium.leastPressure.value - ROUNDING,
    title: 'Too little to strip',
    reason: ({ plan, method: { medium } }) =>
      `${medium.name} wants ${bar(medium.leastPressure.value)} at the nozzle; at ${bar(plan.pressure)} it dusts the face.`,
    looksAt: ['medium', 'pressure', 'compressor'],
    change: 'A smaller nozzle, or a medium that works at less.',
  },
  {
    code: 'blast-bow',
    severity: 'caution',
    path: ['blast', 'span'],
    basis: assumption,
    when: ({ plan: { bow, limit } }) => bow !== null && bow.held[1] > SHOWS && limit.pressure !== null,
    title: ({ plan: { bow } }) => `May bow ${bow?.held[0].toFixed(1)} to ${bow?.held[1].toFixed(1)} mm`,
    reason: ({ plan: { bow } }) =>
      `Over ${bow?.span.toFixed(2)} m between stiffened lines; a free flat plate would bow ${bow?.free.toFixed(1)} mm, an upper bound. Curvature, flanges and welds hold it. Edges first, both faces in turn, keep moving.`,
    looksAt: ['thickness', 'medium', 'pressure', 'angle', 'distance', 'span'],
    change: 'Less pressure, a shallower angle, more distance, a softer medium.',
  },
  {
    code: 'blast-distance',
    severity: 'caution',
    path: ['blast', 'distance'],
    when: ({ plan }) => outside(plan.distance, plan.limit.distance),
    title: ({ plan }) => (plan.distance < plan.limit.distance[0] ? 'Nozzle too near' : 'Nozzle too far'),
    reason: ({ plan: { distance, limit } }) =>
      `${cm(distance)} where ${cm(limit.distance[0])} to ${cm(limit.distance[1])} is usual: ${distance < limit.distance[0] ? 'the jet works on one spot and heats it' : 'the jet has lost its speed'}.`,
    looksAt: ['material', 'distance'],
    change: ({ plan: { limit } }) => `${cm(limit.distance[0])} to ${cm(limit.distance[1])}.`,
  },
  {
    code: 'blast-angle',
    severity: 'caution',
    path: ['blast', 'angle'],
    when: ({ plan }) => outside(plan.angle, plan.limit.angle),
    title: ({ plan }) => (plan.angle > plan.limit.angle[1] ? 'Too square on' : 'Too shallow'),
    reason: ({ plan: { angle, limit } }) =>
      `${angle}° where ${limit.angle[0]} to ${limit.angle[1]}° is usual: ${angle > limit.angle[1] ? 'a square blow peens most' : 'a grazing jet hardly cuts'}.`,
    looksAt: ['material', 'angle'],
    change: ({ plan: { limit } }) => `${limit.angle[0]} to ${limit.angle[1]}°.`,
  },
  {
    code: 'profile-too-deep',
    severity: 'caution',
    path: ['blast', 'pressure'],
    when: (s) => s.plan.profile > (primerFilm(s) ?? Infinity) * OF_PRIMER + ROUNDING,
    title: 'Profile too deep for the primer',
    reason: (s) =>
      `Rz ${Math.round(s.plan.profile)} µm under ${Math.round(primerFilm(s) ?? 0)} µm of ${s.build?.coats[0]?.name.toLowerCase()}: peaks of more than half the film rust through.`,
    looksAt: ['medium', 'pressure', 'primer'],
    change: 'Less pressure, a finer medium, or one more coat of primer.',
  },
  {
    code: 'profile-too-shallow',
    severity: 'caution',
    path: ['blast', 'pressure'],
    when: ({ build, plan }) => build?.coats[0]?.base === 'zinc-rich' && plan.profile < ZINC_PROFILE,
    title: 'Profile too shallow for zinc',
    reason: ({ plan }) => `Rz ${Math.round(plan.profile)} µm; zinc-rich primer wants 40 to 75.`,
    looksAt: ['medium', 'pressure', 'primer'],
    change: 'More pressure or a coarser medium.',
  },
  {
    code: 'spot-gun-area',
    severity: 'caution',
    path: ['blast', 'gun'],
    when: ({ plan, zone }) => plan.gun === 'spot' && !['crevice', 'edge'].includes(zone.zone.access) && zone.area > SPOT_AREA,
    title: 'A spot gun is for crevices',
    reason: ({ plan, zone }) => `It strips a third of a pot: ${plan.rate.toFixed(1)} m²/h on ${zone.area.toFixed(2)} m².`,
    looksAt: ['gun', 'area', 'access'],
    change: 'A pressure pot on the face, the spot gun in its corners.',
  },
  {
    code: 'alloy-unknown',
    severity: 'question',
    path: [],
    when: ({ zone }) => onGroup(zone, 'light') && zone.part.alloy.trim() === '',
    title: 'Alloy not entered',
    reason: 'All alloys of a metal bend alike within a few per cent, so the bow holds; how soft it is, and whether it is magnesium, is not known.',
    looksAt: ['alloy'],
    change: 'The alloy and temper from the maker, or a test spot inside.',
  },
];
