/** A spray can: L in it, and m² of one good coat. Common practice, no source. */
export const SPRAY_CAN = { litres: 0.4, covers: 1.25 } as const;

/** Cans that hold so many litres. */
export const cansFor = (litres: number): number => Math.ceil(litres / SPRAY_CAN.litres - 1e-9);
