import { Component, type ReactNode } from 'react';
import { FaultDetails } from './fault-details.tsx';

/** A part of a page that breaks alone: the rest of the page stays, and what was noted is safe whatever is drawn of it. */
export class Part extends Component<{ readonly children: ReactNode }, { readonly why: string | null }> {
  override state = { why: null as string | null };

  static getDerivedStateFromError(e: unknown): { why: string } {
    return { why: e instanceof Error ? e.message : String(e) };
  }

  override render(): ReactNode {
    if (this.state.why === null) return this.props.children;
    return (
      <div className="alert alert-warning" role="alert">
        <b>This part cannot be shown.</b> What you noted is safe, and the rest of the page works.
        <FaultDetails why={this.state.why} />
      </div>
    );
  }
}
