import { provideHttpClient, withFetch, withInterceptors } from '@angular/common/http';
import { type ApplicationConfig, isDevMode, provideZonelessChangeDetection } from '@angular/core';
import { provideRouter, withComponentInputBinding, withInMemoryScrolling } from '@angular/router';
import { provideServiceWorker } from '@angular/service-worker';
import { provideEffects } from '@ngrx/effects';
import { provideStore } from '@ngrx/store';
import { en_US, provideNzI18n } from 'ng-zorro-antd/i18n';
import { signInAgain } from './api/sign-in-again';
import { routes } from './app.routes';
import { START_WORKER } from './workers/planner-client';
import { START_PICTURES } from './workers/picture-client';
import { startPictures } from './workers/start-pictures';
import { startPlanner } from './workers/start-planner';
import { BenchEffects } from './state/bench.effects';
import { benchFeature } from './state/bench.reducer';
import { JobEffects } from './state/job.effects';
import { ShopEffects } from './state/shop.effects';
import { jobsFeature } from './state/job.reducer';
import { shopFeature } from './state/shop.reducer';

export const appConfig: ApplicationConfig = {
  providers: [
    provideZonelessChangeDetection(),
    { provide: START_WORKER, useValue: startPlanner },
    { provide: START_PICTURES, useValue: startPictures },
    provideRouter(routes, withComponentInputBinding(), withInMemoryScrolling({ anchorScrolling: 'enabled' })),
    provideHttpClient(withFetch(), withInterceptors([signInAgain])),
    // Once the first page stands: it has the network for itself until then.
    provideServiceWorker('sw.js', { enabled: !isDevMode(), registrationStrategy: 'registerWithDelay:4000' }),
    provideStore({ [jobsFeature.name]: jobsFeature.reducer, [shopFeature.name]: shopFeature.reducer, [benchFeature.name]: benchFeature.reducer }),
    provideEffects(JobEffects, ShopEffects, BenchEffects),
    provideNzI18n(en_US),
  ],
};
