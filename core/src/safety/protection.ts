import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { CoatPlan } from '../model/build.ts';

/** What to wear and have at hand, by kind of step. Data sheets and local codes decide. */
export function protectionFor(method: Method, zone: ZoneFacts): string[] {
  switch (method.family) {
    case 'chem':
      return [method.stripper.gloves, 'goggles and face shield', 'apron, long sleeves, boots', method.stripper.respirator, 'running water within reach'];
    case 'blast':
      return ['supplied-air blast helmet', 'leather gloves and suit', 'hearing protection'];
    case 'heat':
      return ['organic-vapour and particulate respirator', 'heat gloves', 'extinguisher at hand'];
    case 'keep':
    case 'mech':
      return [
        ...(method.needs === 'grinder' || method.needs === 'drill' || method.needs === 'needle-scaler' ? ['face shield', 'hearing protection'] : ['goggles']),
        method.traits.includes('dry-dust') || zone.treatAsLead ? 'P100 or FFP3 respirator, seal checked' : 'nitrile gloves',
        'long sleeves, gloves',
      ];
  }
}

export const WASH_PROTECTION: readonly string[] = ['chemical gloves', 'goggles', 'apron'];
export const SAND_PROTECTION: readonly string[] = ['P100 or FFP3 respirator', 'goggles'];

export function coatProtection(coat: CoatPlan): string[] {
  if (coat.isocyanate) return ['supplied air preferred for isocyanate', 'coverall and hood', 'nitrile gloves'];
  if (coat.apply === 'roller') return ['coverall', 'nitrile gloves', 'eye protection', 'organic-vapour cartridges with solvent paint'];
  return ['organic-vapour cartridges with particulate pre-filter', 'coverall', 'nitrile gloves'];
}
