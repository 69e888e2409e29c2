import { existsSync } from 'node:fs';
import { extname, join } from 'node:path';
import { withWorn, type Shop } from '@lift-bare/core';
import compression from 'compression';
import express, { type Express } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { errorHandler } from './problems/error-handler.ts';
import { NotFound } from './problems/problem.ts';
import { benchRoutes, wornSince, type BenchParts } from './routes/bench.ts';
import { fileRoutes } from './routes/files.ts';
import { bundleRoutes } from './routes/bundle.ts';
import { jobRoutes } from './routes/jobs.ts';
import { ledgerRoutes } from './routes/ledger.ts';
import { offerRoutes } from './routes/offers.ts';
import { practiceRoutes } from './routes/practice.ts';
import { paperRoutes } from './routes/papers.ts';
import { orderSheetRoutes } from './routes/order-sheets.ts';
import { safetySheetRoutes } from './routes/safety-sheet.ts';
import { planningRoutes } from './routes/planning.ts';
import { backupRoutes, type BackupParts } from './routes/backups.ts';
import { connectedRoutes, type Reached } from './routes/connected.ts';
import { gaugeRoutes } from './routes/gauges.ts';
import { runRoutes } from './routes/runs.ts';
import { healthRoutes } from './routes/health.ts';
import { signIn, type Passphrase } from './security/sign-in.ts';
import { onlyOurOwn } from './security/only-our-own.ts';
import type { Planner } from './planning/planner.ts';
import type { Reckoner } from './planning/reckoner.ts';
import type { Gauge } from './devices/gauge.ts';
import type { ForecastSource } from './devices/forecast-source.ts';
import { forecastRoutes } from './routes/forecast.ts';
import { scheduleRoutes } from './routes/schedule.ts';
import { withExperience } from './store/experience.ts';
import type { Health } from './store/health.ts';
import type { FileStore } from './store/file-store.ts';
import type { JobStore } from './store/job-store.ts';
import type { LedgerStore } from './store/ledger-store.ts';
import type { PracticeStore } from './store/practice-store.ts';
import type { OfferStore } from './store/offer-store.ts';
import type { ShopStore } from './store/shop-store.ts';

export interface AppParts {
  readonly jobs: JobStore;
  readonly shop: ShopStore;
  readonly files: FileStore;
  readonly offers: OfferStore;
  readonly ledger: LedgerStore;
  readonly practice: PracticeStore;
  readonly bench: BenchParts;
  readonly gauges: readonly Gauge[];
  readonly reached: Reached;
  readonly planner: Planner;
  readonly reckoner: Reckoner;
  readonly health: Health;
  /** null: nothing to copy, as in memory */
  readonly backups: BackupParts | null;
  /** null: nobody tells the weather */
  readonly forecast: ForecastSource | null;
  readonly logger: Logger;
  /** folder of the built web application, null for the API alone */
  readonly webRoot: string | null;
  /** null on loopback */
  readonly passphrase: Passphrase | null;
  /** names beside addresses under which the server is asked */
  readonly names: readonly string[];
}

/** Bytes; a job of 500 zones is about a tenth of it. */
const BODY_LIMIT = 4 * 1024 * 1024;

/** Assembles the server and does not listen. */
export function createApp(parts: AppParts): Express {
  const { jobs, shop, files, offers, bench, planner, reckoner, forecast, logger, webRoot, passphrase } = parts;
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      // A photo that waits to be sent is shown from the browser's own memory: a blob.
      contentSecurityPolicy: {
        directives: { styleSrc: ["'self'", "'unsafe-inline'"], imgSrc: ["'self'", 'data:', 'blob:'], upgradeInsecureRequests: null },
      },
      strictTransportSecurity: false,
      // Without a referrer a browser hides the origin of a form too, and nobody could sign in.
      referrerPolicy: { policy: 'same-origin' },
    }),
  );
  app.use(onlyOurOwn(parts.names));
  if (passphrase !== null) app.use(signIn(passphrase));
  app.use(
    compression({
      filter: (request, response) => response.getHeader('Content-Type') !== 'text/event-stream' && compression.filter(request, response),
    }),
  );
  const profile = async (): Promise<Shop> => withExperience((await shop.get()).document, await bench.bench.experience(null));
  app.use('/api/v1/jobs', fileRoutes(files));
  app.use('/api/v1', bundleRoutes({ jobs, shop, files, bench, taken: () => reckoner.wake() }));
  app.use('/api', express.json({ limit: BODY_LIMIT }));
  app.use(
    '/api/v1/jobs',
    jobRoutes(jobs, reckoner, (job) => bench.feed.tell('saved', job)),
  );
  const ofJob = async (id: string): Promise<Shop> => withExperience((await shop.get()).document, await bench.bench.experience(id));
  const papers = { offers, jobs, planner, profile: ofJob, now: () => bench.clock.now() };
  app.use('/api/v1/jobs', offerRoutes(papers));
  app.use('/api/v1/jobs', paperRoutes({ ...papers, bench: bench.bench, files, reached: parts.reached }));
  app.use('/api/v1/ledger', ledgerRoutes({ ...papers, bench: bench.bench, ledger: parts.ledger }));
  app.use('/api/v1/practice', practiceRoutes({ practice: parts.practice, planner, profile, now: () => bench.clock.now() }));
  app.use('/api/v1/order-sheets', orderSheetRoutes(planner, files, profile));
  app.use(
    '/api/v1/safety-sheet',
    safetySheetRoutes(planner, async () => withWorn(await profile(), await wornSince(bench.bench, bench.clock.now()))),
  );
  app.use('/api/v1', benchRoutes(bench));
  app.use('/api/v1/gauges', gaugeRoutes({ gauges: parts.gauges, clock: bench.clock, tell: (reading) => bench.feed.tell('gauge', reading) }));
  app.use('/api/v1', runRoutes(bench.bench));
  app.use('/api/v1/connected', connectedRoutes(bench.feed, parts.reached));
  app.use('/api/v1/forecast', forecastRoutes(forecast));
  app.use('/api/v1/schedule', scheduleRoutes(planner, offers, profile));
  app.use('/api/v1', planningRoutes(planner, shop, profile, reckoner));
  app.use('/api/v1/health', healthRoutes(parts.health));
  if (parts.backups !== null) app.use('/api/v1/backups', backupRoutes(parts.backups));
  app.use('/api', (request) => {
    throw new NotFound(`there is nothing at ${request.originalUrl}`);
  });
  if (webRoot !== null && existsSync(webRoot)) serveWeb(app, webRoot);
  app.use(errorHandler(logger));
  return app;
}

/** Hashed files are cached for good; every other address is the application, which routes by itself. */
function serveWeb(app: Express, webRoot: string): void {
  app.use(
    express.static(webRoot, {
      index: false,
      setHeaders: (response, path) => response.set('Cache-Control', /-[A-Z0-9]{8}\./.test(path) ? 'public, max-age=31536000, immutable' : 'no-cache'),
    }),
  );
  app.get('/{*path}', (request, response) => {
    if (extname(request.path) !== '') throw new NotFound(`there is no file ${request.path}`);
    response.set('Cache-Control', 'no-cache').sendFile(join(webRoot, 'index.html'));
  });
}
