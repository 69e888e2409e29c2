import { GaugeKind, GaugeReading, GAUGES } from '@lift-bare/core';
import { Router } from 'express';
import * as z from 'zod';
import { readBody, readQuery } from '../api/read-body.ts';
import type { Gauge } from '../devices/gauge.ts';
import type { ShopClock } from '../devices/shop-clock.ts';
import { NotFound, OutOfReach } from '../problems/problem.ts';

export interface GaugeParts {
  readonly gauges: readonly Gauge[];
  readonly clock: ShopClock;
  /** shows a reading that an instrument has sent by itself to every screen */
  readonly tell: (reading: GaugeReading) => void;
}

const About = z.strictObject({ about: z.coerce.number('needs a number').optional() });

/** Instruments of the shop: which there are, a reading of one, and a reading that one sends by itself. */
export function gaugeRoutes({ gauges, clock, tell }: GaugeParts): Router {
  return Router()
    .get('/', (_request, response) => {
      response.json(gauges.map(({ kind, where }) => ({ kind, where, name: GAUGES[kind].name, unit: GAUGES[kind].unit })));
    })
    .post('/readings', (request, response) => {
      const reading = readBody(GaugeReading, request);
      tell(reading);
      response.status(201).json(reading);
    })
    .post('/:kind/read', async (request, response) => {
      const kind = GaugeKind.safeParse(request.params.kind);
      const gauge = gauges.find((one) => one.kind === kind.data);
      if (!gauge) throw new NotFound(`there is no gauge ${request.params.kind}`);
      const value = await gauge.read(readQuery(About, request).about ?? null);
      const read = GaugeReading.safeParse({ kind: gauge.kind, value, at: clock.now().toISOString() });
      if (!read.success) throw new OutOfReach(`the ${GAUGES[gauge.kind].name.toLowerCase()} does not answer: is it on, and the part under it?`);
      response.json(read.data);
    });
}
