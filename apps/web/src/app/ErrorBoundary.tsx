import { Component, type ReactNode } from 'react';
import { beingReplaced } from './shell';

/** The last net: a screen that broke says so and offers to load again. What was typed is kept on the device. */
export class ErrorBoundary extends Component<{ children: ReactNode }, { failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  override componentDidCatch(error: unknown) {
    console.error(error);
  }

  override render() {
    if (!this.state.failed) return this.props.children;
    if (beingReplaced())
      return (
        <p role="status" className="mx-auto max-w-xl p-8 text-xl">
          A newer Pelvo is being fetched: one moment …
        </p>
      );
    return (
      <div role="alert" className="mx-auto max-w-xl p-8">
        <h1 className="text-2xl">This screen has broken</h1>
        <p className="mt-2">What was saved and what you typed are kept. Load it again; if it breaks again, tell your administrator.</p>
        <button type="button" onClick={() => location.reload()} className="mt-4 min-h-11 rounded-sm bg-beet px-4 font-semibold text-white">
          Load again
        </button>
      </div>
    );
  }
}
