import { AnelloError } from '@anello/core/basics';

/** A save named an older version than the one kept; carries the document as it stands. */
export class StaleVersion extends AnelloError {
  constructor(readonly current: unknown) {
    super(
      'stale-version',
      null,
      'Somebody changed this meanwhile. Yours is kept on the screen; theirs is on the server.',
    );
  }
}
