import { tightest, windowsOf } from '../build/windows.ts';
import { formatMinutes } from '../units/format-quantity.ts';
import { draftStep, type DraftStep } from './draft-step.ts';
import type { PlannedZone } from './planned-zone.ts';

/** Cure, put together, clear up and write down. */
export function finishSteps(zones: readonly PlannedZone[]): DraftStep[] {
  const handle = Math.max(0, ...zones.map(({ plan }) => plan.build?.handle ?? 0));
  const load = Math.max(0, ...zones.map(({ plan }) => plan.build?.load ?? 0));
  const leaded = zones.some(({ facts }) => facts.treatAsLead);
  const waste = zones.reduce((sum, { plan }) => sum + (plan.chosen?.waste ?? 0), 0);
  const windows = zones.flatMap(({ facts, plan }) => (plan.build ? windowsOf(facts, plan.build) : []));
  const [assemble, immerse] = [tightest(windows, 'assemble'), tightest(windows, 'immerse')];
  const wheels = zones.some(({ facts }) => facts.has('tyre'));
  return [
    ...(handle > 0
      ? [
          draftStep({
            stage: 'finish',
            title: 'Cure',
            detail: `Unmask while the edge is soft. Handle after ${formatMinutes(handle)}, load after ${formatMinutes(load)}.`,
            hand: 15,
            wait: handle,
            hold: 'Thumb-nail leaves no mark.',
          }),
        ]
      : []),
    ...(wheels && zones[0]?.facts.shop.schools.P5 === 'wipe'
      ? [
          draftStep({
            stage: 'finish',
            title: 'Wipe overspray off the tyres',
            detail: 'Thinner on a cloth while it is soft; not on the lip.',
            hand: 10,
          }),
        ]
      : []),
    draftStep({
      stage: 'finish',
      title: 'Reassemble',
      hand: 30,
      notBefore: assemble && `${formatMinutes(assemble.from)} after the last coat: fitted parts press harder than hands`,
      detail: wheels
        ? 'Torque wheel bolts with a wrench after lowering and again after 50 to 100 km; balance only after full cure.'
        : 'By the tickets; new clips where worn. Earth points and seats stay free of paint.',
    }),
    ...(immerse ? [launch(immerse)] : []),
    draftStep({
      stage: 'finish',
      title: 'Clear up and hand over waste',
      hand: 30,
      protection: ['chemical gloves', 'goggles'],
      detail: `About ${waste < 10 ? waste.toFixed(1) : Math.round(waste)} kg of sludge, dust and medium. Acid and caustic apart, labelled with content and date; solvent rags in a lidded metal can.`,
      cautions: leaded
        ? ['Leaded water settles a day; solids and water go to a hazardous-waste collector, never on the ground or down a drain.']
        : [],
    }),
    draftStep({ stage: 'finish', title: 'Write it down', detail: 'Times, litres and what surprised: the next plan starts from it.', hand: 10 }),
  ];
}

const launch = ({ from, until, missed }: NonNullable<ReturnType<typeof tightest>>): DraftStep =>
  draftStep({
    stage: 'finish',
    title: 'Launch',
    detail: 'Anodes bare and tight, transducers clear, nothing masked left on.',
    hand: 30,
    notBefore: `${formatMinutes(from)} after the last coat`,
    notAfter: until === null ? null : `${formatMinutes(until)} after it${missed ? `; later: ${missed}` : ''}`,
  });
