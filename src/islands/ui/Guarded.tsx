import { Component, type ComponentType, type ReactNode, useEffect } from "react";
import { keepFocus } from "./keep-focus.ts";

type Props = { readonly children: ReactNode; readonly instead: (error: Error, again: () => void) => ReactNode };

/** Catches what breaks while its children are drawn, and shows something else in their place. */
export class Boundary extends Component<Props, { readonly error: Error | null }> {
  override state: { readonly error: Error | null } = { error: null };
  static getDerivedStateFromError(error: Error) {
    return { error };
  }
  override render(): ReactNode {
    const { error } = this.state;
    return error ? this.props.instead(error, () => this.setState({ error: null })) : this.props.children;
  }
}

/** An island that fails alone: what failed is said in its place, and what was written is kept. */
export function guarded<P extends object>(Island: ComponentType<P>, what: string): ComponentType<P> {
  const Guarded = (props: P) => {
    useEffect(keepFocus, []);
    return (
      <Boundary
        instead={(error, again) => (
          <section role="alert" className="note-wax m-4 space-y-2" aria-label={`${what} could not be shown`}>
            <p>
              <strong>{what} could not be shown.</strong> What you wrote is kept. {error.message}
            </p>
            <button type="button" className="btn" onClick={again}>
              Try again
            </button>
          </section>
        )}
      >
        <Island {...props} />
      </Boundary>
    );
  };
  Guarded.displayName = `Guarded(${what})`;
  return Guarded;
}
