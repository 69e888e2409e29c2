import { normalCdf } from '../chemical/normal.ts';
import { normalSource } from '../chemical/draw-normals.ts';
import type { CoatingId, SubstrateId } from '../model/ids.ts';
import { Trap } from '../model/practice.ts';
import { caseJob } from './case-job.ts';
import type { PracticeCase } from './practice-case.ts';

interface Ground {
  readonly substrate: SubstrateId;
  readonly called: string;
  readonly thickness: number;
  readonly shelf: readonly string[];
  readonly paints: readonly (readonly CoatingId[])[];
}

/** Panels as a shop meets them, with what usually lies on them from the face down. Common practice, no source. */
const GROUNDS: readonly Ground[] = [
  {
    substrate: 'mild-steel-sheet',
    called: 'Steel panel',
    thickness: 0.8,
    shelf: ['chem.fast-solvent', 'chem.benzyl-neutral', 'chem.slow-gel'],
    paints: [['clear-2k', 'basecoat'], ['alkyd-enamel', 'alkyd-enamel'], ['urethane-2k', 'surfacer-2k'], ['lacquer-1k']],
  },
  {
    substrate: 'mild-steel-section',
    called: 'Steel section',
    thickness: 5,
    shelf: ['chem.caustic-spray', 'chem.fast-solvent', 'chem.benzyl-neutral'],
    paints: [['alkyd-enamel', 'alkyd-enamel', 'alkyd-enamel'], ['alkyd-enamel'], ['baked-enamel']],
  },
  {
    substrate: 'aluminium-sheet',
    called: 'Aluminium panel',
    thickness: 2,
    shelf: ['chem.caustic-spray', 'chem.benzyl-neutral', 'chem.fast-solvent'],
    paints: [['urethane-2k', 'etch-primer'], ['alkyd-enamel']],
  },
  {
    substrate: 'grp-gelcoat',
    called: 'Glass-fibre panel',
    thickness: 5,
    shelf: ['chem.gelcoat-safe', 'chem.benzyl-neutral', 'chem.fast-solvent'],
    paints: [
      ['alkyd-enamel', 'alkyd-enamel'],
      ['lacquer-1k', 'alkyd-enamel'],
    ],
  },
];
/** Chance of each trap in a drawn case; model assumption. */
const CHANCE = 0.35;
/** Usual films, µm; model assumption. */
const FILM = { least: 25, span: 35 } as const;

/** A panel, paint, air and traps out of a seed: the same seed is the same case. */
export function drawnCase(seed: number): PracticeCase {
  const normal = normalSource(seed * 2 + 1);
  const uniform = (): number => Math.min(1 - 1e-9, normalCdf(normal()));
  const pick = <T>(all: readonly T[]): T => all[Math.floor(uniform() * all.length)] as T;
  const ground = pick(GROUNDS);
  const paint = pick(ground.paints).map((coating) => [coating, Math.round(FILM.least + FILM.span * uniform())] as const);
  const salted = uniform() < 0.4;
  const hides = Object.fromEntries(
    Trap.options.filter((trap) => fits(trap, ground.substrate, salted)).map((trap) => [trap, CHANCE]),
  ) as PracticeCase['hides'];
  const air = [Math.round(14 + 9 * uniform()), Math.round(45 + 20 * uniform())] as const;
  const year = Math.round(1960 + 60 * uniform());
  return {
    id: `drawn-${seed}`,
    title: ground.called,
    told: `${ground.called} of ${year}, ${paint.length === 1 ? 'one coat' : `${paint.length} coats`} of paint as entered${salted ? ', has stood by the sea' : ''}. To bare, then primer.`,
    shelf: ground.shelf,
    hides,
    job: caseJob({
      name: ground.called,
      item: 'other',
      year,
      salted,
      substrate: ground.substrate,
      thickness: ground.thickness,
      area: Math.round(10 * (0.3 + 0.7 * uniform())) / 10,
      orientation: uniform() < 0.5 ? 'up' : 'vertical',
      finish: 'solid-2k',
      paint,
      air,
    }),
  };
}

/** Whether a trap can be there without anything having told of it wrongly. */
export function fits(trap: Trap, substrate: SubstrateId, salted: boolean): boolean {
  if (trap === 'other-metal') return substrate === 'mild-steel-sheet' || substrate === 'mild-steel-section';
  return trap !== 'salt' || salted;
}
