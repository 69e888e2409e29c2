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
