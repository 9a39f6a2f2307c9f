import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { useJob } from '../../data/stores/job';
import { fill, useMounted } from '../../testkit/mounted';
import { shankJob, useOnScreen } from '../../testkit/onScreen';
import CountsField from '../../ui/CountsField.vue';
import JobSheet from './JobSheet.vue';

const box = (host: HTMLElement, label: string): HTMLInputElement =>
  [...host.querySelectorAll('label')]
    .find((one) => one.textContent!.includes(label))!
    .querySelector('input')!;

describe('what belongs to the whole job', () => {
  const { show } = useOnScreen();
  it('shows what another screen has made of it, and does not write over that', async () => {
    const host = show(shankJob('compound', { tags: ['boring head'], quantity: 3 }), JobSheet);
    const job = useJob();
    expect(box(host, 'Words to find it by').value).toBe('boring head');
    job.document = { ...job.document!, tags: ['boring bar'], quantity: 5 };
    await nextTick();
    expect(box(host, 'Words to find it by').value).toBe('boring bar');
    expect(box(host, 'How many').value).toBe('5');
  });
  it('keeps words and pieces that can be read, and says what is asked for of others', async () => {
    const host = show(shankJob('compound', { quantity: 3 }), JobSheet);
    const job = useJob();
    fill(host, 'Words to find it by', 'gauge, spare, gauge');
    await nextTick();
    expect(job.document!.tags).toEqual(['gauge', 'spare']);
    fill(host, 'Words to find it by', '');
    await nextTick();
    expect(job.document!).not.toHaveProperty('tags');
    fill(host, 'How many', '4');
    await nextTick();
    fill(host, 'How many', '4.5');
    await nextTick();
    expect(job.document!.quantity).toBe(4);
    expect(box(host, 'How many').value).toBe('4.5');
    expect(host.textContent).toContain('A whole number from 1 to 200.');
  });
});

describe('a list of whole numbers', () => {
  const { mount } = useMounted();
  it('tells what can be read, and keeps what cannot', async () => {
    const told: number[][] = [];
    const host = mount(CountsField, {
      modelValue: [20, 40],
      label: 'Teeth',
      draftKey: 'teeth',
      range: { least: 10, most: 250, what: 'change gear' },
      'onUpdate:modelValue': (counts: number[]) => void told.push(counts),
    });
    expect(box(host, 'Teeth').value).toBe('20, 40');
    fill(host, 'Teeth', '20, 40, 9');
    await nextTick();
    expect(told).toEqual([]);
    expect(host.textContent).toContain('10');
    fill(host, 'Teeth', '20 40 127');
    await nextTick();
    expect(told).toEqual([[20, 40, 127]]);
  });
});
