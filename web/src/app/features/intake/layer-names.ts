import { CATALOGUE, type Zone } from '@lift-bare/core';
import type { ChoiceOption } from '../../ui/choice-field';

/** The layers of a zone from the top down, numbered where a coating comes more than once. */
export function layerNames(zone: Zone | null): ChoiceOption<string>[] {
  const stack = zone?.stack ?? [];
  return stack
    .map((layer, i) => {
      const name = CATALOGUE.coatings[layer.coating].name;
      const twins = stack.filter(({ coating }) => coating === layer.coating).length;
      return { value: layer.id, label: twins > 1 ? `${name} (layer ${i + 1})` : name };
    })
    .reverse();
}
