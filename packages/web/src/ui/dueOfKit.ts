import type { KitDocument } from '@anello/contract';
import type { Checked } from '@anello/core/kit';

/** What a thing of the kit says of its checks; a master is checked when it is proved. */
export function dueOfKit(document: KitDocument): Checked {
  if (!('checkEvery' in document)) return {};
  return {
    checkedOn: document.kind === 'master' ? document.provedOn : document.checkedOn,
    checkEvery: document.checkEvery?.value,
  };
}
