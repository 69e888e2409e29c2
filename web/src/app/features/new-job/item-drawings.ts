/** Line drawings of what comes in by the door, on a field of 72 by 40; the thick line is the face that is painted. */
export interface ItemDrawing {
  /** what is painted */
  readonly face: string;
  /** the rest of it */
  readonly rest: string;
}

const circle = (x: number, y: number, r: number): string => `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`;

export const ITEM_DRAWINGS: Readonly<Record<string, ItemDrawing>> = {
  panel: { face: 'M14 34V14q2-8 12-9h30v29z', rest: 'M22 15q1-5 7-5h21v8H22zM48 24h6' },
  wheels: { face: circle(36, 20, 15), rest: `${circle(36, 20, 4)}M36 5v11M36 24v11M21 20h11M40 20h11` },
  trailer: { face: 'M6 22h58v5H6M16 22V15h40v7', rest: `${circle(30, 30, 6)}${circle(46, 30, 6)}M6 24L2 27` },
  scooter: { face: 'M44 6L48 26M22 26h22q2-9 0-12M22 26q-2-8 4-10h10', rest: `${circle(20, 31, 6)}${circle(51, 31, 6)}M44 6h-7` },
  frame: { face: 'M20 29L30 11H48L56 29M30 11L40 29L48 11M20 29h20', rest: `${circle(18, 29, 8)}${circle(56, 29, 8)}M27 8h7M46 7h6` },
  dinghy: { face: 'M8 20h56q-3 12-14 13H22Q11 31 8 20', rest: 'M34 20V3l16 14H34M22 20v-4' },
  yacht: { face: 'M6 15h60q-6 10-18 11l-4 9h-12l-2-9Q14 25 6 15', rest: 'M36 15V2M30 15q2-6 14-6' },
  'deck-gear': { face: 'M24 32h24l-4-8V14q0-5-8-5t-8 5v10z', rest: 'M36 9L58 4M20 35h32M29 18h14' },
  tank: { face: 'M10 30q-2-14 8-17 14-4 30 0 12 4 14 17z', rest: 'M28 11q4-4 9 0M16 26h20' },
  machine: { face: 'M8 28h56v6H8M12 28V12h14v16M50 28V16h10v12', rest: 'M26 20h24M30 17v6M46 17v6' },
  aircraft: { face: 'M4 22q14-8 50-6 12 1 14 4-2 3-14 3-36 1-50-1', rest: 'M26 17L38 5h5l-5 11M26 24l10 11h5l-4-11M8 20L6 10h5l7 8' },
  trim: { face: 'M6 14q30-8 60 0v9q-2 8-8 8H14q-6 0-8-8z', rest: 'M20 24h32M12 19h4M56 19h4' },
  carbon: { face: 'M8 30L60 6l4 5L12 35z', rest: 'M20 26l4 4M30 21l4 4M40 17l4 4M50 12l4 4' },
  other: { face: 'M18 12l18-8 18 8v17l-18 8-18-8z', rest: 'M18 12l18 8 18-8M36 20v17' },
};
