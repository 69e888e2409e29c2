import type { Seen } from '@lift-bare/core';

const share = (part: number): string => (part > 0.95 ? 'all over' : `over ${Math.max(5, Math.round(part * 20) * 5)} %`);
const LEAST = 0.03;

/** What is seen, in words: for those who cannot see the picture, and for the log. */
export function seenWords({ top, stripper, wet, rust, find, gouged, dusty }: Seen): string[] {
  return [
    top === null ? 'Bare' : `${top.name} on top`,
    ...(stripper === null ? [] : [stripper.covered ? 'stripper on it, under film' : 'stripper on it']),
    ...(stripper !== null && stripper.blistered > LEAST ? [`blisters ${share(stripper.blistered)}`] : []),
    ...(stripper !== null && stripper.wrinkled > LEAST ? [`wrinkles ${share(stripper.wrinkled)}`] : []),
    ...(stripper !== null && stripper.crust > LEAST ? [`dry crust ${share(stripper.crust)}`] : []),
    ...(wet && stripper === null ? ['wet'] : []),
    ...(dusty ? ['dust on it'] : []),
    ...(rust > LEAST ? [`flash rust ${share(rust)}`] : []),
    ...(find === 'filler' ? ['a patch of old filler'] : []),
    ...(find === 'hole' ? ['a hole with a rusty edge'] : []),
    ...(gouged ? ['gouges from the blade'] : []),
  ];
}
