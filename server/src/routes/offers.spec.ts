import { CATALOGUE, DEMO_JOBS, DEMO_SHOP, NO_CUSTOMER, planJob, USUAL_TERMS, type Job, type Quote } from '@lift-bare/core';
import type { Readable } from 'node:stream';
import { buffer } from 'node:stream/consumers';
import request from 'supertest';
import { readPdf } from '../testing/read-pdf.ts';
import { testApp } from '../testing/test-app.ts';

const job = DEMO_JOBS[2] as Job;
const HARBOUR = { name: 'Harbour board', phone: '01 234', mail: 'yard@example.org', address: 'Quay 1\n1000 Port', orderNumber: 'PO 7' };
const FINISH = { id: 'plain', name: 'One colour', change: { kind: 'finish', finish: 'solid-2k' } };

let app: Awaited<ReturnType<typeof testApp>>;
beforeEach(async () => {
  app = await testApp();
  await app.shop.replace(0, { ...DEMO_SHOP, paperwork: { ...DEMO_SHOP.paperwork, taxRate: 20, address: 'Ferrow Lane 3', warranty: 'Two years.' } });
  await app.jobs.create('t', job);
});
afterEach(() => app.close());
const url = (path: string): string => `/api/v1/jobs/t/${path}`;
const get = (path: string) => request(app.app).get(url(path));
const post = (path: string, body: object = {}) => request(app.app).post(url(path)).send(body);
const put = (version: number, terms: object = {}, customer: object = HARBOUR) =>
  request(app.app)
    .put(url('offer'))
    .send({ version, terms: { ...USUAL_TERMS, ...terms }, customer });
const accept = (number: string, option: string | null = null) => post(`papers/${number}/answer`, { state: 'accepted', option, at: '2026-12-01' });

describe('an offer', () => {
  test('is nothing until somebody says something, and is saved against its version', async () => {
    expect((await get('offer').expect(200)).body).toEqual({ version: 0, terms: USUAL_TERMS, customer: NO_CUSTOMER, forgottenAt: null });
    await put(0, { discount: 5 }).expect(200);
    expect((await put(0).expect(409)).body).toMatchObject({ current: 1 });
    expect((await put(1, { discount: 500 }).expect(422)).body.issues[0]).toMatchObject({ path: ['terms', 'discount'] });
    await request(app.app).get('/api/v1/jobs/none/quote').expect(404);
    await request(app.app).put('/api/v1/jobs/none/offer').send({ version: 0, terms: USUAL_TERMS, customer: NO_CUSTOMER }).expect(404);
  });

  test('the customer is in no document, bundle or version, and is taken out at one touch', async () => {
    await put(0).expect(200);
    const kept = [await get('raw'), await get('versions'), await request(app.app).get('/api/v1/jobs?q=Harbour')].map(({ text }) => text).join();
    expect(kept).not.toMatch(/Harbour|PO 7|Quay/);
    const bundle = await request(app.app).get('/api/v1/jobs/t/bundle').buffer().parse(bytes);
    expect((bundle.body as Buffer).toString('latin1')).not.toMatch(/Harbour/);
    const { body } = await request(app.app).delete(url('customer')).expect(200);
    expect(body).toMatchObject({ customer: NO_CUSTOMER, forgottenAt: expect.stringMatching(/^2026-/) });
    expect((await readPdf(await pdf('quote/pdf'))).pages.join()).not.toMatch(/Harbour/);
  });
});

describe('quotes', () => {
  test('go out numbered within their year and never change; what became of them is added', async () => {
    expect((await post('quotes').expect(201)).body.number).toBe('Q-2026-1');
    const { body: sent } = await post('quotes').expect(201);
    expect(sent).toMatchObject({ number: 'Q-2026-2', state: 'open', answeredAt: null });
    await app.jobs.replace('t', 1, { ...job, name: 'Another name' });
    const { body } = await accept('Q-2026-2').expect(200);
    expect(body).toMatchObject({ state: 'accepted', answeredAt: '2026-12-01', quote: sent.quote });
    await post('papers/Q-2026-2/answer', { state: 'open', at: '2026-12-02' }).expect(200);
    expect((await get('papers').expect(200)).body).toMatchObject([{ number: 'Q-2026-2', state: 'open', answeredAt: null }, { number: 'Q-2026-1' }]);
  });

  test('an option that the paper does not have, a day that is none and a paper that is none are refused', async () => {
    await post('quotes').expect(201);
    expect((await accept('Q-2026-1', 'gold').expect(422)).body.detail).toMatch(/has no option gold/);
    expect((await post('papers/Q-2026-1/answer', { state: 'accepted', at: 'soon' }).expect(422)).body.issues[0]).toMatchObject({ path: ['at'] });
    await accept('Q-2026-9').expect(404);
  });

  test('the paper has every figure of the quote, whom it is for, its options and what is not in it', async () => {
    await put(0, { options: [FINISH], discount: 10, note: 'Thank you for asking.' }).expect(200);
    const { body: quote } = (await get('quote').expect(200)) as { body: Quote };
    const { pages, over, embedded } = await readPdf(await pdf('quote/pdf'));
    const text = pages.join(' ');
    for (const says of [
      'Quote, draft',
      'Harbour board',
      'Ferrow Lane 3',
      'PO 7',
      'Thank you for asking.',
      'One colour',
      'Less 10 % discount',
      'VAT 20 %',
      'Not in it',
    ])
      expect(text).toContain(says);
    for (const { sums } of quote.variants) expect(text).toContain(euros(sums.total));
    expect(pages.every((page, i) => page.includes(`page ${i + 1} of ${pages.length}`) && page.includes('Harbour board'))).toBe(true);
    expect([over < 0, embedded]).toEqual([true, true]);
  });

  test('a logo stands on it; one that begins like a picture and is none keeps nobody from the paper', async () => {
    const withLogo = async (logo: string, version: number) => {
      await app.shop.replace(version, { ...DEMO_SHOP, paperwork: { ...DEMO_SHOP.paperwork, logo } });
      const file = await pdf('quote/pdf');
      return { pictures: file.toString('latin1').match(/\/Subtype \/Image/g)?.length ?? 0, text: (await readPdf(file)).pages.join() };
    };
    const dot = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';
    expect((await withLogo(`data:image/png;base64,${dot}`, 1)).pictures).toBeGreaterThan(0);
    const torn = await withLogo(`data:image/png;base64,${dot.slice(0, 40)}`, 2);
    expect([torn.pictures, torn.text.includes('Quote, draft')]).toEqual([0, true]);
  });

  test.each(['A4', 'LETTER'] as const)('nothing runs off a page of %s', async (page) => {
    await app.shop.replace(1, { ...DEMO_SHOP, paperwork: { ...DEMO_SHOP.paperwork, page } });
    for (const path of ['quote/pdf', 'work-pack/pdf']) expect((await readPdf(await pdf(path))).over).toBeLessThan(0);
  });
});

/** Read back by another library than the one that drew them. */
test('the square codes of a work pack lead to the bench of this job, those of the mixes to their step', async () => {
  const { codes, pages } = await readPdf(await pdf('work-pack/pdf'));
  const { body: pack } = await get('work-pack').expect(200);
  // What stands on screen stands on paper; a line may break after a hyphen.
  for (const { number, product } of pack.mixes) expect(pages.join().replaceAll('- ', '-')).toContain(`${number}. ${product}`);
  const steps = planJob(job, DEMO_SHOP, CATALOGUE).operations.map(({ id }) => id);
  const asked = codes.map((code) => new URL(code));
  expect(asked.length).toBeGreaterThan(3);
  for (const address of asked) {
    expect([address.pathname, address.searchParams.get('job')]).toEqual(['/bench', 't']);
    const step = address.searchParams.get('step');
    if (step !== null) expect(steps).toContain(step);
  }
  expect(asked.some(({ searchParams }) => searchParams.has('step'))).toBe(true);
});

describe('from a quote to an invoice', () => {
  test('an option is accepted, the job grows by an addition, and the sums agree on every paper', async () => {
    expect((await post('addition', { why: 'x' }).expect(422)).body.detail).toMatch(/none was/);
    await get('invoice').expect(422);
    await put(0, { options: [FINISH] }).expect(200);
    await post('quotes').expect(201);
    await accept('Q-2026-1', 'plain').expect(200);
    // What was accepted makes the job so.
    const accepted: Job = { ...job, finish: 'solid-2k', parts: job.parts.map((part) => ({ ...part, finish: null })) };
    await app.jobs.replace('t', 1, accepted);
    expect((await post('additions', { why: 'nothing' }).expect(422)).body.detail).toMatch(/nothing of what is agreed/);
    await put(1, { options: [FINISH], travel: 80 }).expect(200);
    expect((await post('additions', { why: '  ' }).expect(422)).body.issues[0]).toMatchObject({ path: ['why'] });
    const { body: more } = await post('additions', { why: 'Fetched from the coast' }).expect(201);
    expect(more).toMatchObject({ number: 'Q-2026-1-A1', of: 'Q-2026-1', addition: { lines: [{ kind: 'travel', amount: 80 }] } });
    await accept('Q-2026-1-A1').expect(200);
    const { body: papers } = await get('papers');
    const { body: basis } = await get('invoice').expect(200);
    const quoted = papers[1].quote.variants[1].sums;
    expect(basis.sums.total).toBe(quoted.total + more.addition.sums.total);
    expect(basis.papers.map(({ total }: { total: number }) => total)).toEqual([quoted.total, more.addition.sums.total]);
    const shown = await readPdf(await pdf('invoice/pdf'));
    expect(shown.pages.join(' ')).toContain(euros(basis.sums.total));
    expect((await readPdf(await pdf('papers/Q-2026-1-A1/pdf'))).pages.join(' ')).toContain('Fetched from the coast');
    const { text } = await get('invoice.csv').expect(200);
    const rows = text.trim().split(/\r?\n/);
    expect(rows.at(-1)).toContain(String(basis.sums.total / 100));
    expect(rows[0]).toMatch(/^kind,what,agreed,done,unit,price \(EUR\)/);
  });

  test('an order goes to whoever is asked outside the shop, and to nobody else', async () => {
    await app.jobs.replace('t', 1, { ...job, finish: 'powder-sent-out', parts: job.parts.slice(1, 2).map((part) => ({ ...part, finish: null })) });
    const { pages, over } = await readPdf(await pdf('orders/powder-coater/pdf'));
    expect(pages.join()).toMatch(/Order: powder coater.*Ferrow Lane 3.*Comes back in writing/);
    expect(over).toBeLessThan(0);
    expect((await get('orders/welder/pdf').expect(404)).body.detail).toMatch(/nothing of this job goes to welder/);
  });

  test('a certificate is written from the record: none before the start', async () => {
    expect((await get('certificate').expect(422)).body.detail).toMatch(/not started/);
    expect((await get('certificate/pdf').expect(422)).body.detail).toMatch(/not started/);
  });
});

describe('the ledger', () => {
  const ledger = async (from = '2026-01-01', to = '2026-12-31') =>
    (await request(app.app).get('/api/v1/ledger').query({ from, to }).expect(200)).body;

  test('has a job once its quote is accepted, with its customer as far as known, and follows what is agreed', async () => {
    expect(await ledger()).toEqual({ jobs: [], left: 0 });
    await put(0).expect(200);
    await post('quotes').expect(201);
    expect((await ledger()).jobs).toEqual([]);
    await accept('Q-2026-1').expect(200);
    const { jobs } = await ledger();
    expect(jobs).toMatchObject([{ job: 't', name: job.name, customer: 'Harbour board', at: '2026-12-01', over: false, worked: 0 }]);
    expect((await ledger('2027-01-01', '2027-12-31')).jobs).toEqual([]);
    await put(1, { travel: 100 }).expect(200);
    await post('additions', { why: 'far' }).expect(201);
    await accept('Q-2026-1-A1').expect(200);
    expect((await ledger()).jobs[0].taxed).toBeGreaterThan(jobs[0].taxed);
    await request(app.app).delete(url('customer')).expect(200);
    expect((await ledger()).jobs[0].customer).toBe('');
    await post('papers/Q-2026-1/answer', { state: 'declined', at: '2026-12-02' }).expect(200);
    expect((await ledger()).jobs).toEqual([]);
  });

  test('goes out as a table, and a day that is none is refused', async () => {
    await post('quotes').expect(201);
    await accept('Q-2026-1').expect(200);
    await ledger();
    const { text } = await request(app.app).get('/api/v1/ledger/table.csv').query({ from: '2026-01-01', to: '2026-12-31' }).expect(200);
    expect(text.split(/\r?\n/)[1]).toMatch(new RegExp(`^${job.name},,2026-12-01,no,EUR,[\\d.]+,`));
    await request(app.app).get('/api/v1/ledger').query({ from: 'May', to: '2026-12-31' }).expect(422);
  });
});

const euros = (amount: number): string => new Intl.NumberFormat('en', { style: 'currency', currency: 'EUR' }).format(amount / 100);

function bytes(response: unknown, done: (error: Error | null, body: Buffer) => void): void {
  void buffer(response as Readable).then(
    (body) => done(null, body),
    (error: Error) => done(error, Buffer.alloc(0)),
  );
}

async function pdf(path: string): Promise<Buffer> {
  const { body, headers } = await get(path).buffer().parse(bytes).expect(200);
  expect(headers['content-type']).toContain('application/pdf');
  return body as Buffer;
}
