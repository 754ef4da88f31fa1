import { type ComponentType, type LazyExoticComponent, lazy } from 'react';

type Loaded<P> = { readonly default: ComponentType<P> };

/** A component that is fetched when it is shown, or before. */
export type Fetched<P> = LazyExoticComponent<ComponentType<P>> & { readonly fetch: () => Promise<void> };

/** What is there already, as a promise that does not wait for its turn. */
const atOnce = <T>(value: T): Promise<T> =>
  ({
    then: (done: (value: T) => unknown) => {
      done(value);
    },
  }) as unknown as Promise<T>;

/**
 * A component in a file of its own.
 *
 * One that was fetched before it is shown is shown at once: a screen that waits, if only for a moment, is kept waiting by React for 300 ms so that it does
 * not flicker.
 */
export function fetched<P>(load: () => Promise<ComponentType<P>>): Fetched<P> {
  let there: Loaded<P> | undefined;
  const fetch = async (): Promise<Loaded<P>> => (there ??= { default: await load() });
  const shown = lazy(() => (there ? atOnce(there) : fetch()));
  return Object.assign(shown, {
    fetch: async () => {
      await fetch();
    },
  });
}
