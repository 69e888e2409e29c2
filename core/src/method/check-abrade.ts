import { tooFast } from '../abrasive/disc-speed.ts';
import { MOST_FINER } from '../abrasive/grit-ladder.ts';
import { gritNumber } from '../catalogue/grits.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { assumption, fromMemory } from '../model/basis.ts';
import type { AbradePlan } from '../model/abrade-plan.ts';
import type { Finding } from '../model/finding.ts';
import { sayFor } from '../facts/say-for.ts';

/** s on one spot below which it is said; model assumption. */
const QUICK = 10;

/** Every limit that the sanding of a zone runs into, with numbers. */
export function checkAbrade(zone: ZoneFacts, { disc, steps, key, keyFor, burial, spotHeat }: AbradePlan): Finding[] {
  const findings: Finding[] = [];
  const caution = sayFor(zone, 'caution', assumption);
  const last = steps.at(-1);
  if (disc && tooFast(disc))
    findings.push(
      sayFor(zone, 'stop', fromMemory('EN 12413 and EN 13743'))(
        'disc-overspeed',
        ['choice'],
        'The grinder is too fast for this disc',
        `${disc.diameter} mm at ${disc.speed} a minute is ${disc.surface.toFixed(0)} m/s at the rim; such discs are made for ${disc.allowed} m/s, ${disc.rated} a minute at this size. A disc that bursts kills.`,
        ['disc diameter', 'speed of the grinder'],
        `A grinder of ${disc.rated} a minute or less, or a smaller disc; the figure on the disc itself counts.`,
      ),
    );
  if (last && (gritNumber(last.grit) < key[0] || gritNumber(last.grit) > key[1]))
    findings.push(
      caution(
        'key-out-of-range',
        ['choice'],
        `No paper in stock for the key`,
        `${keyFor} wants P${key[0]} to P${key[1]}; the nearest in stock is ${last.grit}.`,
        ['papers in stock', 'primer'],
        `Buy P${key[0]}${key[1] === key[0] ? '' : ` to P${key[1]}`}.`,
      ),
    );
  if (burial && !burial.buried)
    findings.push(
      caution(
        'scratch-shows',
        ['choice'],
        'Scratches will show',
        `The last grit leaves scratches of ${burial.scratch.toFixed(0)} µm; ${burial.film.toFixed(0)} µm of wet ${keyFor.toLowerCase()} buries ${(burial.film / 2).toFixed(0)}.`,
        ['papers in stock', 'coats of the primer'],
        'A finer last paper, or one more coat.',
      ),
    );
  for (const { grit, ratio } of steps)
    if (ratio !== null && ratio > MOST_FINER)
      findings.push(
        caution(
          'ladder-gap',
          ['choice'],
          `A gap before ${grit}`,
          `${ratio.toFixed(1)} times finer than the paper before it, more than ${MOST_FINER}: it takes more crossings, and coarse scratches stay if they are not made.`,
          ['papers in stock'],
          'Stock a paper between the two.',
        ),
      );
  if (spotHeat && spotHeat.seconds < QUICK)
    findings.push(
      caution(
        'spot-heat',
        ['choice'],
        `A disc held still heats the spot to ${spotHeat.limit} °C in ${spotHeat.seconds.toFixed(0)} s`,
        `${zone.part.thickness} mm of ${zone.substrate.name.toLowerCase()} leads little heat away: always moving, touch test with the back of the hand, let it cool.`,
        ['material', 'thickness', 'tool', 'temperature'],
        'A gentler tool, or stripper.',
      ),
    );
  return findings;
}
