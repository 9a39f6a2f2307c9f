import type { Pinia } from 'pinia';
import { afterEach, beforeEach } from 'vitest';
import { freshStores } from './freshStores';
import { PlainBox } from './plainBox';
import {
  createApp,
  defineComponent,
  h,
  type App,
  type Component,
  type InjectionKey,
  type SetupContext,
} from 'vue';

/** What stands above a component, as [what it goes by, what it is]. */
export type Provided = readonly (readonly [InjectionKey<unknown>, unknown])[];

/** What a test may do with a page of its own. */
export interface Mounted {
  /** Puts a component on the page, with plain parts where the component library's stand, or those that are given. */
  mount(
    component: Component,
    props?: Record<string, unknown>,
    provided?: Provided,
    parts?: Readonly<Record<string, Component>>,
  ): HTMLElement;
  /** Runs a composable inside a component of its own, under whatever is provided to it; leaving takes the component down. */
  within<T>(setup: () => T, provided?: Provided): { readonly found: T; leave(): void };
}

/** A fresh page and fresh stores for every test of a file. */
export function useMounted(): Mounted {
  let pinia: Pinia;
  let apps: App[] = [];
  beforeEach(() => {
    pinia = freshStores();
    sessionStorage.clear();
    localStorage.clear();
  });
  afterEach(() => {
    for (const app of apps) app.unmount();
    apps = [];
    document.body.innerHTML = '';
  });
  function put(
    root: Component,
    provided: Provided = [],
    parts: Readonly<Record<string, Component>> = {},
  ): { app: App; host: HTMLElement } {
    const host = document.createElement('div');
    document.body.append(host);
    const app = createApp(root).use(pinia);
    for (const [key, value] of provided) app.provide(key, value);
    app.component('VBtn', (props: object, { slots }: Pick<SetupContext, 'slots'>) =>
      h('button', { type: 'button', ...props }, slots['default']?.()),
    );
    app.component('VTextField', PlainBox);
    app.component('VTextarea', PlainBox);
    app.component('VIcon', () => h('i'));
    app.component('VSwitch', (props: { label?: string }) => h('span', props.label));
    app.component('VSelect', (props: { label?: string }) => h('span', props.label));
    app.component('RouterLink', ({ to, ...more }: { to?: string }, { slots }: Pick<SetupContext, 'slots'>) =>
      h('a', { ...more, href: to }, slots['default']?.()),
    );
    for (const [name, part] of Object.entries(parts)) app.component(name, part);
    app.mount(host);
    apps.push(app);
    return { app, host };
  }
  return {
    mount: (component, props = {}, provided, parts) =>
      put({ render: () => h(component, props) }, provided, parts).host,
    within<T>(setup: () => T, provided?: Provided) {
      let found!: T;
      const { app } = put(
        defineComponent({
          setup() {
            found = setup();
            return () => h('div');
          },
        }),
        provided,
      );
      return {
        found,
        leave() {
          app.unmount();
          apps = apps.filter((one) => one !== app);
        },
      };
    },
  };
}

/** Text as it is read: one space for any run of them. */
export const plain = (text: string | null): string =>
  (text ?? '').replaceAll('\u00a0', ' ').replace(/\s+/g, ' ').trim();

/** Places of a path, in the order drawn. */
export const placesOf = (path: Element | null): { x: number; y: number }[] =>
  [...(path?.getAttribute('d') ?? '').matchAll(/[ML](-?[\d.]+)[ ,](-?[\d.]+)/g)].map(([, x, y]) => ({
    x: Number(x),
    y: Number(y),
  }));

/** The button of a name, to be pressed. */
export function press(host: HTMLElement, name: string | RegExp): void {
  const button = [...host.querySelectorAll('button')].find((one) => {
    const said = plain(one.getAttribute('aria-label') ?? one.textContent);
    return typeof name === 'string' ? said === name : name.test(said);
  });
  if (!button) throw new Error(`There is no button ${String(name)} among: ${plain(host.textContent)}`);
  button.click();
}

/** Types into the box of a name, as a hand does. */
export function fill(host: HTMLElement, name: string, text: string): void {
  const label = [...host.querySelectorAll('label')].find((one) => plain(one.textContent).startsWith(name));
  const box = label?.querySelector<HTMLInputElement | HTMLTextAreaElement>('input, textarea');
  if (!box) throw new Error(`There is no box ${name}.`);
  box.value = text;
  box.dispatchEvent(new Event('input', { bubbles: true }));
}
