import type { Experience, Shop } from '@lift-bare/core';

/** The profile with the dwells that were watched and the time that steps took: what a job is planned with. */
export const withSeen = (shop: Shop, experience: Experience | undefined): Shop =>
  experience && experience.here.length + experience.earlier.length + experience.paces.length + experience.uses.length > 0
    ? { ...shop, experience }
    : shop;
