import { Component, type ReactNode } from 'react';

interface Props {
  /** What is inside, in words: “this panel”. */
  readonly what: string;
  /** Another than before, and it is tried again. */
  readonly of: string;
  readonly children: ReactNode;
}

/** A screen that broke is said to be broken; the rest of the page, and undo, go on. */
export class ErrorBoundary extends Component<Props, { readonly broke: string | null }> {
  override state = { broke: null as string | null };

  static getDerivedStateFromError(error: unknown) {
    return { broke: error instanceof Error ? error.message : 'unknown' };
  }

  override componentDidUpdate(before: Props) {
    if (before.of !== this.props.of && this.state.broke !== null) this.setState({ broke: null });
  }

  override render() {
    const { what, children } = this.props;
    const { broke } = this.state;
    if (broke === null) return children;
    return (
      <div className="finding" data-severity="blocks" role="alert">
        <p>
          <b>{what} cannot be shown.</b> The plan is safe. Undo the last step, or open another stage.
        </p>
        <p className="small soft">{broke}</p>
        <div className="mends">
          <button type="button" className="btn" onClick={() => this.setState({ broke: null })}>
            Try again
          </button>
        </div>
      </div>
    );
  }
}
