import { freeAirThrough } from '../blast/air-flow.ts';
import { SHORTEST_BLAST } from '../blast/nozzle-choices.ts';
import { RESERVE } from '../blast/sustained.ts';
import type { BlastMethod } from '../blast/plan-blast.ts';
import { nozzleOf } from '../catalogue/nozzles.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { assumption, practice } from '../model/basis.ts';
import type { BlastPlan } from '../model/blast-plan.ts';
import type { BuildPlan } from '../model/build.ts';
import type { Finding } from '../model/finding.ts';
import { onGroup } from '../rules/groups.ts';
import { sayFor } from './say-for.ts';

/** A blast hose is three to four bores of the nozzle wide; common practice, no source. */
const HOSE_BORES = 3;
/** A nozzle that takes so much more air is replaced; common practice, no source. */
const WORN = 1.5;
/** mm of bow of a held panel above which it shows; model assumption. */
const SHOWS = 1;
/** A profile is at most this share of the primer's dry film; common practice, no source. */
const OF_PRIMER = 0.5;
/** Rz µm that zinc-rich primer wants at least; common practice, no source. */
const ZINC_PROFILE = 40;
/** m² up to which a spot gun makes sense; model assumption. */
const SPOT_AREA = 0.1;

interface Blasting {
  readonly plan: BlastPlan;
  readonly method: BlastMethod;
  readonly build: BuildPlan | null;
}
type Say = ReturnType<typeof sayFor>;

/** Every limit that a blast runs into, with numbers. */
export function checkBlast(zone: ZoneFacts, blasting: Blasting): Finding[] {
  const { plan } = blasting;
  const own = plan.nozzle !== null;
  return [...materialLimits(zone, blasting), ...jetLimits(zone, plan), ...(own ? airLimits(zone, plan) : []), ...surface(zone, blasting)];
}

const bar = (value: number): string => `${value.toFixed(1)} bar`;
const litres = (value: number): string => `${Math.round(value)} L/min`;
const stop = (zone: ZoneFacts): Say => sayFor(zone, 'stop', practice);
const caution = (zone: ZoneFacts, basis = practice): Say => sayFor(zone, 'caution', basis);

function materialLimits(zone: ZoneFacts, { plan, method: { medium } }: Blasting): Finding[] {
  const { pressure, limit, bow } = plan;
  const findings: Finding[] = [];
  if (limit.pressure !== null && pressure > limit.pressure + 1e-6)
    findings.push(
      stop(zone)(
        'blast-over-pressure',
        ['blast', 'pressure'],
        `${bar(pressure)} is too much for this material`,
        `${limit.reason} At ${bar(pressure)} a free plate bows up to ${bow ? `${bow.free.toFixed(1)} mm over ${bow.span.toFixed(2)} m, a held panel ${bow.held[0].toFixed(1)} to ${bow.held[1].toFixed(1)} mm` : 'what nobody has measured'}.`,
        ['material', 'thickness', 'pressure'],
        `${bar(limit.pressure)} or less.`,
      ),
    );
  if (pressure > medium.pressure.value + 1e-6)
    findings.push(
      caution(zone)(
        'medium-over-pressure',
        ['blast', 'pressure'],
        'More than the medium takes',
        `${medium.name} breaks up above ${bar(medium.pressure.value)}: more dust, fewer uses, no more speed.`,
        ['medium', 'pressure'],
        `${bar(medium.leastPressure.value)} to ${bar(medium.pressure.value)}.`,
      ),
    );
  if (pressure < medium.leastPressure.value - 1e-6)
    findings.push(
      caution(zone)(
        'medium-under-pressure',
        ['blast', 'pressure'],
        'Too little to strip',
        `${medium.name} wants ${bar(medium.leastPressure.value)} at the nozzle; at ${bar(pressure)} it dusts the face.`,
        ['medium', 'pressure', 'compressor'],
        'A smaller nozzle, or a medium that works at less.',
      ),
    );
  if (bow && bow.held[1] > SHOWS && plan.limit.pressure !== null)
    findings.push(
      caution(zone, assumption)(
        'blast-bow',
        ['blast', 'span'],
        `May bow ${bow.held[0].toFixed(1)} to ${bow.held[1].toFixed(1)} mm`,
        `Over ${bow.span.toFixed(2)} m between stiffened lines; a free flat plate would bow ${bow.free.toFixed(1)} mm, an upper bound. Curvature, flanges and welds hold it. Edges first, both faces in turn, keep moving.`,
        ['thickness', 'medium', 'pressure', 'angle', 'distance', 'span'],
        'Less pressure, a shallower angle, more distance, a softer medium.',
      ),
    );
  return findings;
}

function jetLimits(zone: ZoneFacts, { distance, angle, limit }: BlastPlan): Finding[] {
  const cm = (metres: number): string => `${Math.round(metres * 100)} cm`;
  const outside = (value: number, [low, high]: readonly [number, number]): boolean => !(value >= low - 1e-9 && value <= high + 1e-9);
  return [
    outside(distance, limit.distance)
      ? caution(zone)(
          'blast-distance',
          ['blast', 'distance'],
          distance < limit.distance[0] ? 'Nozzle too near' : 'Nozzle too far',
          `${cm(distance)} where ${cm(limit.distance[0])} to ${cm(limit.distance[1])} is usual: ${distance < limit.distance[0] ? 'the jet works on one spot and heats it' : 'the jet has lost its speed'}.`,
          ['material', 'distance'],
          `${cm(limit.distance[0])} to ${cm(limit.distance[1])}.`,
        )
      : null,
    outside(angle, limit.angle)
      ? caution(zone)(
          'blast-angle',
          ['blast', 'angle'],
          angle > limit.angle[1] ? 'Too square on' : 'Too shallow',
          `${angle}° where ${limit.angle[0]} to ${limit.angle[1]}° is usual: ${angle > limit.angle[1] ? 'a square blow peens most' : 'a grazing jet hardly cuts'}.`,
          ['material', 'angle'],
          `${limit.angle[0]} to ${limit.angle[1]}°.`,
        )
      : null,
  ].filter((finding) => finding !== null);
}

function airLimits(zone: ZoneFacts, plan: BlastPlan): Finding[] {
  const { air } = zone.shop;
  if (!air)
    return [
      sayFor(zone, 'question')(
        'air-missing',
        ['blast'],
        'Compressor not entered',
        `Reckoned with all the air that the nozzle wants${plan.demand === null ? '' : `, ${litres(plan.demand)}`}; what the shop's own compressor holds is not known.`,
        ['air of the shop'],
        'Enter compressor, receiver and hose under Shop.',
      ),
    ];
  const { demand, set, bore, nozzle, duty, rhythm, pressure } = plan;
  if (demand === null || set === null || bore === null || nozzle === null) return [];
  const findings: Finding[] = [];
  const asNew = freeAirThrough(nozzleOf(nozzle).bore, pressure);
  if (set > air.hoseRating + 1e-6)
    findings.push(
      stop(zone)(
        'hose-rating',
        ['blast', 'pressure'],
        'More than the hose is rated for',
        `${bar(set)} at the pot, hose loss counted; the hose is marked ${bar(air.hoseRating)}. A burst hose whips.`,
        ['hose rating', 'pressure'],
        `Less pressure, or a hose rated above ${bar(set)}.`,
      ),
    );
  if (set > air.cutOut + 1e-6)
    findings.push(
      stop(zone)(
        'pressure-not-reached',
        ['blast', 'pressure'],
        'The compressor does not reach it',
        `${bar(set)} is needed at the pot for ${bar(pressure)} at the nozzle; it stops at ${bar(air.cutOut)}.`,
        ['cut-out pressure', 'hose'],
        'Less pressure, a shorter or wider hose.',
      ),
    );
  else if (duty === 0 || (rhythm && rhythm.blast < SHORTEST_BLAST))
    findings.push(
      stop(zone)(
        'compressor-too-small',
        ['blast', 'nozzle'],
        'The compressor is too small for this nozzle',
        `${nozzleOf(nozzle).name} takes ${litres(demand)} at ${bar(pressure)}, ${litres(demand * RESERVE)} with its reserve; the compressor delivers ${litres(air.freeAir)} and the receiver is empty in ${((rhythm?.blast ?? 0) * 60).toFixed(0)} s.`,
        ['free air', 'receiver', 'nozzle', 'pressure'],
        'A smaller nozzle, a larger compressor, or send it out.',
      ),
    );
  else if (rhythm)
    findings.push(
      caution(zone)(
        'blast-rhythm',
        ['blast', 'nozzle'],
        `${rhythm.blast.toFixed(1)} min on, ${rhythm.recover.toFixed(1)} min to recover`,
        `${litres(demand)} wanted, ${litres(air.freeAir)} delivered: the receiver of ${air.receiver} L makes up the rest.`,
        ['free air', 'receiver', 'nozzle', 'pressure'],
        'A smaller nozzle or less pressure runs all day.',
      ),
    );
  else if (demand * RESERVE > air.freeAir + 1e-6)
    findings.push(
      caution(zone)(
        'no-reserve',
        ['blast', 'nozzle'],
        'No air in reserve',
        `${litres(demand)} of ${litres(air.freeAir)}: less than the fifth that is kept for wear and leaks.`,
        ['free air', 'nozzle', 'pressure'],
        'A smaller nozzle or less pressure.',
      ),
    );
  if (bore * HOSE_BORES > air.hoseBore + 1e-6)
    findings.push(
      caution(zone)(
        'hose-too-narrow',
        ['blast', 'nozzle'],
        'Nozzle too large for the hose',
        `A blast hose is 3 to 4 nozzle bores wide, ${Math.round(HOSE_BORES * bore)} mm here; this one is ${air.hoseBore} mm and loses ${bar(set - pressure)}.`,
        ['hose bore', 'nozzle'],
        'A smaller nozzle or a wider hose.',
      ),
    );
  if (demand > asNew * WORN)
    findings.push(
      caution(zone)(
        'nozzle-worn',
        ['blast', 'nozzle'],
        'Nozzle is worn out',
        `${bore.toFixed(1)} mm instead of ${nozzleOf(nozzle).bore.toFixed(1)}: it takes ${litres(demand)} where a new one takes ${litres(asNew)}, half as much again or more.`,
        ['bore as measured'],
        'A new nozzle.',
      ),
    );
  if (!air.dry)
    findings.push(
      caution(zone)(
        'air-damp',
        ['blast'],
        'Damp air',
        'Without a drier or a drained trap the medium clogs and steel rusts behind the jet.',
        ['drier'],
        'A drier, or at least a trap that is drained.',
      ),
    );
  return findings;
}

function surface(zone: ZoneFacts, { plan, build }: Blasting): Finding[] {
  const primer = build?.coats[0];
  const film = primer ? primer.dryFilm * primer.coats : null;
  const findings: Finding[] = [];
  if (film !== null && plan.profile > film * OF_PRIMER + 1e-6)
    findings.push(
      caution(zone)(
        'profile-too-deep',
        ['blast', 'pressure'],
        'Profile too deep for the primer',
        `Rz ${Math.round(plan.profile)} µm under ${Math.round(film)} µm of ${primer?.name.toLowerCase()}: peaks of more than half the film rust through.`,
        ['medium', 'pressure', 'primer'],
        'Less pressure, a finer medium, or one more coat of primer.',
      ),
    );
  if (primer?.base === 'zinc-rich' && plan.profile < ZINC_PROFILE)
    findings.push(
      caution(zone)(
        'profile-too-shallow',
        ['blast', 'pressure'],
        'Profile too shallow for zinc',
        `Rz ${Math.round(plan.profile)} µm; zinc-rich primer wants 40 to 75.`,
        ['medium', 'pressure', 'primer'],
        'More pressure or a coarser medium.',
      ),
    );
  if (plan.gun === 'spot' && zone.zone.access !== 'crevice' && zone.zone.access !== 'edge' && zone.area > SPOT_AREA)
    findings.push(
      caution(zone)(
        'spot-gun-area',
        ['blast', 'gun'],
        'A spot gun is for crevices',
        `It strips a third of a pot: ${plan.rate.toFixed(1)} m²/h on ${zone.area.toFixed(2)} m².`,
        ['gun', 'area', 'access'],
        'A pressure pot on the face, the spot gun in its corners.',
      ),
    );
  if (onGroup(zone, 'light') && zone.part.alloy.trim() === '')
    findings.push(
      sayFor(zone, 'question')(
        'alloy-unknown',
        [],
        'Alloy not entered',
        'All alloys of a metal bend alike within a few per cent, so the bow holds; how soft it is, and whether it is magnesium, is not known.',
        ['alloy'],
        'The alloy and temper from the maker, or a test spot inside.',
      ),
    );
  return findings;
}
