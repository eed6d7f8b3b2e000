/** Why a use case was refused. Routes turn these into problem documents. */

export class NotFound extends Error {
  constructor(what: string) {
    super(`There is no such ${what}. It may have been deleted.`);
  }
}

/** A write against something that is no longer as the writer saw it; `current` is what stands now. */
export class Stale extends Error {
  readonly current: unknown;

  constructor(what: string, current: unknown) {
    super(`This ${what} has been changed elsewhere since you opened it.`);
    this.current = current;
  }
}

/** Input that the schema lets pass but the stored records do not. */
export class Invalid extends Error {
  readonly fields: readonly { path: string; message: string }[];

  constructor(message: string, fields: readonly { path: string; message: string }[] = []) {
    super(message);
    this.fields = fields;
  }
}

/** Something that is done only when it is asked for once more. */
export class AskFirst extends Error {}

/** What is stored cannot be read; whoever asked has done nothing wrong. */
export class Unreadable extends Error {
  constructor(what: string, cause: unknown) {
    super(`What is stored for this ${what} cannot be read by this version. Nothing of it was changed.`, { cause });
  }
}

/** Somebody asks for what they may not have, or proves badly who they are. */
export class NotAllowed extends Error {}

/** Nobody is signed in, and somebody has to be. */
export class SignInFirst extends Error {
  constructor() {
    super('Sign in first. What you typed is still here.');
  }
}
