/** The work that mends a window that was missed, before the step that it belongs to. */
export const remedyOf = (work: string): string => `${work}:again`;
