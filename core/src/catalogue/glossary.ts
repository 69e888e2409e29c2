/** A word of the trade as the program uses it. */
export interface Term {
  readonly name: string;
  /** what others call the same thing; the program uses the name alone */
  readonly also: readonly string[];
  readonly means: string;
  /** names of terms that tell more */
  readonly see: readonly string[];
}

const term = (name: string, means: string, { also = [], see = [] }: Partial<Pick<Term, 'also' | 'see'>> = {}): Term => ({ name, also, means, see });

/** One meaning for one word, in alphabetical order. */
export const GLOSSARY: readonly Term[] = [
  term('adhesion promoter', 'A thin coat that lets paint hold on a plastic on which nothing holds by itself.', {
    also: ['promoter'],
    see: ['flame', 'olefin'],
  }),
  term('ablative', 'Antifouling that wears away under way and so stays fresh.', { also: ['self-polishing'] }),
  term('bare', 'Down to the substrate: no paint, no filler, nothing but what the part is made of.', { see: ['substrate'] }),
  term('barrier', 'Epoxy in several coats that keeps water out of a hull under water.', { see: ['moisture'] }),
  term('basis', 'How far a figure or a rule can be trusted: published, quoted from memory, common practice, model assumption, or the shop’s own.'),
  term('blister', 'Paint that lifts in bubbles: the stripper has gone through that layer.', { see: ['dwell', 'lift'] }),
  term('book', 'What was really done on a job, against what was planned.'),
  term('bow', 'How far a blasted sheet bends towards the jet.'),
  term('cartridge', 'The filter of a mask that holds vapour. It is changed by its hours, not by the nose.', { see: ['protection'] }),
  term('closed face', 'A cross-linked top that stripper enters slowly until it is broken with coarse abrasive.', { see: ['cross-linked'] }),
  term('contact', 'Whatever touches the face: tool, medium, product, heat. Rules judge every one.'),
  term('cover', 'Film of plastic laid over stripper so that it stays wet.', { also: ['under film'], see: ['working life'] }),
  term('cross-linked', 'Cured into one net, as two-pack and baked paint are: it swells but does not dissolve.', { see: ['two-pack'] }),
  term('crosscut', 'Six cuts across six others; how much flakes off is graded from 0, nothing, to 5 (ISO 2409).'),
  term('cure', 'The chemistry that makes a film hard. It goes on long after the film is dry to the touch.', { see: ['flash', 'window'] }),
  term('dew point', 'The temperature at which the air would leave water on a face. Paint wants metal three kelvin above it.', { see: ['margin'] }),
  term('disposition', 'What is decided about a find: leave, repair, replace, or ask somebody licensed.', { see: ['find'] }),
  term('dry film', 'How thick a coat is once it is dry.', { also: ['DFT', 'film build'], see: ['wet film'] }),
  term('dwell', 'How long stripper lies before it is scraped.', { see: ['first check', 'round'] }),
  term('etch', 'Acid in a primer or a wash that bites into metal.', { see: ['phosphate film'] }),
  term('face', 'A zone, or one side of it where sides are worked apart.', { see: ['zone'] }),
  term('feather edge', 'An edge of old paint sanded so flat that the finger does not find it.'),
  term('find', 'What the paint hid: a dent, a hole, a crack, old filler, rust.', { see: ['disposition'] }),
  term('first check', 'When one dwell in ten would already have lifted: the time to look for the first time.', { see: ['dwell', 'late', 'likely'] }),
  term('flame', 'A quick pass with a blue flame that raises the surface energy of a plastic for some hours.', { see: ['olefin'] }),
  term('flash', 'Solvent leaving a coat until it is dull, before the next coat of the same product.', { see: ['window'] }),
  term('flash rust', 'The bloom on bare steel that waits in damp air.', { see: ['bare'] }),
  term('front', 'How deep stripper has softened the paint.', { see: ['dwell'] }),
  term('guide coat', 'A dusting of dark paint that shows where the block has not been.'),
  term('hand time', 'Minutes in which somebody works.', { also: ['hands'], see: ['waiting time'] }),
  term('hold point', 'Work goes on only when this is met: a reading within limits, or a look and a yes.'),
  term('induction', 'How long a mix rests before it is used.', { see: ['pot life'] }),
  term('key', 'Scratches of the right depth for the next film to hold in.', { also: ['scuff'], see: ['profile'] }),
  term('kit', 'All that is bought or taken from the shelf for a job.'),
  term('late', 'When nine dwells in ten have lifted. Later than this means that something is wrong.', { see: ['first check', 'likely'] }),
  term('lift', 'To let go of what is below.', { see: ['blister'] }),
  term('likely', 'When half of all dwells have lifted.', { see: ['first check', 'late'] }),
  term('margin', 'How far the metal is above the dew point.', { see: ['dew point'] }),
  term('method', 'What takes the coating off a zone: a stripper, an abrasive, a blast or heat, with what helps it at edges and crevices.', {
    also: ['way off', 'process'],
    see: ['set-up', 'contact'],
  }),
  term('moisture', 'Water in a laminate, read with a meter; a hull dries for weeks before it is sealed.'),
  term('olefin', 'A plastic that floats, such as bumpers are made of: nothing sticks to it untreated.', { see: ['adhesion promoter', 'flame'] }),
  term('operation', 'One thing that is done to one or more faces, with what it needs, gives and ends.', { see: ['face'] }),
  term('patch', 'A trial of stripper on a small place, which tells how this paint behaves.', { also: ['test square'], see: ['dwell'] }),
  term('phosphate film', 'The grey film that acid leaves on steel. Unbroken and dry it holds rust off for weeks; paint wants it off.', {
    see: ['etch'],
  }),
  term('pot life', 'How long a mix can be laid on before it gels.', { see: ['induction'] }),
  term('profile', 'Depth of what blasting leaves, Rz in µm.', { see: ['key'] }),
  term('protection', 'What is worn and set up against what the work raises.'),
  term('round', 'Once through: lay on, wait, scrape.', { see: ['dwell'] }),
  term('school', 'One of several habits of good practitioners for the same thing; the shop chooses, the program has a default with its reason.'),
  term('section', 'As much of a zone as is laid on and scraped in one go.', { see: ['round'] }),
  term('set-up', 'Hands and money that a method costs once, however large the zone: station, cabinet, trip.'),
  term('stack', 'All layers of a zone, from the substrate up.', { see: ['substrate', 'zone'] }),
  term('substrate', 'What the part is made of.'),
  term('target', 'How far down a zone goes: to bare, to a layer that stays, or only keyed.', { see: ['bare', 'key'] }),
  term('tie coat', 'A coat between two that would not hold on each other.'),
  term('two-pack', 'Paint that cures by a hardener mixed into it.', { also: ['2K'], see: ['pot life'] }),
  term('waiting time', 'Minutes in which it works alone: drying, curing, dwell.', { see: ['hand time'] }),
  term('water break', 'Water on a clean face stands as one film; beads mean grease or residue (ASTM F22).'),
  term('wet film', 'How thick a coat is laid on.', { see: ['dry film'] }),
  term('window', 'From when to when the next coat may follow without a new key.', { also: ['recoat window'], see: ['flash', 'key'] }),
  term('working life', 'How long stripper stays wet enough to work.', { see: ['cover'] }),
  term('zone', 'Part of a part that is painted and worked alike.', { see: ['stack'] }),
].sort((a, b) => a.name.localeCompare(b.name, 'en'));

export const termNamed = (name: string): Term | null => GLOSSARY.find((term) => term.name === name) ?? null;

/** Terms in whose name, other names or meaning all words are found; those found by name come first. */
export function findTerms(text: string): Term[] {
  const words = text
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== '');
  const found = (all: string): boolean => words.every((word) => all.toLowerCase().includes(word));
  const named = GLOSSARY.filter(({ name, also }) => found([name, ...also].join(' ')));
  return [...named, ...GLOSSARY.filter((own) => !named.includes(own) && found(`${own.name} ${own.means}`))];
}

/** What the program does not say, and what it says instead. */
export const NOT_SAID: readonly (readonly [RegExp, string])[] = [
  [/\bways? off\b/i, 'method'],
  [/\b(reckon(s|ed|ing)?)\b/i, 'work out, count'],
  [/\bhands-on\b|\bactive time\b/i, 'hand time'],
  [/\bunattended time\b|\bpassive time\b|\bidle time\b/i, 'waiting time'],
  [/\bschool [A-Z]\d\b/i, 'the question of the school'],
  [/\bDFT\b|\bfilm build\b/, 'dry film'],
  [/\brecoat window\b/i, 'window'],
  [/\btest squares?\b/i, 'patch'],
  [/\bwho lies on whom\b/i, 'top coat over which film'],
  [/\bscuff coat\b/i, 'key'],
];
