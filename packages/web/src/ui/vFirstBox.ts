import type { Directive } from 'vue';

/**
 * The caret stands in this box as soon as its form is there. The library's own `autofocus` takes it there a moment later,
 * out of the box somebody quick has already gone on to; said false, it does nothing.
 */
export const vFirstBox: Directive<HTMLElement, boolean | undefined> = {
  mounted(box, { value = true }) {
    if (value) box.querySelector('input')?.focus();
  },
};
