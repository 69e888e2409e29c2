/** Standard normal point below which a small share lies (logistic approximation, enough for drop-outs). */
export const dropOutPoint = (share: number): number => (share <= 0 ? -Infinity : Math.log(share / (1 - share)) / 1.702);
