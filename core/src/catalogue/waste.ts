import type { WasteHazard, WasteId } from '../model/waste.ts';

export interface WasteRow {
  readonly name: string;
  readonly container: string;
  readonly goes: string;
}

const COLLECTOR = 'Hazardous-waste collector';

/** How each is kept and who takes it. Common practice, no source; the local authority decides. */
export const WASTE: Readonly<Record<WasteId, WasteRow>> = {
  'solvent-sludge': { name: 'Paint sludge with solvent stripper', container: 'lidded steel drum, not filled to the brim', goes: COLLECTOR },
  'caustic-sludge': {
    name: 'Paint sludge with caustic',
    container: 'lidded plastic drum, never aluminium or zinc',
    goes: `${COLLECTOR}, apart from acid`,
  },
  'acid-sludge': { name: 'Paint sludge with acid stripper', container: 'lidded plastic drum', goes: `${COLLECTOR}, apart from caustic` },
  'wash-water': {
    name: 'Wash water',
    container: 'tank or drums; settle a day, draw off, keep both',
    goes: `${COLLECTOR}, or as the sewer authority allows in writing; never on the ground or down a drain`,
  },
  dust: {
    name: 'Paint dust and chips',
    container: 'bag in a closed drum, filled by vacuum',
    goes: `${COLLECTOR} when leaded, chromated or not tested`,
  },
  medium: {
    name: 'Spent blast medium with paint',
    container: 'big bag or drum, dry',
    goes: 'By a test for lead and chromate: collector, or landfill that takes it',
  },
  acid: { name: 'Spent acid', container: 'plastic can with vent, labelled', goes: `${COLLECTOR}, apart from caustic and cleaners` },
  'solvent-rags': { name: 'Solvent rags and wipes', container: 'lidded metal can, emptied daily: they heat themselves', goes: COLLECTOR },
  'paint-rest': {
    name: 'Paint, hardener and thinner left over',
    container: 'closed tins, hardener apart',
    goes: `${COLLECTOR}; thinner settles and is used again`,
  },
  cans: { name: 'Empty tins', container: 'drip-dry, lids off', goes: 'Scrap metal when dry, else the collector' },
  aerosols: { name: 'Spray cans', container: 'upright, never pierced or heated', goes: COLLECTOR },
  'sheets-and-wear': {
    name: 'Sheets, tape, coveralls, gloves, filters',
    container: 'strong bags, tied',
    goes: 'With the sludge or dust that is on them',
  },
};

export const WASTE_HAZARDS: Readonly<Record<WasteHazard, string>> = {
  lead: 'lead, found or suspected',
  chromate: 'chromate, found or suspected',
  biocide: 'antifouling biocide',
  organotin: 'organotin, found or suspected',
  tar: 'coal tar, found or suspected',
  asbestos: 'asbestos, found or suspected',
};
