/** How the clock of this screen maps to the shop's: shop = server + (device − heard) × speed. ms. */
export interface ShopTime {
  readonly server: number;
  readonly heard: number;
  readonly speed: number;
}

/** Until the server has said the time, this screen's own clock is taken. */
export const OWN_CLOCK: ShopTime = { server: 0, heard: 0, speed: 1 };

export const toShop = ({ server, heard, speed }: ShopTime, device: number): number => server + (device - heard) * speed;

/** ms in words that a log can keep. */
export const isoOf = (time: number): string => new Date(time).toISOString();
