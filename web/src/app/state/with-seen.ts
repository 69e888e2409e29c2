import type { Experience, Shop } from '@lift-bare/core';

/** The profile with the dwells that were watched: what a job is planned with. */
export const withSeen = (shop: Shop, experience: Experience | undefined): Shop =>
  experience && experience.here.length + experience.earlier.length > 0 ? { ...shop, experience } : shop;
