import type { DefectKind } from '../model/run.ts';
import type { OperationKind } from '../model/operation.ts';
import type { ClockKind } from './run-clocks.ts';

/** Something in the record that speaks for a cause, or against it. */
export type Sign =
  | { readonly sign: 'too late' | 'too soon'; readonly what: ClockKind }
  /** a hold point of such a step: not met or let go; or met at once */
  | { readonly sign: 'hold missed' | 'hold met'; readonly kind: OperationKind }
  | { readonly sign: 'left out' | 'done'; readonly kind: OperationKind }
  /** of the air while a coat was laid */
  | { readonly sign: 'damp' | 'cold' | 'warm' }
  | { readonly sign: 'film thin' | 'film thick' | 'past its date' };

export interface CauseRow {
  readonly says: string;
  readonly signs: readonly Sign[];
  readonly against: readonly Sign[];
}

export interface DefectRow {
  /** likely ones first where the record says nothing */
  readonly causes: readonly CauseRow[];
  /** what mends it, as steps */
  readonly repair: readonly OperationKind[];
  readonly repairSays: string;
  /** how deep the new films are taken back where the repair starts over; null: it does not, the step itself is done again */
  readonly down: 'bare' | 'first film' | 'surface' | null;
}

const late = (what: ClockKind): Sign => ({ sign: 'too late', what });
const soon = (what: ClockKind): Sign => ({ sign: 'too soon', what });
const missed = (kind: OperationKind): Sign => ({ sign: 'hold missed', kind });
const met = (kind: OperationKind): Sign => ({ sign: 'hold met', kind });
const leftOut = (kind: OperationKind): Sign => ({ sign: 'left out', kind });
const done = (kind: OperationKind): Sign => ({ sign: 'done', kind });
const DAMP: Sign = { sign: 'damp' };
const COLD: Sign = { sign: 'cold' };
const WARM: Sign = { sign: 'warm' };
const THIN: Sign = { sign: 'film thin' };
const THICK: Sign = { sign: 'film thick' };
const OLD: Sign = { sign: 'past its date' };

/** Signs of failed films with what usually lies behind them and what mends them. Common practice, no source. */
export const DEFECTS: Readonly<Record<DefectKind, DefectRow>> = {
  'no-lift': {
    causes: [
      { says: 'laid on too thin, or in sun and warmth', signs: [WARM], against: [COLD] },
      { says: 'the wrong stripper: two-pack that has cured, or powder', signs: [], against: [] },
      { says: 'no test patch was read', signs: [leftOut('try-patch')], against: [done('try-patch')] },
    ],
    repair: ['strip-next-round'],
    repairSays: 'Wet it again and cover it; scuff what is hard; another type after a new patch.',
    down: null,
  },
  lifting: {
    causes: [
      {
        says: 'stripper or acid left in laps and pores',
        signs: [missed('neutralise'), missed('rinse-acid'), leftOut('rinse-off'), leftOut('neutralise'), leftOut('rinse-acid')],
        against: [met('neutralise'), met('rinse-acid')],
      },
      { says: 'water was still in it', signs: [leftOut('dry'), late('prime')], against: [done('dry')] },
      { says: 'next coat over one that was still soft', signs: [soon('recoat'), soon('flash')], against: [] },
      { says: 'old filler that had soaked up stripper', signs: [leftOut('knock-old-filler-out')], against: [done('knock-old-filler-out')] },
    ],
    repair: ['strip-round', 'rinse-off', 'neutralise', 'dry', 'key', 'wipe', 'test', 'coat'],
    repairSays: 'Strip the area to the metal, the full cleaning once more, then prime.',
    down: 'bare',
  },
  'fish-eyes': {
    causes: [
      {
        says: 'silicone, polish or oil on the face',
        signs: [leftOut('wipe'), leftOut('degrease'), missed('test')],
        against: [met('test'), done('wipe')],
      },
      { says: 'oil or water from the air line', signs: [], against: [] },
    ],
    repair: ['wipe', 'key', 'wipe', 'test', 'coat'],
    repairSays: 'Stop. Let it dry, key it, degrease with fresh cloths, test, lay on again; an additive is the last resort.',
    down: 'surface',
  },
  peeling: {
    causes: [
      { says: 'the window to the next coat was missed', signs: [late('recoat'), late('flash'), late('prime')], against: [] },
      { says: 'no key, or too fine a one', signs: [leftOut('key'), leftOut('sand-film')], against: [done('key')] },
      { says: 'dressing, wax or dust between the coats', signs: [leftOut('wipe'), leftOut('clean-film'), missed('test')], against: [met('test')] },
      { says: 'hardener too old or too little', signs: [OLD, COLD], against: [] },
    ],
    repair: ['key', 'wipe', 'test', 'coat'],
    repairSays: 'Back to a sound layer, feather it, key, wipe, then the coats from there.',
    down: 'first film',
  },
  'peeling-plastic': {
    causes: [
      {
        says: 'release agent or dressing',
        signs: [leftOut('soak-plastic'), leftOut('wipe-release'), missed('soak-plastic'), missed('test')],
        against: [met('soak-plastic')],
      },
      { says: 'the flame or the promoter had faded', signs: [late('fade'), late('promoter')], against: [] },
      { says: 'no flame and no promoter on an olefin', signs: [leftOut('flame')], against: [done('flame')] },
    ],
    repair: ['soak-plastic', 'wipe-release', 'key', 'flame', 'coat'],
    repairSays: 'Off with all that is loose; soak, wipe, key, flame or promoter, and prime within its window.',
    down: 'bare',
  },
  wrinkles: {
    causes: [
      { says: 'two-pack or lacquer over a film that was still soft', signs: [soon('recoat'), soon('flash')], against: [] },
      { says: 'outside the window of the coat below', signs: [late('recoat')], against: [] },
      { says: 'laid on too heavy', signs: [THICK], against: [THIN] },
    ],
    repair: ['cure', 'sand-film', 'coat'],
    repairSays: 'Let it cure through, sand it flat, seal it, then lay on again.',
    down: 'surface',
  },
  blush: {
    causes: [
      { says: 'damp air, or metal near the dew point', signs: [DAMP], against: [] },
      { says: 'cold', signs: [COLD], against: [WARM] },
    ],
    repair: ['dry', 'coat'],
    repairSays: 'Warm and dry it; one more coat with slow thinner, or sand and lay on anew.',
    down: 'surface',
  },
  runs: {
    causes: [
      { says: 'laid on too heavy, or the gun too slow', signs: [THICK], against: [THIN] },
      { says: 'next coat before the last had flashed', signs: [soon('flash')], against: [] },
      { says: 'cold paint or metal', signs: [COLD], against: [] },
    ],
    repair: ['cure', 'sand-film', 'coat'],
    repairSays: 'Let it cure, block the run out, recoat.',
    down: 'surface',
  },
  'flash-rust': {
    causes: [
      { says: 'bare for too long', signs: [late('prime')], against: [] },
      { says: 'not dried after water', signs: [leftOut('dry')], against: [done('dry')] },
      { says: 'damp air', signs: [DAMP], against: [] },
      { says: 'salt left on the face', signs: [missed('desalt'), leftOut('desalt')], against: [met('desalt')] },
    ],
    repair: ['treat-rust', 'rinse-acid', 'dry', 'key', 'wipe', 'coat'],
    repairSays: 'Treat it, rinse, dry, key again, and prime within the hour.',
    down: null,
  },
  scratches: {
    causes: [
      { says: 'key too coarse for the film over it', signs: [THIN], against: [THICK] },
      { says: 'sanded before it was hard', signs: [soon('sand')], against: [] },
    ],
    repair: ['sand-film', 'clean-film', 'coat'],
    repairSays: 'More build, then the ladder of grits up to the finish.',
    down: 'surface',
  },
  'dry-spray': {
    causes: [
      { says: 'too warm, or the thinner too quick', signs: [WARM], against: [COLD] },
      { says: 'faded out on an old coat', signs: [], against: [] },
    ],
    repair: ['sand-film', 'coat'],
    repairSays: 'Sand it; end the next coat at an edge or a tape line.',
    down: 'surface',
  },
  bleed: {
    causes: [
      { says: 'a dark line under a light colour', signs: [leftOut('seal-line')], against: [done('seal-line')] },
      { says: 'next coat too soon', signs: [soon('recoat'), soon('flash')], against: [] },
    ],
    repair: ['sand-film', 'coat'],
    repairSays: 'Spot prime, then colour.',
    down: 'surface',
  },
  warp: {
    causes: [
      { says: 'blast on thin sheet', signs: [done('strip-blast')], against: [leftOut('strip-blast')] },
      { says: 'a disc or the hot-air gun held in one place', signs: [done('strip-tool'), done('strip-heat')], against: [] },
    ],
    repair: ['dress'],
    repairSays: 'Metalwork first; the coats after it as planned.',
    down: null,
  },
  pinholes: {
    causes: [
      { says: 'air in the filler', signs: [done('fill')], against: [leftOut('fill')] },
      { says: 'moisture in the laminate or the filler', signs: [missed('measure-moisture'), leftOut('dry')], against: [met('measure-moisture')] },
      { says: 'laid on too heavy, so that it closed over the solvent', signs: [THICK, soon('flash')], against: [] },
    ],
    repair: ['key-for-fill', 'fill', 'block', 'coat'],
    repairSays: 'Open them, glaze, block, prime again.',
    down: 'surface',
  },
  corrosion: {
    causes: [
      {
        says: 'salt or stripper left under the paint',
        signs: [missed('desalt'), missed('neutralise'), leftOut('desalt'), leftOut('rinse-off')],
        against: [met('desalt'), met('neutralise')],
      },
      { says: 'steel dust on light alloy', signs: [], against: [] },
      { says: 'bare for too long before the primer', signs: [late('prime')], against: [] },
    ],
    repair: ['strip-round', 'rinse-off', 'treat-rust', 'dry', 'key', 'wipe', 'coat'],
    repairSays: 'Strip it, treat it, and rebuild from the primer.',
    down: 'bare',
  },
};
