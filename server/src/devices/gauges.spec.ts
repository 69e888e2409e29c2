import { createServer, type AddressInfo } from 'node:net';
import { GaugeKind } from '@lift-bare/core';
import { mean, standardDeviation } from 'simple-statistics';
import { figureOf, lineGauge } from './line-gauge.ts';
import { simulatedGauges } from './simulated-gauges.ts';

test.each([
  ['DFT 82.4 um\r\n', 82.4],
  ['  7,12 pH', 7.12],
  ['ST,GS,+  850 g', 850],
  ['-0.4', -0.4],
  ['N12 82 µm\nN13 90 µm', 82],
  ['ERR', null],
  ['DFT Err 04', null],
  ['OVL 999', null],
  ['', null],
  ['hello', null],
])('%j reads as %s', (line, figure) => expect(figureOf(line)).toBe(figure));

/** An instrument that answers as told. */
async function instrument(answer: string | null) {
  const server = createServer((line) => (answer === null ? line.on('data', () => undefined) : line.end(answer)));
  await new Promise<void>((listening) => server.listen(0, '127.0.0.1', listening));
  return { gauge: lineGauge('film', '127.0.0.1', (server.address() as AddressInfo).port), close: () => server.close() };
}

test('a gauge that answers is read, one that fails, breaks off or is off says nothing', async () => {
  for (const [answer, value] of [
    ['F 91 um\n', 91],
    ['F 91 um', 91],
    ['ERR\n', null],
    ['', null],
  ] as const) {
    const { gauge, close } = await instrument(answer);
    expect(await gauge.read(null)).toBe(value);
    close();
  }
  const { gauge, close } = await instrument('F 1 um\n');
  close();
  expect(await gauge.read(null)).toBeNull();
});

test('stand-ins of every kind answer over a socket, scatter about what they are told, fail now and then, and repeat themselves', async () => {
  const readings = async () => {
    const { gauges, close } = await simulatedGauges(5);
    expect(gauges.map(({ kind }) => kind)).toEqual(GaugeKind.options);
    const film = gauges.find(({ kind }) => kind === 'film');
    const all: (number | null)[] = [];
    for (let i = 0; i < 400; i++) all.push((await film?.read(120)) ?? null);
    close();
    return all;
  };
  const all = await readings();
  expect(await readings()).toEqual(all);
  const seen = all.filter((value) => value !== null);
  expect(seen.length).toBeGreaterThan(370);
  expect(seen.length).toBeLessThan(400);
  expect(Math.abs(mean(seen) - 120)).toBeLessThan(4);
  expect(standardDeviation(seen)).toBeGreaterThan(7);
  expect(standardDeviation(seen)).toBeLessThan(15);
});
