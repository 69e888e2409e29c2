import { lowerFirst } from '../units/casing.ts';
import { formatMinutes } from '../units/format-quantity.ts';
import { BRUSHED_OVER, CLOSED_SURFACE, temperatureFactor } from './activity.ts';
import type { Case, Cause } from './diagnose.ts';

/** 0 where a ratio is at most `from`, 1 where it is `to` or more. */
const ramp = (value: number, from: number, to: number): number => (value - from) / (to - from);
const has = ({ zone }: Case, ...kinds: string[]): boolean => zone.zone.condition.contamination.some((kind) => kinds.includes(kind));
const upright = ({ zone }: Case): boolean => zone.zone.orientation !== 'up';
const layerName = ({ setting, layer }: Case): string => lowerFirst(setting.off[layer]?.coating.name ?? setting.blockedBy ?? 'the substrate');
const closed = ({ zone, setting }: Case): boolean => zone.closedTop && !setting.broken;

/** mm below which a film is thin, and °C of a hot and of a cold shop; model assumptions. */
const THIN = 1.2;
const HOT = 24;
const COLD = 15;

/** Why a strip goes wrong, from what the trade sees; common practice, no source. Each cause is judged by the numbers of the zone at hand. */
export const CAUSES: readonly Cause[] = [
  {
    id: 'Left on too long',
    asks: 'How long was it on, and did anybody look at it in between?',
    symptoms: ['crust', 'stuck'],
    weight: ({ elapsed, setting, symptom }) => Math.min(0.95, Math.max(symptom === 'crust' ? 0.7 : 0, ramp(elapsed / setting.life, 0.75, 1.05))),
    because: ({ elapsed, setting }) =>
      `On for ${formatMinutes(elapsed)}; it fades from ${formatMinutes(0.8 * setting.life)} and is dry at ${formatMinutes(setting.life)}.`,
    change: () => 'Take the crust off dry and start afresh; wetted again it only smears and holds harder.',
  },
  {
    id: 'The film is too thin for this stack',
    asks: 'How thick was it laid on, and was the brush drawn out?',
    symptoms: ['crust', 'nothing', 'streaks'],
    weight: ({ setting, first }) => (setting.standing < THIN ? 0.35 : 0) + 0.3 * Math.min(1, Math.max(0, ramp(first / setting.life, 0.5, 1.1))),
    because: ({ setting, first }) =>
      `${setting.standing.toFixed(1)} mm stays on the face and works for ${formatMinutes(setting.life)}; the first layer needs ${formatMinutes(first)}.`,
    change: ({ setting }) =>
      `Lay on ${Math.max(2, setting.stripper.wetFilm.value).toFixed(1)} mm in one pass, one direction, and do not go back over it.`,
  },
  {
    id: 'Warm metal or warm air dries it',
    asks: 'Was the metal warm to the hand, or in the sun?',
    symptoms: ['crust'],
    weight: ({ setting }) => (setting.stripper.form === 'bath' ? 0 : Math.min(0.65, ramp(setting.temperature, HOT - 6, HOT + 8))),
    because: ({ setting }) => `At ${setting.temperature} °C it is dry at ${formatMinutes(setting.life)}; every 10 °C more halves that.`,
    change: () => 'Work in the shade or in the cool of the day, smaller sections, under film.',
  },
  {
    id: 'Wind or sun',
    asks: 'Did wind or sun get at it?',
    symptoms: ['crust'],
    weight: ({ zone }) => (zone.job.place.indoors ? 0 : 0.6),
    because: ({ setting }) => `Outdoors the working life is about a third shorter: ${formatMinutes(setting.life)} here.`,
    change: () => 'Screen it, or cover with film.',
  },
  {
    id: 'Not covered',
    asks: 'Was it under film, and did the film lie on it?',
    symptoms: ['crust'],
    weight: ({ setting, through }) =>
      setting.covered || setting.stripper.form === 'bath' ? 0 : Math.min(0.65, 0.3 + 0.5 * ramp(through / setting.life, 0.6, 2)),
    because: ({ setting, through }) =>
      `The stack needs ${formatMinutes(through)}, uncovered it dries at ${formatMinutes(setting.life)}; under film it would last ${formatMinutes(3.5 * setting.life)}.`,
    change: () => 'Cover with film at once and press the air out.',
  },
  {
    id: 'Too early to tell',
    asks: 'Has the likely time passed yet?',
    symptoms: ['nothing', 'stops'],
    weight: ({ elapsed, first, through, layer }) => 1 - ramp(elapsed / (layer === 0 ? first : through), 0.5, 1.3),
    because: ({ elapsed, first, through, layer }) =>
      layer === 0
        ? `On for ${formatMinutes(elapsed)}; the first layer is likely to let go at ${formatMinutes(first)}.`
        : `On for ${formatMinutes(elapsed)}; the whole stack is likely to need ${formatMinutes(through)}.`,
    change: () => 'Leave it. Look again at the likely time.',
  },
  {
    id: 'The closed surface was not broken',
    asks: 'Was the gloss sanded off all over before it was laid on?',
    symptoms: ['nothing', 'lanes'],
    weight: (seen) => (closed(seen) ? 0.9 : 0),
    because: ({ first }) =>
      `A sound cross-linked top takes ${CLOSED_SURFACE} times as long: ${formatMinutes(first)} for the first layer instead of ${formatMinutes(first / CLOSED_SURFACE)}.`,
    change: ({ zone }) => `Rinse, dry, break it with ${zone.substrate.group.startsWith('plastic') ? 'P320' : 'P80'} all over, lay on afresh.`,
  },
  {
    id: 'The surface is open only in the scratches',
    asks: 'Is there still gloss between the scratches?',
    symptoms: ['lanes'],
    weight: ({ zone, setting }) => (zone.closedTop && setting.broken ? 0.7 : 0.1),
    because: ({ setting }) =>
      `${setting.off[0]?.coating.name ?? 'The top'} is cross-linked: between the scratches it is still closed and takes ${CLOSED_SURFACE} times as long.`,
    change: () => 'Cross the scratches with another pass until no gloss is left between them.',
  },
  {
    id: 'Brushed over during dwell',
    asks: 'Did anybody go back over it with the brush?',
    symptoms: ['lanes', 'stops', 'streaks', 'crust'],
    weight: ({ setting, symptom }) =>
      setting.brushed && symptom === 'crust' ? 1 : setting.stripper.skinForming ? (setting.brushed ? 0.9 : 0.5) : 0.1,
    because: ({ setting, first }) =>
      setting.stripper.skinForming
        ? `This type works under a skin; where it is broken the front goes on at ${BRUSHED_OVER} of its pace: ${formatMinutes(setting.brushed ? first : first / BRUSHED_OVER)} instead of ${formatMinutes(setting.brushed ? first * BRUSHED_OVER : first)}.`
        : 'This type forms no skin; brushing over harms it little.',
    change: () => 'Leave it alone, scrape and rinse what is soft, and lay a new coat on once.',
  },
  {
    id: 'It drained off the face',
    asks: 'Did it run off and leave a thin film?',
    symptoms: ['streaks', 'crust', 'nothing'],
    weight: (seen) => (upright(seen) && seen.setting.stripper.form === 'liquid' && !seen.setting.fed ? 0.9 : 0),
    because: ({ setting }) =>
      `A liquid on a face that is not level keeps about ${setting.standing.toFixed(1)} mm of the ${setting.laid.toFixed(1)} mm laid on.`,
    change: () => 'Lay the part level, feed it from the top, or use a gel.',
  },
  {
    id: 'It ran down in curtains',
    asks: 'Are there curtains or bare bands on the upright face?',
    symptoms: ['streaks'],
    weight: (seen) => (upright(seen) && seen.setting.stripper.form !== 'liquid' ? 0.3 + 0.4 * ramp(seen.setting.laid, 2.5, 4) : 0),
    because: ({ setting }) => `${setting.laid.toFixed(1)} mm of ${setting.stripper.form} on an upright face: where it slides, a thin film stays.`,
    change: () => 'Start at the top, work down, load again from above where it has slid; two thinner coats in quick succession hold better.',
  },
  {
    id: 'Laid on unevenly',
    asks: 'Are there thick and thin places where the brush went?',
    symptoms: ['streaks', 'lanes'],
    weight: () => 0.35,
    because: ({ setting }) =>
      `Half the film dries in half the time: ${formatMinutes(setting.life / 2)} where the brush left ${(setting.standing / 2).toFixed(1)} mm.`,
    change: () => 'Load the brush full and lay on in one direction; put more on the thin places at once, not later.',
  },
  {
    id: 'Too cold',
    asks: 'How warm were metal and air during the dwell?',
    symptoms: ['nothing', 'stops'],
    weight: ({ setting }) => (setting.stripper.form === 'bath' ? 0 : ramp(COLD + 3 - setting.temperature, 0, 10)),
    because: ({ setting, first }) =>
      `At ${setting.temperature} °C it goes at ${temperatureFactor(setting.temperature).toFixed(2)} of its pace at 20 °C: ${formatMinutes(first)} for the first layer, ${formatMinutes(first * temperatureFactor(setting.temperature))} in a warm shop. Metal is often colder than the air.`,
    change: () => 'Warm the part to 18 to 22 °C, or wait that much longer under film.',
  },
  {
    id: 'Grease, wax or silicone on top',
    asks: 'Was it degreased first, and does water bead on it?',
    symptoms: ['nothing', 'lanes', 'streaks'],
    weight: (seen) => (has(seen, 'grease', 'silicone', 'wax', 'mould-release', 'fouling') ? 0.7 : 0),
    because: ({ zone }) => `Entered on this zone: ${zone.zone.condition.contamination.join(', ')}. Stripper works on clean paint only.`,
    change: () => 'Rinse, degrease, dry, lay on afresh.',
  },
  {
    id: 'This stripper does not work on the next layer',
    asks: 'Does the data sheet name this coating?',
    symptoms: ['stops', 'nothing'],
    weight: ({ setting, layer }) => (setting.blockedBy === null ? 0 : layer >= setting.off.length ? 1 : setting.off.length === 0 ? 1 : 0.3),
    because: ({ setting }) => `In practice it does not soften ${lowerFirst(setting.blockedBy ?? '')}.`,
    change: () => 'Take what is left off another way; Products shows which stripper does it.',
  },
  {
    id: 'A harder layer lies below',
    asks: 'What colour and hardness does the layer have at which it stops?',
    symptoms: ['stops'],
    weight: (seen) => (seen.layer > 0 && seen.layer < seen.setting.films.length ? 0.3 + 0.5 * ramp(seen.restScraped / seen.first, 1, 4) : 0),
    because: (seen) =>
      `The front stands in ${layerName(seen)}: from here ${formatMinutes(seen.rest)} more, against ${formatMinutes(seen.first)} for the first layer.`,
    change: (seen) => `Scrape off what is soft: then the rest takes ${formatMinutes(seen.restScraped)} of a fresh film.`,
  },
  {
    id: 'Softened paint lies in the way',
    asks: 'Was the soft paint scraped off before more was laid on?',
    symptoms: ['stops', 'stuck'],
    weight: ({ rest, restScraped, depth }) => (depth > 0 && rest > 0 ? ramp(rest / Math.max(restScraped, 1e-6), 1, 1.8) : 0),
    because: ({ depth, rest, restScraped }) =>
      `${Math.round(depth)} µm already soft hold fresh solvent back: ${formatMinutes(rest)} more as it lies, ${formatMinutes(restScraped)} once it is scraped off.`,
    change: () => 'Scrape, and start the next round.',
  },
  {
    id: 'Water was left from the last rinse',
    asks: 'Was it blown and wiped dry after the last rinse?',
    symptoms: ['stops', 'nothing', 'streaks'],
    weight: ({ setting }) => (setting.between === 'rinse-and-dry' ? 0.25 : 0),
    because: () => 'This type is rinsed between rounds; water left in corners and on the face weakens the next round.',
    change: () => 'Blow and wipe dry, warm it through, then lay on.',
  },
  {
    id: 'A layer nobody entered',
    asks: 'How many rings does a sanded crater show?',
    symptoms: ['stops', 'nothing'],
    weight: ({ zone }) =>
      zone.zone.stack.some(({ origin }) => origin === 'unknown') && !zone.zone.tests.some(({ result }) => result.test === 'bullseye') ? 0.3 : 0,
    because: () => 'The stack has layers of unknown origin and no layer count was recorded.',
    change: () => 'Feather an edge with fine paper, count the rings, correct the stack at intake.',
  },
  {
    id: 'Scraped too early',
    asks: 'Did it wrinkle by itself before it was scraped?',
    symptoms: ['stuck'],
    weight: ({ elapsed, first }) => 1 - ramp(elapsed / first, 0.7, 1.2),
    because: ({ elapsed, first, depth }) =>
      `After ${formatMinutes(elapsed)} about ${Math.round(depth)} µm are soft; the first layer lets go at ${formatMinutes(first)}.`,
    change: () => 'Leave it until it wrinkles or bubbles by itself.',
  },
  {
    id: 'The place wants another tool',
    asks: 'Does the blade lie flat there?',
    symptoms: ['stuck'],
    weight: ({ zone }) => (zone.zone.access !== 'flat' || zone.substrate.id === 'cast-iron' ? 0.5 : 0.1),
    because: ({ zone }) =>
      zone.substrate.id === 'cast-iron'
        ? 'A casting holds softened paint in its texture.'
        : 'Softened paint stays in corners, seams and on tubes where a blade does not lie flat.',
    change: ({ zone }) =>
      zone.substrate.group.startsWith('plastic') || zone.substrate.group === 'composite'
        ? 'A stiff nylon brush or coarse cloth, with the stripper still on.'
        : 'A stiff brush, cord or coarse pad, with the stripper still on.',
  },
];
