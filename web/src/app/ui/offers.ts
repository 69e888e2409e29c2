/** A way out of a stop, one touch away: a stage of the job, or a part of the shop profile. */
export interface Offer {
  readonly label: string;
  readonly stage?: 'intake' | 'method' | 'build';
  readonly shop?: 'figures' | 'people' | 'contractors' | 'air';
}

const OTHER_METHOD: Offer = { label: 'Another method', stage: 'method' };
const OTHER_PRODUCT: Offer = { label: 'Another product or finish', stage: 'build' };
const SEND_OUT: Offer = { label: 'A firm that does it', shop: 'contractors' };
const PLACE: Offer = { label: 'Air and place', stage: 'intake' };
const KIT: Offer = { label: 'Kit of the shop', shop: 'figures' };
const GATE: readonly Offer[] = [{ label: 'Air, part temperature, or a reason in writing', stage: 'intake' }, OTHER_PRODUCT];

const OFFERS: Readonly<Record<string, readonly Offer[]>> = {
  'no-supplied-air': [KIT, OTHER_METHOD, OTHER_PRODUCT, SEND_OUT],
  'nobody-may': [{ label: 'People of the shop', shop: 'people' }, OTHER_METHOD, OTHER_PRODUCT, SEND_OUT],
  'air-fire': [PLACE, OTHER_PRODUCT, OTHER_METHOD],
  'air-breathing': [PLACE, OTHER_PRODUCT, OTHER_METHOD],
  'air-unknown': [PLACE],
  'place-food-room': [PLACE],
  'place-cellar': [PLACE, OTHER_METHOD, OTHER_PRODUCT],
  'dew-gate': GATE,
  'cold-gate': GATE,
  'hot-gate': GATE,
  'damp-gate': GATE,
  'wind-gate': GATE,
  'no-method': [OTHER_METHOD],
  'no-primer': [OTHER_PRODUCT],
  'finish-missing': [OTHER_PRODUCT],
  'air-missing': [{ label: 'Compressor and hose', shop: 'air' }],
  'compressor-too-small': [{ label: 'Compressor and hose', shop: 'air' }, OTHER_METHOD],
};

/** Where to go to settle a finding; none where it is settled in the place it is shown. */
export const offersFor = (code: string): readonly Offer[] => OFFERS[code] ?? [];
