import type { DocumentIssue } from '@lift-bare/core';

/** One error family for everything a client can get wrong; each class keeps its data and writes its message. RFC 9457. */
export abstract class Problem extends Error {
  abstract readonly status: number;
  abstract readonly title: string;
  /** Members added to the problem document. */
  extra(): Record<string, unknown> {
    return {};
  }
}

export class NotFound extends Problem {
  readonly status = 404;
  readonly title = 'Not found';
}

export class InvalidDocument extends Problem {
  readonly status = 422;
  readonly title = 'Document not valid';
  constructor(readonly issues: readonly DocumentIssue[]) {
    super(issues.map(({ path, reason }) => `${path.join('.') || 'document'}: ${reason}`).join('; '));
  }
  override extra() {
    return { issues: this.issues };
  }
}

export class StaleVersion extends Problem {
  readonly status = 409;
  readonly title = 'Somebody else saved in between';
  constructor(
    readonly sent: number,
    readonly current: number,
  ) {
    super(`version ${sent} was sent, the server holds ${current}`);
  }
  override extra() {
    return { sent: this.sent, current: this.current };
  }
}

export class Unauthorised extends Problem {
  readonly status = 401;
  readonly title = 'Passphrase needed';
}

/** What was sent is not kept, and why; the same again is taken once the disk is well. */
export class StorageTrouble extends Problem {
  readonly status = 507;
  readonly title = 'Not saved';
}

export class TookTooLong extends Problem {
  readonly status = 503;
  readonly title = 'Took too long';
}

/** An instrument that does not answer. */
export class OutOfReach extends Problem {
  readonly status = 503;
  readonly title = 'Out of reach';
}

export class Forbidden extends Problem {
  readonly status = 403;
  readonly title = 'Not from here';
}

export class TooManyGuesses extends Problem {
  readonly status = 429;
  readonly title = 'Too many wrong guesses';
  constructor(readonly seconds: number) {
    super(`wait ${seconds} s before the next one`);
  }
}

export class Unfit extends Problem {
  readonly status = 422;
  readonly title = 'Cannot be used';
}
