import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { planJob } from '../plan-job.ts';
import { tradeOrders, type TradeOrder } from './trade-orders.ts';

function ordersFor(sample: Sample): TradeOrder[] {
  const [job, shop] = [sampleJob(sample), sampleShop(sample)];
  return tradeOrders(job, shop, planJob(job, shop, CATALOGUE), CATALOGUE);
}
const only = (sample: Sample): TradeOrder => {
  const [order, ...others] = ordersFor(sample);
  if (!order || others.length > 0) throw new Error(`${others.length} more`);
  return order;
};

test('what the shop does by itself goes to nobody', () => expect(ordersFor({ finish: 'solid-2k' })).toEqual([]));

test('powder goes to its coater, with what must not see blast or oven, and asks for the oven slip', () => {
  const order = only({ finish: 'powder-sent-out', features: ['threads', 'sealed-hollow', 'id-plate'], thickness: 3 });
  expect(order).toMatchObject({ trade: 'powder-coater', to: 'Powder coater' });
  const [part] = order.parts;
  expect(part).toMatchObject({ ticket: 'A', material: 'Mild steel sheet', thickness: 3, asked: [{ title: 'Deliver to the powder coater' }] });
  expect(part?.keepOff.join()).toMatch(/identification plate.*threads/);
  expect(part?.warnings).toEqual(['A closed hollow: it is vented before it is heated.']);
  expect(order.back.join()).toMatch(/Temperature of the metal/);
});

test('galvanised steel tells the coater of its zinc', () =>
  expect(only({ finish: 'powder-sent-out', substrate: 'galvanised', thickness: 2 }).parts[0]?.asked[0]?.detail).toMatch(/degassed/));

test('what a welder gets says what the part has held', () => {
  const found: Sample = { thickness: 4, contents: 'fuel', finds: [{ kind: 'bad-weld', disposition: 'repair', where: 'left seam' }] };
  const orders = ordersFor(found);
  const welder = orders.find(({ trade }) => trade === 'welder');
  expect(welder?.parts[0]?.asked[0]?.title).toMatch(/[Ww]eld/);
  expect(welder?.parts[0]?.warnings).toEqual(['Has held fuel: no flame, arc or oven before it is purged and certified free of it.']);
  expect(ordersFor({ ...found, contents: 'water' }).find(({ trade }) => trade === 'welder')?.parts[0]?.warnings).toEqual([]);
});

test('a find that nobody here may decide on goes to a licensed person until it is released', () => {
  const crack = { id: 'f1', kind: 'crack', loaded: true, where: 'lug' } as const;
  const base: Sample = { role: 'lifting', thickness: 8 };
  const order = ordersFor({ ...base, finds: [crack] }).find(({ trade }) => trade === 'inspector');
  expect(order?.parts[0]?.asked).toEqual([{ zone: expect.any(String), title: 'Crack, lug', detail: expect.any(String) }]);
  expect(order?.back[0]).toMatch(/^Release in writing/);
  const released = { ...crack, released: { by: 'M. Inspector', at: '2026-11-20', note: '' } };
  expect(ordersFor({ ...base, finds: [released] }).some(({ trade }) => trade === 'inspector')).toBe(false);
});

test('lead is told to whoever gets the part', () =>
  expect(only({ finish: 'powder-sent-out', thickness: 3, condition: { lead: 'present' } }).parts[0]?.onIt).toMatch(/LEAD/));

test('plating goes to a plater with how thick it is and what must stay whole; what is kept does not', () => {
  const chromed: Sample = {
    substrate: 'high-strength-steel',
    thickness: 3,
    stack: [
      ['chrome-plate', 30],
      ['alkyd-enamel', 40],
    ],
  };
  const order = ordersFor(chromed).find(({ trade }) => trade === 'plater');
  expect(order?.parts[0]?.asked).toEqual([
    { zone: 'Zone', title: 'Take off: Chrome plate, 30 µm', detail: 'Down to high-strength steel, which stays whole.' },
  ]);
  expect(order?.parts[0]?.warnings.join()).toMatch(/hydrogen.*baked at once/);
  expect(order?.back.join()).toMatch(/baked against hydrogen/);
  const kept = ordersFor({ ...chromed, target: { kind: 'down-to', layer: 'layer1' } });
  expect(kept.some(({ trade }) => trade === 'plater')).toBe(false);
});
