import type { Paperwork } from '@lift-bare/core';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { INK, SHEET_STYLES } from './styles.ts';

export type PageSize = Paperwork['page'];

export interface Frame {
  /** of the file */
  readonly title: string;
  readonly shop: string;
  /** at the foot of each page, beside shop and page number: job, customer, number, version, date */
  readonly foot: readonly string[];
  readonly page: PageSize;
  readonly content: readonly Content[];
  /** for sheets that have to fit: margin in pt, and size of the text */
  readonly dense?: { readonly margin: number; readonly fontSize: number };
}

/** What all papers share: size, margins, letters, and a foot that names what a loose page belongs to. */
export function framed({ title, shop, foot, page: pageSize, content, dense }: Frame): TDocumentDefinitions {
  const margin = dense?.margin ?? 40;
  return {
    info: { title, author: shop },
    pageSize,
    pageMargins: [margin, margin, margin, margin + 8],
    defaultStyle: { color: INK, ...(dense ? { fontSize: dense.fontSize } : {}) },
    styles: SHEET_STYLES,
    footer: (page, pages) => ({
      text: [shop, ...foot.filter((text) => text !== ''), `page ${page} of ${pages}`].join(' · '),
      style: 'small',
      margin: [margin, margin / 3, margin, 0],
    }),
    content: [...content],
  };
}

/** Lines to sign, each with what it says above it and below. */
export function signatures(all: readonly { readonly says: string; readonly below: string }[]): Content {
  const blank = '_'.repeat(all.length > 2 ? 30 : 40);
  return {
    unbreakable: true,
    style: 'small',
    columnGap: 12,
    margin: [0, 14, 0, 0],
    columns: all.map(({ says, below }) => ({ text: `${says}\n\n${blank}\n${below}` })),
  };
}
