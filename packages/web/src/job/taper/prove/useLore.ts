import type { LoreSaid } from '@anello/contract';
import type { Lore } from '@anello/core/infeed';
import { onScopeDispose, shallowRef, watch, type Ref } from 'vue';
import { request } from '../../../data/api';
import { newest } from '../../../data/newest';
import { useJob } from '../../../data/stores/job';
import { useJobModel } from '../../model/useJobModel';

/**
 * What earlier approaches of this way on this lathe say of its tools. Asked for once for each piece, so that no figure changes
 * under anybody's hands because another screen has kept something; nothing while the server is away.
 */
export function useLore(): Ref<Lore | null> {
  const job = useJob();
  const model = useJobModel();
  const lore = shallowRef<Lore | null>(null);
  const question = newest();
  async function ask(machine: string, way: string, piece: number): Promise<void> {
    const counts = question();
    lore.value = null;
    const asked = new URLSearchParams({ way, job: job.id, piece: String(piece) });
    try {
      const said = await request<LoreSaid>(
        'GET',
        `/api/machines/${encodeURIComponent(machine)}/lore?${asked}`,
      );
      if (counts()) lore.value = said.lore;
    } catch {
      // What is known of before is a help and no more: without it the next infeed begins from nothing, as it says.
    }
  }
  watch(
    // Each by itself: another figure of the document is no other question.
    [() => job.document?.machineId, model.way, () => job.piece] as const,
    ([machine, way, piece]) => {
      if (machine && way) void ask(machine, way, piece);
    },
    { immediate: true },
  );
  onScopeDispose(question.drop);
  return lore;
}
