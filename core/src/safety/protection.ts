import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { CoatPlan } from '../model/build.ts';

export const DUST_MASK = 'P100 or FFP3 respirator, seal checked';

/** What to wear and have at hand, by kind of step. Data sheets and local codes decide. */
export function protectionFor(method: Method, zone: ZoneFacts): string[] {
  switch (method.family) {
    case 'chem':
      return [
        method.stripper.gloves,
        'goggles',
        'face shield',
        'apron',
        'long sleeves',
        'boots',
        method.stripper.respirator,
        'running water within reach',
      ];
    case 'blast':
      return [...BLAST_PROTECTION];
    case 'heat':
      return ['organic-vapour cartridges with particulate pre-filter', 'heat gloves', 'extinguisher at hand'];
    case 'keep':
    case 'mech':
      return [
        ...(method.needs === null || method.needs === 'da' ? ['goggles'] : ['face shield', 'hearing protection']),
        ...(method.traits.includes('dry-dust') || zone.treatAsLead ? [DUST_MASK] : ['nitrile gloves']),
        'long sleeves',
      ];
  }
}

export const BLAST_PROTECTION: readonly string[] = ['supplied-air blast helmet', 'leather gloves and suit', 'hearing protection'];
export const WASH_PROTECTION: readonly string[] = ['chemical gloves', 'goggles', 'apron'];
export const SAND_PROTECTION: readonly string[] = [DUST_MASK, 'goggles'];
export const WET_SAND_PROTECTION: readonly string[] = ['nitrile gloves', 'goggles', 'apron'];
export const WELD_PROTECTION: readonly string[] = [
  'welding shade',
  'leather gloves and close clothing',
  `${DUST_MASK}, or powered air for zinc and chromate`,
  'fume extraction',
  'extinguisher at hand',
];
export const FLAME_PROTECTION: readonly string[] = ['goggles', 'leather gloves', 'cotton clothing', 'extinguisher at hand'];

export function coatProtection(coat: CoatPlan): string[] {
  const vapour = 'organic-vapour cartridges with particulate pre-filter';
  if (coat.isocyanate) return ['supplied air preferred for isocyanate', 'coverall and hood', 'nitrile gloves'];
  if (coat.apply === 'roller') return ['coverall and hood', 'nitrile gloves', 'goggles', vapour];
  return [vapour, 'coverall and hood', 'nitrile gloves'];
}
