import type { TestName, TestResult, Zone } from '@lift-bare/core';

/** One answer that a test can give. */
export interface TestAnswer {
  readonly label: string;
  readonly result: TestResult;
}

/** How a test is done and what can come of it. */
export interface TestGuide {
  readonly test: TestName;
  readonly title: string;
  readonly how: string;
  readonly answers: (zone: Zone, layerName: (id: string) => string) => readonly TestAnswer[];
}

const fixed =
  (...answers: readonly TestAnswer[]) =>
  (): readonly TestAnswer[] =>
    answers;

/** The tests the shop is talked through, in the order they are usually done. */
export const TEST_GUIDES: readonly TestGuide[] = [
  {
    test: 'magnet',
    title: 'Magnet',
    how: 'Wrap a small magnet in cloth and slide it over the zone. It holds on steel and iron, weakly or not over filler, not at all on light alloy, brass and plastic.',
    answers: fixed(
      { label: 'It holds', result: { test: 'magnet', holds: true } },
      { label: 'It does not hold', result: { test: 'magnet', holds: false } },
    ),
  },
  {
    test: 'float',
    title: 'Float test',
    how: 'Look for a moulded mark between angle signs first (ISO 11469). Without one, cut a sliver from a hidden edge, take the paint off it and push it under water with a drop of detergent.',
    answers: fixed({ label: 'It floats', result: { test: 'float', floats: true } }, { label: 'It sinks', result: { test: 'float', floats: false } }),
  },
  {
    test: 'solvent-rub',
    title: 'Solvent rub',
    how: 'White cloth, thinner, thirty seconds on a hidden spot; gloves and air. Colour on the cloth and a soft film: one-pack. Nothing: cured two-pack, baked or powder.',
    answers: fixed(
      { label: 'Colour comes off, film softens', result: { test: 'solvent-rub', result: 'colour-and-softens' } },
      { label: 'Colour only', result: { test: 'solvent-rub', result: 'colour-only' } },
      { label: 'Nothing', result: { test: 'solvent-rub', result: 'nothing' } },
    ),
  },
  {
    test: 'crosscut',
    title: 'Crosscut',
    how: 'Six cuts each way to the substrate, spacing by film thickness (ISO 2409), brush, tape, pull. Class by the share that came off; note under which layer it let go.',
    answers: (zone, layerName) => [
      { label: '0: edges clean', result: { test: 'crosscut', class: 0, plane: null } },
      { label: '1: under 5 % off', result: { test: 'crosscut', class: 1, plane: null } },
      ...[...zone.stack]
        .reverse()
        .map(({ id }): TestAnswer => ({ label: `3: ${layerName(id)} lets go`, result: { test: 'crosscut', class: 3, plane: id } })),
      { label: '3: lets go, plane not seen', result: { test: 'crosscut', class: 3, plane: null } },
      { label: '5: off in sheets to the bare face', result: { test: 'crosscut', class: 5, plane: 'substrate' } },
    ],
  },
  {
    test: 'bullseye',
    title: 'Layer count',
    how: 'Sand a shallow crater to the substrate with P320 (wet where lead may be); each ring is a layer. Count from the middle out.',
    answers: fixed(...[1, 2, 3, 4, 5, 6, 7, 8].map((rings): TestAnswer => ({ label: String(rings), result: { test: 'bullseye', rings } }))),
  },
  {
    test: 'water-break',
    title: 'Water break',
    how: 'Mist or pour clean water over the cleaned face. Clean metal holds an unbroken film for half a minute (ASTM F22); beads mean grease or wax.',
    answers: fixed(
      { label: 'Film holds', result: { test: 'water-break', holds: true } },
      { label: 'It beads', result: { test: 'water-break', holds: false } },
    ),
  },
  {
    test: 'lead',
    title: 'Lead',
    how: 'A chip through all layers to a laboratory, or a listed test kit. A swab that stays clear proves nothing about the layers below.',
    answers: fixed(
      { label: 'Laboratory: none', result: { test: 'lead', found: 'lab-clear' } },
      { label: 'Laboratory: lead', result: { test: 'lead', found: 'lab-lead' } },
      { label: 'Swab: clear', result: { test: 'lead', found: 'swab-clear' } },
      { label: 'Swab: lead', result: { test: 'lead', found: 'swab-lead' } },
    ),
  },
];

/** A recorded result in a few words. */
export function resultText(result: TestResult, layerName: (id: string) => string): string {
  switch (result.test) {
    case 'crosscut':
      return `class ${result.class}${result.plane === null ? '' : result.plane === 'substrate' ? ', off the bare face' : `, ${layerName(result.plane)} let go`}`;
    case 'bullseye':
      return `${result.rings} ${result.rings === 1 ? 'ring' : 'rings'}`;
    case 'solvent-rub':
      return result.result.replaceAll('-', ' ');
    case 'lead':
      return result.found.replace('lab-', 'laboratory ').replace('swab-', 'swab ');
    case 'magnet':
      return result.holds ? 'holds' : 'does not hold';
    case 'float':
      return result.floats ? 'floats' : 'sinks';
    case 'water-break':
      return result.holds ? 'film holds' : 'beads';
  }
}
