import { NozzleId } from '../model/ids.ts';

export interface Nozzle {
  readonly id: NozzleId;
  readonly name: string;
  /** mm, as new */
  readonly bore: number;
}

const SIXTEENTH = 25.4 / 16;
const row = (id: NozzleId): Nozzle => {
  const number = Number(id.slice(3));
  return { id, name: `no. ${number}, ${FRACTIONS[id]} in`, bore: number * SIXTEENTH };
};
const FRACTIONS: Readonly<Record<NozzleId, string>> = {
  'no-2': '1/8',
  'no-3': '3/16',
  'no-4': '1/4',
  'no-5': '5/16',
  'no-6': '3/8',
  'no-7': '7/16',
  'no-8': '1/2',
};

/** Smallest first. */
export const NOZZLES: readonly Nozzle[] = NozzleId.options.map(row);
export const nozzleOf = (id: NozzleId): Nozzle => NOZZLES[NozzleId.options.indexOf(id)] as Nozzle;
