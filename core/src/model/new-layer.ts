import { CATALOGUE } from '../catalogue/catalogue.ts';
import { um } from '../units/quantities.ts';
import type { CoatingId } from './ids.ts';
import type { Layer } from './job.ts';
import type { NewId } from './new-job.ts';

/** As thick as such a coating usually is. */
export const newLayer = (coating: CoatingId, newId: NewId): Layer => ({
  id: newId(),
  coating,
  thickness: um(CATALOGUE.coatings[coating].typicalFilm.value),
  state: 'sound',
  origin: 'unknown',
  name: '',
  colour: '',
});
