import { USUAL_HOURS } from './calendar.ts';
import { metres } from '../units/quantities.ts';
import { DEFAULT_SCHOOLS } from './schools.ts';
import { NO_WAITS, ROOMY_BOOTH, SHOP_FORMAT, USUAL_GRINDER, USUAL_CLEANERS, USUAL_PAPERS, type Shop } from './shop.ts';
import { USUAL_PAPERWORK } from './paperwork.ts';
import { NO_EXPERIENCE } from './test-patch.ts';

/** What a shop starts with. Prices, weights and rates are model assumptions until the shop enters its own. */
export const DEFAULT_SHOP: Shop = {
  format: SHOP_FORMAT,
  name: 'My shop',
  units: 'metric',
  currency: '€',
  labourRate: 48,
  weights: { waitingDay: 25, risk: 12, exposure: 6 },
  schools: DEFAULT_SCHOOLS,
  methyleneChloride: false,
  leadSuspectBefore: 1995,
  equipment: ['da', 'grinder', 'drill', 'spray-gun'],
  cabinet: { length: metres(0.9), width: metres(0.6), height: metres(0.6) },
  tub: { length: metres(0.8), width: metres(0.5), height: metres(0.4) },
  air: null,
  papers: [...USUAL_PAPERS],
  cleaners: [...USUAL_CLEANERS],
  grinder: USUAL_GRINDER,
  booth: ROOMY_BOOTH,
  gun: 'hvlp',
  scale: 1,
  people: [],
  cartridges: [],
  hours: USUAL_HOURS,
  closed: [],
  quiet: [],
  forecast: [],
  stock: { vapour: 0, p100: 0, ffp2: 0, gloves: 0, coveralls: 0 },
  contractors: [
    {
      id: 'blaster',
      name: 'Blasting contractor',
      media: [
        'blast.soda',
        'blast.plastic',
        'blast.glass-bead',
        'blast.crushed-glass',
        'blast.garnet',
        'blast.aluminium-oxide',
        'blast.wet-abrasive',
      ],
      composites: false,
      onSite: false,
      minimum: 120,
      perSquareMetre: 38,
      perKilogram: null,
      transport: 25,
      daysAway: 4,
      pickUpDays: [],
    },
  ],
  waits: NO_WAITS,
  setUps: { tripHand: 30, chemicalHand: 25, blastHand: 45, cabinetHand: 10, tubHand: 60, tubFill: 35, writeOff: 5 },
  paperwork: USUAL_PAPERWORK,
  prices: {},
  avoid: [],
  templates: [],
  ownRows: [],
  paceSetAside: {},
  useSetAside: {},
  experience: NO_EXPERIENCE,
};
