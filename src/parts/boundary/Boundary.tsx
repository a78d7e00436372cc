'use client';

import { Component, type ReactNode } from 'react';

interface Props {
  children: ReactNode;
  /** What is shown instead of something that throws, with a way to try it again. */
  instead: (error: Error, again: () => void) => ReactNode;
}

/** Keeps what throws from taking the rest of the page with it. */
export class Boundary extends Component<Props, { error: Error | null }> {
  override state = { error: null as Error | null };

  static getDerivedStateFromError(error: unknown) {
    return { error: error instanceof Error ? error : new Error(String(error)) };
  }

  override render() {
    const { error } = this.state;
    return error ? this.props.instead(error, () => this.setState({ error: null })) : this.props.children;
  }
}
