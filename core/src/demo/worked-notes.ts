import type { Job } from '../model/job.ts';
import type { StageName } from '../model/stage.ts';

/** A note of a worked example. */
interface WorkedNote {
  readonly stage: StageName;
  /** part and zone by their names; null: the whole job */
  readonly at: readonly [part: string, zone: string] | null;
  readonly text: string;
}

const OPENING =
  'A worked example. A note like this stands beside each decision and says why it was made so; “Next note” leads on in the order of the work. ' +
  'Change what you like on the way: Undo takes it back.';

/** Why the tug is planned as it is: what was not tested, what each material stands, what the clocks ask for. */
export const TUG_NOTES: readonly WorkedNote[] = [
  { stage: 'intake', at: null, text: OPENING },
  {
    stage: 'intake',
    at: ['Counterweight', 'Faces'],
    text:
      'Old enamel that nobody has had tested. Until somebody does, the plan takes it for leaded: no disc and no heat. ' +
      'A chip sent to a laboratory costs little and may open all of them again.',
  },
  {
    stage: 'intake',
    at: ['Bumper', 'Outside'],
    text: 'The mark moulded into the back decides everything here. It says polypropylene with rubber, and no ordinary primer grips that.',
  },
  {
    stage: 'method',
    at: ['Bonnet', 'Top face'],
    text:
      'Most strippers soften gelcoat as readily as paint, so they are struck out. The one that does not is slow and dear; a sander with a soft pad, ' +
      'stopped above the gelcoat, is neither.',
  },
  {
    stage: 'method',
    at: ['Side panels', 'Outer skins'],
    text:
      'The primer of the factory is as good a ground as there is, and the plan says so. It comes off all the same: the customer wants the seams seen bare. ' +
      'Advice is not a stop; what it costs to go on is in the figures.',
  },
  {
    stage: 'method',
    at: ['Side panels', 'Edges and lips'],
    text: 'Edges are a zone of their own: a large disc is through a folded edge before it is felt. The small disc is slower, but there is little of it.',
  },
  {
    stage: 'method',
    at: ['Chassis', 'Inside the section'],
    text:
      'No disc and no gun gets in here. It is flushed, dried, its rust converted, and waxed last of all, ' +
      'since wax that drifts onto a face keeps paint from wetting it.',
  },
  {
    stage: 'method',
    at: ['Hitch and pedal brackets', 'Faces'],
    text:
      'Suspected of lead like the counterweight, and stripped wet like it, so that nothing becomes dust. Caustic takes plain enamel off cheaply. ' +
      'The counterweight cannot have it: caustic does nothing to the polyester filler under its enamel.',
  },
  {
    stage: 'strip',
    at: ['Counterweight', 'Faces'],
    text:
      'The patches on this face were tried with the benzyl gel, and a patch speaks only for the stripper that it was made with. ' +
      'The drum gel that is planned still goes by thickness and temperature, and is less sure: a patch with it is worth an evening.',
  },
  {
    stage: 'bare',
    at: ['Chassis', 'Rails outside'],
    text:
      'Bare steel has a clock: by then it must have its primer. It runs faster in damp air; see what it does when you change the humidity under Intake. ' +
      'The dates see to it that nothing is bared that cannot be primed in time.',
  },
  {
    stage: 'build',
    at: ['Side panels', 'Outer skins'],
    text: 'Epoxy straight on bare steel, no etch under it. Shops differ on this one: Shop, Schools has both sides, and the whole plan follows your choice.',
  },
  {
    stage: 'build',
    at: ['Bumper', 'Outside'],
    text: 'Promoter works for minutes. The first paint follows at once, from a gun that stands ready; that is why nothing else is planned in between.',
  },
  {
    stage: 'safety',
    at: null,
    text:
      'Two-pack paint decides what is worn: supplied air for whoever sprays. One of the three has a beard, so no mask that has to seal counts for him; ' +
      'his hood does.',
  },
  {
    stage: 'time',
    at: null,
    text:
      'Dates come from the clocks, not from adding up hours: some work waits for the morning so that what it bares is primed the same day. ' +
      'Take somebody out under Shop, People, or close a Friday, and see what moves.',
  },
  {
    stage: 'run-sheet',
    at: null,
    text: 'What goes on the wall. Where a step has to be looked at before work goes on, it says what to see; where it asks for a mask, it says which.',
  },
];

/** Why the trailer is planned as it is: four materials side by side, each with something that must not be done to it. */
export const HORSEBOX_NOTES: readonly WorkedNote[] = [
  { stage: 'intake', at: null, text: OPENING },
  {
    stage: 'intake',
    at: ['Drawbar', 'Outside'],
    text: 'It looks like painted steel. It is galvanised: the zinc keeps it from rusting, and all that follows is there to leave the zinc on.',
  },
  {
    stage: 'method',
    at: ['Side skins', 'Skins'],
    text: 'Light alloy takes no caustic, no steel wire and no flap disc. A bristle disc lifts the paint and leaves the sheet.',
  },
  {
    stage: 'method',
    at: ['Drawbar', 'Outside'],
    text: 'Anything coarser than P240 is through the zinc before the paint is off. So it is stripped wet, with a gel that leaves metal alone.',
  },
  {
    stage: 'method',
    at: ['Wheel arches', 'Outside'],
    text: 'Solvent cracks ABS and a grinder melts it. A fine sander is slow, and the only one of the cheap ways that leaves a wheel arch.',
  },
  {
    stage: 'method',
    at: ['Spare wheel', 'Both sides'],
    text: 'Rust grade C: the disc takes the paint, and the rust that it leaves is dealt with at the next stage. Blasting would do both in one go; the table says what it costs.',
  },
  {
    stage: 'bare',
    at: ['Side skins', 'Skins'],
    text: 'Bare aluminium looks clean for weeks, but its oxide is back within hours of keying. The clock asks for primer before that.',
  },
  {
    stage: 'bare',
    at: ['Spare wheel', 'Both sides'],
    text: 'Loose rust off by tool, what sits in the pits by phosphoric acid. The acid is rinsed off and the steel dried at once, since epoxy lets go of live acid.',
  },
  {
    stage: 'build',
    at: ['Drawbar', 'Outside'],
    text: 'The drawbar has a finish of its own, set at the part: one solid colour in place of colour and clear, since stones will chip it and somebody will touch it up.',
  },
  {
    stage: 'build',
    at: ['Wheel arches', 'Outside'],
    text: 'Plastic gets a primer made for it before the surfacer. The same two-pack paint then goes over metal and plastic in one go.',
  },
  {
    stage: 'safety',
    at: null,
    text: 'Four materials, one worst case: the two-pack paint. Before that, dust of old paint is caught where it is made, and what is worn follows the work, not the day.',
  },
  {
    stage: 'time',
    at: null,
    text: 'The parts go their own ways until the paint: one mix for all that gets the same product on the same day. See what it costs to have it a day sooner.',
  },
  {
    stage: 'run-sheet',
    at: null,
    text: 'Read it from top to bottom once before you begin: the second side of the wheel is why it is turned over between coats.',
  },
];

/** A job with the notes of a worked example. @throws RangeError where a note names a zone that the job has not */
export function withNotes(job: Job, notes: readonly WorkedNote[]): Job {
  return { ...job, decisionNotes: notes.map(({ stage, at, text }, i) => ({ id: `note-${i + 1}`, stage, zone: at && zoneAt(job, at), text })) };
}

function zoneAt({ parts }: Job, [partName, zoneName]: readonly [string, string]): string {
  const zone = parts.find(({ name }) => name === partName)?.zones.find(({ name }) => name === zoneName);
  if (!zone) throw new RangeError(`no zone ${zoneName} of ${partName}`);
  return zone.id;
}
