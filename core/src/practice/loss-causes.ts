export interface LossCauseRow {
  readonly kind: 'work' | 'waste' | 'harm' | 'return';
  readonly name: string;
  readonly lesson: string;
  /** page of a job that explains it */
  readonly page: string;
}
const row = (kind: LossCauseRow['kind'], name: string, lesson: string, page: string): LossCauseRow => ({ kind, name, lesson, page });

/** What minutes and money at the practice bench went for: work that has to be, waste, harm, and what comes back. */
export const LOSS_CAUSES = {
  tests: row('work', 'Tests', 'What it costs to know before acting. A few minutes each; one that tells of a trap pays for all of them.', 'intake'),
  laying: row(
    'work',
    'Laying on',
    'Every round costs stripper and hands: several short ones beat one long dwell on a thick stack, too many waste both.',
    'strip',
  ),
  scraping: row('work', 'Scraping', 'Scraped before it lets go, little comes off and the round is lost; a dried crust takes twice as long.', 'strip'),
  breaking: row(
    'work',
    'Breaking the top',
    'A closed cross-linked face takes stripper two and a half times as slowly until it is broken with P80.',
    'strip',
  ),
  dwell: row('work', 'Dwell', 'Time that the front needs. Cold, an old can, brushing over and water under the film make it longer.', 'strip'),
  'waited-on': row(
    'waste',
    'Waited on after it had let go',
    'Look at the first check and lift a corner: once it is loose, waiting only brings it nearer to drying.',
    'strip',
  ),
  'dried-out': row(
    'waste',
    'Left to dry',
    'Dry stripper does not work. Lay on thick, cover it, and be back before the working life is over.',
    'strip',
  ),
  hesitated: row('waste', 'Nothing was done', 'The clock runs on while nobody works: bare steel rusts and the day goes.', 'time'),
  sanding: row('work', 'Sanding off', 'Slow by hand, but it takes what stripper does not; wet where lead may be.', 'strip'),
  cleaning: row('work', 'Rinsing and washing', 'Residue, alkali and salt come back through the paint; each has its own wash.', 'bare'),
  drying: row('work', 'Drying', 'Water left in laps or under the next film spoils both.', 'bare'),
  'rust-work': row('work', 'Taking rust off again', 'Bare steel that waits too long is treated a second time.', 'bare'),
  'find-work': row('work', 'Settling the find', 'What the paint hid is opened and made good before anything closes over it.', 'bare'),
  keying: row('work', 'Keying', 'The primer wants scratches of its own depth.', 'bare'),
  guards: row('work', 'Cartridges', 'Changed by the log, not by the nose.', 'safety'),
  mixing: row('work', 'Mixing', 'A pot with the wrong share of hardener is thrown away, not laid on.', 'build'),
  priming: row('work', 'Priming', 'Primer and the hands to lay it.', 'build'),
  warming: row('work', 'Warming the room', 'Three kelvin above the dew point, or no paint.', 'build'),
  unguarded: row('harm', 'Breathed in', 'The cartridge was spent. Absence of smell is no proof: change it by the hours in the log.', 'safety'),
  'lead-dust': row('harm', 'Lead dust raised', 'Old paint is tested before it is abraded; leaded paint stays wet.', 'safety'),
  'forbidden-product': row(
    'return',
    'A product that must not be used here',
    'The rules name what each material does not stand; a magnet tells steel from light metal in ten seconds.',
    'method',
  ),
  'paint-left': row('return', 'Primed over old paint', 'No colour in corners before anything goes over it.', 'strip'),
  residue: row('return', 'Primer lifts over residue', 'Stripper left on the face works on under the primer: rinse, flush, look again.', 'bare'),
  ph: row('return', 'Primer blisters over alkali or acid', 'Water only dilutes: rinse to pH 6 to 8, checked with paper.', 'bare'),
  wet: row('return', 'Painted on a wet face', 'Blow out laps, warm, wait until no edge weeps.', 'bare'),
  salt: row(
    'return',
    'Blisters over salt',
    'After sea, road or ballast the face is tested with a patch before primer; over the limit it is washed again.',
    'bare',
  ),
  rust: row(
    'return',
    'Rust under the primer',
    'The flash-rust clock starts at bare and dry. Overrun: key again and wipe; long overrun: treat again.',
    'bare',
  ),
  oxide: row(
    'return',
    'Primer lets go of old oxide',
    'Light metal and zinc grow their oxide back within hours of keying: prime the same day, or key again.',
    'bare',
  ),
  key: row('return', 'Primer peels', 'Too fine, and it finds no hold; too coarse, and scratches show through.', 'bare'),
  grease: row(
    'return',
    'Fish eyes',
    'Last of all two cloths, wet on and dry off, gloves on; anything that dusts or touches the face afterwards undoes it.',
    'bare',
  ),
  primer: row('return', 'The wrong primer for this ground', 'The rules say which primer holds on which metal and under which top coat.', 'build'),
  damp: row(
    'return',
    'Soft or milky primer',
    'Air, metal and humidity within the limits of the primer, and metal three kelvin above the dew point.',
    'build',
  ),
  find: row('return', 'A find painted over', 'Filler soaked with stripper, or a hole, comes through the new coat: open it, make it good.', 'bare'),
  mix: row('return', 'Primer stays soft or brittle', 'Weigh the pot: a tenth of the hardener either way is the most.', 'build'),
  gouged: row('return', 'Gouges in a soft part', 'Steel on light metal, laminate or plastic cuts in: plastic blade there.', 'strip'),
  unfinished: row('return', 'Left unfinished', 'The job goes on tomorrow, from wherever the face stands.', 'time'),
} as const satisfies Readonly<Record<string, LossCauseRow>>;
export type LossCause = keyof typeof LOSS_CAUSES;

export const lossCause = (cause: LossCause): LossCauseRow => LOSS_CAUSES[cause];
