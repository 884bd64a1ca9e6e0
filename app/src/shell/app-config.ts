import {
  type ApplicationConfig,
  ErrorHandler,
  isDevMode,
  provideBrowserGlobalErrorListeners,
  provideZonelessChangeDetection,
} from '@angular/core';
import {
  provideRouter,
  withComponentInputBinding,
  withInMemoryScrolling,
  withNavigationErrorHandler,
  withRouterConfig,
} from '@angular/router';
import { provideServiceWorker } from '@angular/service-worker';
import { providePrimeNG } from 'primeng/config';
import { from } from 'rxjs';
import { atRest } from '../household/at-rest';
import { SaysErrors } from '../household/says-errors';
import { missingPage } from './missing-page';
import { routes } from './routes';

import { paperPreset } from './theme';

/** The nonce that the build put on the root element; PrimeNG's styles carry it too. */
function styleNonce(page: Document): string {
  return page.querySelector('[ngCspNonce]')?.getAttribute('ngCspNonce') ?? '';
}

export const appConfig: ApplicationConfig = {
  providers: [
    provideZonelessChangeDetection(),
    provideBrowserGlobalErrorListeners(),
    { provide: ErrorHandler, useClass: SaysErrors },
    provideRouter(
      routes,
      withComponentInputBinding(),
      withNavigationErrorHandler((failed) => void missingPage(failed)),
      // The handler has said what is to be said.
      withRouterConfig({ resolveNavigationPromiseOnError: true }),
      withInMemoryScrolling({ scrollPositionRestoration: 'top' }),
    ),
    providePrimeNG({
      theme: {
        preset: paperPreset,
        options: { darkModeSelector: '.dim', cssLayer: { name: 'primeng', order: 'primeng' } },
      },
      csp: { nonce: styleNonce(globalThis.document) },
      ripple: false,
      // On a phone a list of choices is a sheet from below.
      overlayOptions: { responsive: { breakpoint: '699px', direction: 'bottom' } },
    }),
    provideServiceWorker('keeper.js', {
      enabled: !isDevMode(),
      // It loads all there is: what somebody waits for comes first.
      registrationStrategy: () => from(atRest),
    }),
  ],
};
