import type { Finding } from '../src/model/finding.ts';
import type { Lag, Operation } from '../src/model/operation.ts';
import type { MethodOption, Plan, ZonePlan } from '../src/model/plan.ts';

/** Four figures: what differs less is no difference to anybody. */
const n = (value: number | null): string => (value === null ? '-' : String(Number(value.toPrecision(4))));

const counted = (codes: readonly string[]): string => {
  const counts = new Map<string, number>();
  for (const code of codes) counts.set(code, (counts.get(code) ?? 0) + 1);
  return [...counts].map(([code, count]) => (count === 1 ? code : `${code} × ${count}`)).join(', ');
};
const codesOf = (findings: readonly Finding[]): string => counted(findings.map(({ severity, code }) => `${severity} ${code}`)) || 'none';

/** A plan as lines of words and figures that a reviewer can read the difference of. */
export function planText({ zones, operations, kit, waste, findings, totals }: Plan): string {
  return [
    ...zones.flatMap(zoneText),
    ...operations.map(operationText),
    ...kit.map(({ id, need, unit, buy, price }) => `kit ${id}: ${n(need)} ${unit}, buy ${buy}, ${n(price)}`),
    ...waste.map(({ id, mass }) => `waste ${id}: ${n(mass)} kg`),
    `findings: ${codesOf(findings)}`,
    `totals: ${Object.entries(totals)
      .map(([name, value]) => `${name} ${n(value)}`)
      .join(', ')}`,
  ].join('\n');
}

function zoneText({ partName, zoneName, area, parts, chosen, options, bare, build, findings }: ZonePlan): string[] {
  const usable = options.filter(({ verdict }) => verdict !== 'ruled-out');
  const why = new Map(
    options.flatMap((option) => option.findings.flatMap(({ severity, code }) => (severity === 'rule-out' ? [[option.key, code]] : []))),
  );
  return [
    `zone ${partName}: ${zoneName}, ${n(area)} m², edges ${n(parts.edges)}, crevices ${n(parts.crevices)}`,
    `  by ${chosen ? methodText(chosen) : 'nothing'}`,
    `  ranked ${usable.map(({ key, score }) => `${key} ${n(score)}`).join(' | ') || 'nothing'}`,
    `  out ${[...why].map(([key, code]) => `${key} ${code}`).join(' | ') || 'nothing'}`,
    `  bare ${bare.treatments.flatMap(({ id, chosen: own }) => (own ? [id] : [])).join(', ') || 'as it is'}, prime within ${n(bare.primeWithin)} by ${bare.primeBy ?? 'nothing'}${bare.acidLive ? ', acid live' : ''}`,
    ...(build?.coats ?? []).map(
      (coat) =>
        `  coat ${coat.product} ${coat.coats} × ${n(coat.dryFilm)} µm dry, ${n(coat.wetFilm)} wet, ${coat.apply}, ${n(coat.litres)} L, covers ${n(coat.covers)}, flash ${n(coat.flash)}, recoat ${n(coat.recoatMin)} to ${n(coat.recoatMax)}, pot ${n(coat.potLife)}, tape ${n(coat.tapeFrom)}, hand ${n(coat.hand)}`,
    ),
    `  findings ${codesOf(findings)}`,
  ];
}

function methodText({ key, hand, wait, material, outside, waste, risk, exposure, pressure, profile, after, strip }: MethodOption): string {
  const rounds = strip?.rounds.map(({ dwell, depth }) => `${n(dwell.first)}/${n(dwell.likely)}/${n(dwell.late)} min ${n(depth)} µm`).join(', ');
  return [
    `${key}: hand ${n(hand)}, wait ${n(wait)}, material ${n(material)}, outside ${n(outside)}, waste ${n(waste)}, risk ${risk}, exposure ${exposure}`,
    `pressure ${n(pressure)}, profile ${n(profile)}, after ${n(after.hand)} ${n(after.wait)} ${n(after.money)}`,
    ...(rounds ? [`rounds ${rounds}`] : []),
  ].join('; ');
}

const lagText = ({ what, least, most, by }: Lag): string => `${what} ${n(least)}..${n(most)} by ${by}`;

function operationText({ number, kind, where, hand, wait, lags, raises, product, hold, cautions, stop }: Operation): string {
  return [
    `${number} ${kind} on ${where.join(' + ') || 'all'}: hand ${n(hand)}, wait ${n(wait)}`,
    ...(lags.length > 0 ? [lags.map(lagText).join(', ')] : []),
    ...(product ? [`${product.id} ${n(product.litres)} L`] : []),
    ...(raises.length > 0 ? [`raises ${raises.join(' ')}`] : []),
    ...(hold ? [`hold ${hold.accept.length}`] : []),
    ...(cautions.length > 0 ? [`${cautions.length} cautions`] : []),
    ...(stop ? ['STOP'] : []),
  ].join('; ');
}
