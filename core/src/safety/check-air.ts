import { RESPIRATORS } from '../catalogue/respirators.ts';
import { assumption } from '../model/basis.ts';
import type { Finding } from '../model/finding.ts';
import type { Place } from '../model/job.ts';
import type { Operation } from '../model/operation.ts';
import { numberRuns } from '../units/number-runs.ts';
import { airSums, maskedLimit, type AirSum, type AirVerdict } from './air-sum.ts';
import { fitted, mayDo } from './respirators.ts';
import type { Person } from '../model/person.ts';
import { firePpm, MIXING } from './air.ts';

/** Work that the air of the place does not carry: vapour that could burn, or more than what is worn holds; and what has to be entered to know. */
export function checkAir(place: Place, operations: readonly Operation[], people: readonly Person[] = []): Finding[] {
  const sums = airSums(place, operations);
  const of = (verdict: AirVerdict): AirSum[] => sums.filter((sum) => sum.verdict === verdict);
  return [
    ...tooLittle('fire', of('fire'), place),
    ...tooLittle(
      'breathing',
      sums.filter((sum) => (sum.verdict === 'breathing' && !cartridgesDo(sum) && !somebodyMay(sum, people)) || dangerousAtOnce(sum)),
      place,
    ),
    ...wearCartridges(of('breathing').filter(cartridgesDo)),
    ...(place.extraction ? [] : unknownRoom(of('unknown'))),
  ];
}

/** No mask is trusted in air like that. */
const dangerousAtOnce = ({ ppm, vapour }: AirSum): boolean => ppm !== null && ppm > maskedLimit(vapour, Infinity);

/** Somebody of the shop has a mask for air that thick. */
const somebodyMay = (sum: AirSum, people: readonly Person[]): boolean => people.some((person) => suits(person, sum));
const suits = (person: Person, { operation, ppm, vapour }: AirSum): boolean =>
  mayDo(fitted(person, operation.raises, { factor: (ppm ?? 0) / vapour.limit.value, today: null }));

/** Nothing is worn for it, and cartridges would be enough. */
const cartridgesDo = ({ worn, ppm, vapour }: AirSum): boolean =>
  worn === 1 && ppm !== null && ppm <= vapour.limit.value * RESPIRATORS['half-vapour'].factor.value;

const WAYS_OUT =
  'less at a time (pieces or sections with the room aired between them), outdoors, a product with less solvent, or have it done where there is a booth';

function tooLittle(what: 'fire' | 'breathing', sums: readonly AirSum[], place: Place): Finding[] {
  const [worst] = [...sums].sort((a, b) => b[need(what)] - a[need(what)]);
  if (!worst || worst.ppm === null) return [];
  const { operation, vapour, rate, ppm, worn } = worst;
  const fan = worst[need(what)];
  const allowed = what === 'fire' ? firePpm(vapour) : maskedLimit(vapour, worn);
  const limit = what === 'fire' ? `${figure(allowed)} ppm are a tenth of what burns` : breathingLimit(worst, allowed);
  const more = sums.length === 1 ? '' : `, and ${sums.length - 1} more`;
  return [
    {
      code: `air-${what}`,
      severity: 'stop',
      path: ['place', place.extraction ? 'airFlow' : 'room'],
      title: what === 'fire' ? `Vapour that can burn gathers: ${operation.title}${more}` : `Too much vapour to breathe: ${operation.title}${more}`,
      reason: `Step ${operation.number} gives off ${figure(rate)} g of ${vapour.name} a minute; in the air that is here that comes to about ${figure(ppm)} ppm, mixed ${MIXING} times worse than evenly. ${limit}.`,
      basis: assumption,
      looksAt: ['air of the room', 'what the extraction moves', 'product', 'area done at one time', 'temperature'],
      change: `A fan that moves ${figure(fan)} m³/h, its motor out of the stream; not more than ${Math.max(1, Math.floor((100 * allowed) / ppm))} % of it at a time; ${WAYS_OUT}.`,
    },
  ];
}

function breathingLimit(sum: AirSum, allowed: number): string {
  const { vapour, worn } = sum;
  if (dangerousAtOnce(sum))
    return `From ${figure(maskedLimit(vapour, Infinity))} ppm on life is in danger at once, and no mask of a shop is trusted (${vapour.dangerousAtOnce?.basis.source})`;
  return `${figure(allowed)} ppm are the most behind ${worn === 1 ? 'no mask' : `what is worn for it, which makes the air ${worn} times cleaner`}`;
}

function wearCartridges(sums: readonly AirSum[]): Finding[] {
  const [worst] = [...sums].sort((a, b) => b.bare - a.bare);
  if (!worst || worst.ppm === null) return [];
  const { operation, vapour, ppm, bare } = worst;
  return [
    {
      code: 'air-mask',
      severity: 'caution',
      path: ['place', 'airFlow'],
      title: `Wear vapour cartridges: ${numberRuns(sums.map((sum) => sum.operation.number))}`,
      reason: `Step ${operation.number}, ${operation.title}, comes to about ${figure(ppm)} ppm of ${vapour.name} in the air that is here; ${figure(vapour.limit.value)} ppm are the most without a mask.`,
      basis: assumption,
      looksAt: ['air of the room', 'what the extraction moves', 'area done at one time'],
      change: `A fan that moves ${figure(bare)} m³/h, or doors open and air moving.`,
    },
  ];
}

const need = (what: 'fire' | 'breathing'): 'fire' | 'masked' => (what === 'fire' ? 'fire' : 'masked');

function unknownRoom(sums: readonly AirSum[]): Finding[] {
  const [worst] = [...sums].sort((a, b) => b.fire - a.fire);
  if (!worst) return [];
  return [
    {
      code: 'air-unknown',
      severity: 'question',
      path: ['place', 'room'],
      title: 'How large is the room?',
      reason: `Step ${worst.operation.number}, ${worst.operation.title}, gives off ${figure(worst.rate)} g of ${worst.vapour.name} a minute, and nothing moves the air. It takes ${figure(worst.fire)} m³/h to stay clear of what burns, ${figure(worst.masked)} to breathe in what is worn.`,
      basis: assumption,
      looksAt: ['indoors', 'extraction', 'air of the room'],
      change: 'Enter the m³ of the room, or the extraction and what it moves; or work outdoors.',
    },
  ];
}

/** Two figures that count. */
const figure = (value: number): string => {
  const rounded = Number(value.toPrecision(2));
  return rounded >= 1000 ? rounded.toLocaleString('en-US').replace(/,/g, ' ') : String(rounded);
};
