import { FinishId } from '../model/ids.ts';
import type { Item } from '../model/job.ts';

const underWater = ({ service }: Item): boolean => service.startsWith('immersed');

/** What a finish is made for, where it is made for one thing. */
const MEANT_FOR: Partial<Record<FinishId, (item: Item) => boolean>> = {
  antifouling: underWater,
  'antifouling-hard': underWater,
  'antifouling-thin-film': underWater,
  'antifouling-no-biocide': underWater,
  'aviation-topcoat': ({ kind }) => kind === 'aircraft',
  'heat-colour': ({ service }) => service === 'engine-heat',
  'bare-polish': () => false,
};

/** Finishes that somebody would think of for such an item. */
export const finishesFor = (item: Item): FinishId[] => FinishId.options.filter((finish) => MEANT_FOR[finish]?.(item) ?? true);
