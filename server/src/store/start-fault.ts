/** Why the server cannot start, in one sentence, with the code that it exits with. */
export class StartFault extends Error {
  constructor(
    message: string,
    readonly exitCode: number,
  ) {
    super(message);
  }
}

/** By what is wrong; told apart by scripts. */
export const EXIT = { settings: 2, folder: 3, inUse: 4, damaged: 5, newer: 6, port: 7 } as const;
