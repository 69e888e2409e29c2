import type { FaceInput } from '../face-input.ts';
import { look, type Task } from '../task.ts';

/** min to start, and min/m²; model assumption. */
const START = 10;
const FLUSH = 6;

/** A hollow that no tool enters keeps its coating: flushed, dried, waxed after the paint. Common practice, no source. */
export const hollowTasks = ({ facts }: FaceInput): Task[] => [
  {
    kind: 'flush-hollow',
    title: 'Flush the hollow',
    detail:
      'Drain holes open, hot water through a lance from the far end until it runs clear; loose rust comes with it. Nobody scrapes, sands or sprays inside.',
    hand: START + FLUSH * facts.area,
    hold: look('the water that runs out; a mirror and lamp', 'clear water, no loose flakes'),
  },
];
