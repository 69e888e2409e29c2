import { maskDrawing, type MaskedPart } from '@lift-bare/core';

const INK = '#1d2327';
const escaped = (text: string): string => text.replace(/[<>&"]/g, (sign) => `&#${sign.charCodeAt(0)};`);

/** The drawing of what is covered on a part, as SVG in black and white: firm lines for the strip, dashed ones for the paint. */
export function maskPicture(part: MaskedPart): { readonly svg: string; readonly width: number } {
  const { width, height, top, zones, covers } = maskDrawing(part);
  const text = (x: number, y: number, size: number, words: string, anchor: string): string =>
    `<text x="${x}" y="${y}" font-family="Archivo" font-size="${size}" fill="${INK}" text-anchor="${anchor}">${escaped(words)}</text>`;
  const boxes = zones.map(
    (zone) =>
      `<rect x="${zone.x}" y="${top}" width="${zone.width}" height="${height - top}" fill="#eeece6" stroke="${INK}" stroke-width="0.6"/>${text(zone.x, top - 4, 8, zone.name, 'start')}`,
  );
  const marks = covers.map(({ number, work, how, boxes: places, at: [x, y] }) => {
    const dash = work === 'paint' ? ' stroke-dasharray="4 3"' : '';
    const drawn = places.map(
      (box) =>
        `<rect x="${box.x}" y="${box.y}" width="${box.width}" height="${box.height}" rx="${how === 'plug' ? box.width / 2 : 0}" fill="${how === 'line' ? 'none' : '#c9c4b6'}" stroke="${INK}" stroke-width="1.6"${dash}/>`,
    );
    return `${drawn.join('')}<circle cx="${x}" cy="${y}" r="5.5" fill="${INK}"/><text x="${x}" y="${y + 2.6}" font-family="Archivo" font-size="7.5" fill="#ffffff" text-anchor="middle">${number}</text>`;
  });
  return { svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}">${boxes.join('')}${marks.join('')}</svg>`, width };
}
