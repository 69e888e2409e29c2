import type { SchoolId, Schools } from '../model/schools.ts';

export interface SchoolSide {
  readonly value: string;
  readonly label: string;
  readonly says: string;
}

/** Both sides of a point on which practitioners disagree, the default and why. Common practice, no source. */
export interface School {
  readonly id: SchoolId;
  readonly question: string;
  readonly sides: readonly SchoolSide[];
  readonly usual: string;
}

type Says<K extends SchoolId> = Readonly<Record<Schools[K], readonly [label: string, says: string]>>;

/** Every side of a school must be there, since the record is typed by them. */
const school = <K extends SchoolId>(id: K, question: string, usual: string, says: Says<K>): School => ({
  id,
  question,
  usual,
  sides: Object.entries<readonly [string, string]>(says).map(([value, [label, text]]) => ({ value, label, says: text })),
});

export const SCHOOLS: readonly School[] = [
  school('S1', 'Old coating is sound: keep it?', 'Keep what passes a crosscut: less work and a better base.', {
    'keep-sound': [
      'Keep what passes',
      'A factory primer that holds is better than anything put on in a small shop, and keeping it is far less work.',
    ],
    'always-bare': ['Always bare', 'What is underneath is known only when it is seen; one system from the metal up.'],
  }),
  school('S2', 'Laying stripper on', 'Lay once and leave; agitate only when scraping or between rounds. Caustic foam may be brushed.', {
    leave: ['Lay once, leave', 'Brushing over again breaks the skin that holds the solvent in, and the reaction stops.'],
    agitate: ['Brush and scratch', 'Working it lets the stripper get under the next layer.'],
  }),
  school('S3', 'Break the surface before stripper', 'Break closed finishes, leave flaking enamel alone.', {
    'closed-only': ['Break closed finishes', 'Clear, baked and two-pack tops keep solvent out until P80 has opened them.'],
    never: ['Never sand first', 'No dust, no scratches, one step less; the stripper takes longer.'],
  }),
  school('S4', 'Cover with film', 'By chemistry: film for slow gels.', {
    'by-chemistry': ['By chemistry', 'Slow gels want it, fast strippers are done before they dry.'],
    always: ['Always', 'Stays wet three to four times as long, and smells less.'],
    never: ['Never', 'Quicker to look at and scrape; nothing to hand over as waste.'],
  }),
  school('S5', 'Between rounds', 'By chemistry.', {
    'by-chemistry': ['By chemistry', 'Skin-forming solvents are rinsed and dried, gels and caustic go straight on.'],
    'rinse-and-dry': ['Rinse, dry, start afresh', 'Residue and softened paint hinder the next round.'],
    'straight-on': ['Scrape and go straight on', 'Water left behind weakens the next round.'],
  }),
  school('S6', 'Film of stripper', 'Thick: film is cheaper than rounds.', {
    thick: ['Thick, caked', 'Two to three millimetres hold enough solvent and stay wet.'],
    thin: ['Thin but undisturbed', 'Half the product; it dries sooner and takes more rounds.'],
  }),
  school('S7', 'Area worked at one time', 'By working life; the whole panel only where it cannot dry first.', {
    'by-working-life': ['By working life', 'As much as can be scraped before it dries.'],
    small: ['One tube or hand-width at a time', 'Nothing dries, everything is watched; slow.'],
    whole: ['Whole panel poured and left', 'Least handling where it cannot dry first.'],
  }),
  school('L1', 'Tools on light alloy', 'Plastic first; steel never in any school.', {
    'plastic-only': ['Plastic only', 'No foreign metal and no scratches.'],
    'brass-allowed': ['Brass allowed', 'Gets into corners where plastic fails; traces are rinsed off and padded out.'],
    'nonwoven-allowed': ['Non-woven pad allowed', 'Cuts quickly and leaves an even key.'],
  }),
  school('L2', 'Blasting aluminium', 'Soft media only, 2 bar at most.', {
    'soft-media': ['Soft media, trained hand', 'Plastic, starch or soda at low pressure leave it smooth.'],
    never: ['Never', 'Any blast roughens or stretches it.'],
  }),
  school('B1', 'Blasting car panels', 'Within the limit for the thickness.', {
    'within-limit': ['Within the bending limit', 'Soft or fine medium, low pressure, shallow and moving bends nothing.'],
    never: ['Never', 'One slip ruins a panel that cannot be had again.'],
  }),
  school('C1', 'After stripper on steel', 'Full sequence: residue is the commonest cause of lifting.', {
    'full-sequence': ['Full sequence', 'Water, conditioner, water, dry, sand, wipe: nothing is left to come back through the primer.'],
    'water-only': ['Water or solvent only', 'Less water on steel, less flash rust; the phosphate film stays on, so epoxy is refused over it.'],
  }),
  school('C2', 'Bare steel has to wait', 'Same day; a film only when it must wait.', {
    'same-day': ['Prime the same day', 'Nothing to take off again, and no doubt about what is under the primer.'],
    'hold-film': ['Hold under phosphate film', 'An unbroken film keeps steel for weeks in a dry store; it is scrubbed off before primer.'],
  }),
  school('C3', 'Cleaning and sanding', 'Clean, sand, clean.', {
    'clean-sand-clean': ['Clean, sand, clean', 'Sanding first grinds grease and release agent in.'],
    'sand-clean': ['Sand, then clean', 'One wash less on parts that are clean already.'],
  }),
  school('C4', 'How clean is clean', 'Specks on castings only.', {
    'specks-on-castings': ['Specks may stay on castings', 'Below the casting texture they do no harm, if they survive tape and are noted.'],
    'no-speck': ['No speck left', 'Whatever stays is the weakest spot.'],
  }),
  school('K1', 'Key for the next coat', 'By the film that follows.', {
    'by-film': ['By the film that follows', 'It must bury the scratch; inside the chemical window no key is needed.'],
    coarse: ['Coarse for grip', 'P80 to P180: the coat has something to hold.'],
    fine: ['Fine and smooth', 'P400 to P1000: no scratch ever shows.'],
  }),
  school('P1', 'Primer on bare steel', 'Epoxy on a full strip; etch for rub-through spots.', {
    'epoxy-direct': ['Epoxy direct', 'One sealed ground that takes filler and every finish.'],
    'etch-surfacer': ['Etch, then surfacer', 'Bites into the metal; quick; fills and sands well.'],
  }),
  school('P2', 'Which etch under which finish', 'Match, unless the data sheet says otherwise.', {
    'match-pack': ['1K with 1K, 2K with 2K', 'A first rule that avoids lifting.'],
    'data-sheet': ['By the data sheet', 'Makers name mixed systems that work.'],
  }),
  school('P3', 'Paint on polypropylene and polyethylene', 'Promoter; flame only where the shop has a room free of solvent for it.', {
    promoter: ['Adhesion promoter', 'Works without fire; first paint within ten minutes.'],
    flame: ['Flame and alcohol', 'Raises the surface energy itself; fades within hours.'],
    both: ['Both', 'Flame first, promoter over it, where the part is worked hard.'],
  }),
  school('P4', 'Wait after a bonded repair', '24 hours before sanding a bond that carries load.', {
    'full-day': ['Full 24 hours', 'A bond that carries load is not hard when the label says dry.'],
    label: ['Time on the label', 'Half an hour is what the maker states.'],
  }),
  school('P5', 'Tyres on rims', 'Mask.', {
    mask: ['Mask with card and paper', 'No solvent on rubber, clean edge at the lip.'],
    wipe: ['Spray and wipe off', 'Quick; overspray comes off with thinner while soft.'],
    leave: ['New tyre follows', 'The old tyre goes to waste anyway.'],
  }),
  school('P6', 'Makers of the coats', 'One maker.', {
    'same-maker': ['One maker', 'Primer, colour and clear were tested together.'],
    mix: ['Mix by data sheets', 'Each coat from whoever makes it best, when both data sheets agree.'],
  }),
  school('W1', 'Before handling new paint', '48 hours for handling, 7 days before load and balancing.', {
    'two-days': ['48 hours', 'Hard enough to carry and stack.'],
    'one-day': ['24 hours', 'Touched and hung after a day.'],
    week: ['7 days', 'Through hard before anything touches it.'],
  }),
  school('W2', 'Weather for painting outdoors', 'Margin and data sheet.', {
    margin: ['Dew-point margin and data sheet', 'Surface 3 °C above the dew point and humidity within the sheet.'],
    strict: ['20 °C, dry and still', 'Only on days that leave no doubt.'],
  }),
  school('W3', 'Weight of coats', 'Light first coats, wet-film limit.', {
    light: ['Many light coats', 'Solvent leaves, nothing runs.'],
    heavy: ['Fewer, heavier coats', 'Less overspray and fewer waits, while the gun moves.'],
  }),
  school('M1', 'Take apart or mask', 'Off where fasteners allow it in reasonable time.', {
    'take-off': ['Everything off', 'No edge to lift, no shadow, no stripper behind trim.'],
    mask: ['Leave and mask', 'Nothing breaks, nothing is lost; quick.'],
  }),
  school('M2', 'Laid flat or hung', 'Hang when weight and shape allow.', {
    hang: ['Hang', 'n coats take n sessions; both sides at once.'],
    lay: ['Lay and turn', 'No hook marks, no runs; n coats take 2 n sessions.'],
  }),
  school('X1', 'Where new meets old paint', 'Edge, above all for textured and low-gloss coats.', {
    edge: ['Mask to an edge', 'Textured and low-gloss coats show every fade.'],
    fade: ['Fade out', 'No line to see in gloss colours.'],
  }),
  school('F1', 'Changing antifouling', 'Data sheet; barrier coat when the old type is unknown.', {
    'data-sheet': ['By the data sheet', 'Tie coat or overcoat where both sheets allow it.'],
    strip: ['Strip to gelcoat', 'Nothing unknown under the new system.'],
  }),
  school('F2', 'Filler on metal or on epoxy', 'On bright metal: it grips best there.', {
    'on-metal': ['On bright metal', 'Keyed with P80 it holds best, and nothing soft lies under it.'],
    'on-epoxy': ['On keyed epoxy', 'The metal is sealed first, so that no moisture reaches it through the filler.'],
  }),
  school('R1', 'Iron castings', 'By size, tub and lead.', {
    'by-size': ['By size, tub and lead', 'Small pieces to the bath, large ones foam or gel.'],
    caustic: ['Caustic foam and brush', 'Quick, takes grease too.'],
    'slow-gel': ['Slow gel', 'No mist, works overnight.'],
    bath: ['Hot bath', 'No scraping at all.'],
    electrolysis: ['Electrolysis', 'Takes rust with it; outdoors, watched.'],
    blast: ['Blast out', 'Clean to the bottom of the texture.'],
  }),
];
