import type { Customer, Shop } from '@lift-bare/core';
import type { Content } from 'pdfmake/interfaces.js';

/** pt that a logo may take. */
const LOGO: [number, number] = [150, 54];

/** Who writes, to whom, and what it is: at the head of what a customer gets. */
export interface Letter {
  readonly shop: Pick<Shop, 'name' | 'paperwork'>;
  readonly customer: Customer;
  readonly title: string;
  /** beside each other under the title: what, and its value */
  readonly facts: readonly (readonly [what: string, value: string])[];
}

export function letterhead({ shop, customer, title, facts }: Letter): Content[] {
  const { address, contact, taxNumber, taxName, logo } = shop.paperwork;
  const from = [address, contact, taxNumber === '' ? '' : `${taxName} no. ${taxNumber}`].filter((text) => text !== '').join('\n');
  const to = [customer.name, customer.address, customer.phone, customer.mail].filter((text) => text !== '').join('\n');
  const own = customer.orderNumber === '' ? [] : [['your order', customer.orderNumber] as const];
  return [
    {
      columns: [
        { text: to === '' ? ' ' : to, margin: [0, 26, 0, 0] },
        {
          stack: [...(logo === '' ? [] : [{ image: logo, fit: LOGO }]), { text: shop.name, style: 'part' }, { text: from, style: 'small' }],
          alignment: 'right',
        },
      ],
    },
    { text: title, style: 'big', margin: [0, 22, 0, 4] },
    {
      columns: [...facts, ...own].map(([what, value]) => ({
        stack: [
          { text: what, style: 'head' },
          { text: value, bold: true },
        ],
        width: 'auto' as const,
      })),
      columnGap: 26,
      margin: [0, 0, 0, 10],
    },
  ];
}

/** A heading with what stands under it; nothing where there is nothing. */
export const section = (title: string, content: readonly Content[]): Content[] =>
  content.length === 0 ? [] : [{ text: title, style: 'part', margin: [0, 10, 0, 3], headlineLevel: 1 }, ...content];
