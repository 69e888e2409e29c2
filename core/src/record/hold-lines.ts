import type { Operation } from '../model/operation.ts';
import type { Run } from './fold-run.ts';

/** Readings of one line that are told one by one; more are told as their rule judges them. */
const MANY = 4;

/** What stands for the limits of a film that is judged by spots. */
export const FILM_BY_SPOTS = 'dry film by spots';

/** What was read or seen at a hold point, or why it was let go. */
export interface HoldLine {
  readonly event: string;
  readonly operation: string;
  readonly title: string;
  readonly where: readonly string[];
  /** when work may go on */
  readonly accept: string;
  readonly read: string;
  readonly state: 'met' | 'not met' | 'let go';
  /** ms */
  readonly at: number;
  readonly by: string;
}

/** Every reading and every release of a run, oldest first. */
export function holdLines({ holds, letGo }: Pick<Run, 'holds' | 'letGo'>, operations: readonly Operation[]): HoldLine[] {
  const known = new Map(operations.map((own) => [own.id, own]));
  const about = (id: string): Pick<HoldLine, 'operation' | 'title' | 'where' | 'accept'> => {
    const own = known.get(id);
    return { operation: id, title: own?.title ?? id, where: own?.where ?? [], accept: own?.hold?.accept ?? '' };
  };
  const read = [...holds.values()].flat().map(({ event, operation, at, by, met, values, note, gauge }): HoldLine => {
    const isFilm = values.length > MANY;
    const told = about(operation);
    const looked = met ? 'yes' : 'not yet';
    const unit = known.get(operation)?.hold?.unit ?? '';
    return {
      ...told,
      event,
      at,
      by,
      accept: isFilm ? FILM_BY_SPOTS : told.accept,
      read: isFilm ? note : values.length === 0 ? looked : `${values.join(', ')} ${unit}${gauge ? ', by gauge' : ''}`,
      state: met ? 'met' : 'not met',
    };
  });
  const released = [...letGo.values()].map(({ event, at, by, operation, note }): HoldLine => ({
    ...about(operation),
    event,
    at,
    by,
    read: `“${note}”`,
    state: 'let go',
  }));
  return [...read, ...released].sort((a, b) => a.at - b.at);
}
