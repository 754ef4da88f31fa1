import { QueryClient, QueryClientContext, QueryClientProvider } from '@tanstack/react-query';
import { type ComponentType, useContext } from 'react';

/** One for all pages: what one has asked for, the next shows while it asks again. */
const client = new QueryClient({
  defaultOptions: { queries: { retry: false, staleTime: 0, refetchOnWindowFocus: false } },
});

/** A part that asks the server by queries, in a file of its own: a plan's page begins without them. */
export function queried<P extends object>(Part: ComponentType<P>): ComponentType<P> {
  return function Queried(props: P) {
    const around = useContext(QueryClientContext);
    return around ? (
      <Part {...props} />
    ) : (
      <QueryClientProvider client={client}>
        <Part {...props} />
      </QueryClientProvider>
    );
  };
}
