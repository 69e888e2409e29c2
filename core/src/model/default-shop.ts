import { SHOP_FORMAT, type Shop } from './shop.ts';

/** What a shop starts with. Prices, weights and rates are model assumptions until the shop enters its own. */
export const DEFAULT_SHOP: Shop = {
  format: SHOP_FORMAT,
  name: 'My shop',
  units: 'metric',
  currency: '€',
  labourRate: 48,
  weights: { waitingDay: 25, risk: 12, exposure: 6 },
  schools: { S1: 'keep-sound', L1: 'plastic-only', C1: 'full-sequence', P1: 'epoxy-direct', P2: 'match-pack' },
  methyleneChloride: false,
  leadSuspectBefore: 1995,
  equipment: ['da', 'grinder', 'drill', 'spray-gun'],
  contractor: { minimum: 120, perSquareMetre: 38, daysAway: 4 },
  prices: {},
  avoid: [],
};
