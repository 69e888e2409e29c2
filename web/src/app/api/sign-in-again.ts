import { HttpErrorResponse, type HttpInterceptorFn } from '@angular/common/http';
import { tap } from 'rxjs';

const UNAUTHORISED = 401;

/** A screen whose sign-in has run out is asked for the passphrase again; what was typed waits in the browser. */
export const signInAgain: HttpInterceptorFn = (request, next) =>
  next(request).pipe(
    tap({
      error: (error: unknown) => {
        if (error instanceof HttpErrorResponse && error.status === UNAUTHORISED) location.assign('/sign-in');
      },
    }),
  );
