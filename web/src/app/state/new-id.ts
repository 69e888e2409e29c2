/** Short id for parts, zones, layers and jobs. */
export const newId = (): string => crypto.randomUUID().slice(0, 13);
