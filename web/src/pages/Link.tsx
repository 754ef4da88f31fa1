import type { ComponentProps } from 'react';
import { useHref, useLinkClickHandler } from 'react-router';

interface Props extends Omit<ComponentProps<'a'>, 'href' | 'target'> {
  /** Where it leads to within the program. */
  readonly to: string;
}

/** A link to another page: the router’s own brings all that fetches pages ahead along with it. */
export function Link({ to, onClick, ...rest }: Props) {
  const href = useHref(to);
  const follow = useLinkClickHandler(to);
  return (
    <a
      {...rest}
      href={href}
      onClick={(event) => {
        onClick?.(event);
        if (!event.defaultPrevented) follow(event);
      }}
    />
  );
}
