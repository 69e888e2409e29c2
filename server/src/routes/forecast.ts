import { Router } from 'express';
import { readBody } from '../api/read-body.ts';
import { ForecastRequest } from '../api/schemas.ts';
import type { ForecastSource } from '../devices/forecast-source.ts';
import { NotFound } from '../problems/problem.ts';

/** What the air outdoors will be, hour by hour, as the weather source has it. */
export function forecastRoutes(source: ForecastSource | null): Router {
  return Router().post('/', async (request, response) => {
    const { from, hours } = readBody(ForecastRequest, request);
    const told = (await source?.hours(new Date(from), hours)) ?? null;
    if (told === null) throw new NotFound('there is no weather source, or it is out of reach');
    response.json(told);
  });
}
