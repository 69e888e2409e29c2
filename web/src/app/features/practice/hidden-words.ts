import { lowerFirst, type Practice } from '@lift-bare/core';

type Truth = Practice['truth'];

/** What was hidden, in words. */
export function hiddenWords({ films, products, strength, air, lead, salt, find, cartridge, hardener, facts, traps }: Truth): string[] {
  const stack = films.map(({ coating, thickness, told }) => `${coating.name} ${Math.round(thickness)} µm${told ? '' : ', of which nobody had told'}`);
  return [
    `${facts.substrate.name}${traps.includes('other-metal') ? ', though the card said otherwise' : ''}: ${stack.join('; ')}.`,
    ...[...products.values()].flatMap(({ stripper, forbidden }) =>
      forbidden === null ? [] : [`${stripper.name} is not for it: ${lowerFirst(forbidden)}.`],
    ),
    ...(strength < 1 ? [`The products were old: ${Math.round(strength * 100)} % of their pace.`] : []),
    `The air began at ${air.start.toFixed(1)} °C and ${Math.round(air.humidity)} %, and ${air.swing < 0 ? 'fell' : 'rose'} by ${Math.abs(air.swing).toFixed(1)} K over six hours.`,
    ...(lead ? ['The old paint held lead.'] : []),
    ...(traps.includes('salt') ? [`${Math.round(salt)} mg/m² of salt lay on it.`] : []),
    ...(find === null ? [] : [find === 'filler' ? 'Old filler lay under the paint.' : 'It was rusted through under the paint.']),
    ...(traps.includes('tired-cartridge') ? [`The cartridge held for ${Math.round(cartridge)} min.`] : []),
    ...(traps.includes('wrong-mix') ? [`The pot had ${Math.round(hardener * 100)} % of its hardener.`] : []),
  ];
}
