import { assumed, type Cited } from '../model/basis.ts';
import type { Equipment } from '../model/shop.ts';

/** A tool that a shop owns or has to buy for a method. */
export interface Tool {
  readonly id: Equipment;
  readonly name: string;
  readonly price: Cited<number>;
}

const row = (id: Equipment, name: string, price: number): Tool => ({ id, name, price: assumed(price) });

/** Prices are starting values for a sound workshop tool. */
export const TOOLS: Readonly<Record<Equipment, Tool>> = {
  da: row('da', 'Random-orbital sander with extraction', 280),
  grinder: row('grinder', 'Angle grinder', 110),
  drill: row('drill', 'Drill with small pads', 90),
  'needle-scaler': row('needle-scaler', 'Needle scaler', 160),
  'blast-pot': row('blast-pot', 'Blast pot with compressor', 2900),
  'blast-cabinet': row('blast-cabinet', 'Blast cabinet', 700),
  'caustic-tub': row('caustic-tub', 'Heated caustic tub', 350),
  'hot-air-gun': row('hot-air-gun', 'Hot-air gun', 60),
  'spray-gun': row('spray-gun', 'Spray gun', 180),
  'supplied-air': row('supplied-air', 'Supplied-air set', 950),
};
