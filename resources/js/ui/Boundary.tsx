import { Component, type ReactNode } from 'react';

type Props = {
    children: ReactNode;
    instead: ReactNode;
    /** what is drawn; once it is another, it is tried again */ of: unknown;
};

/** Draws something else where what is inside can't be drawn, so that the rest of the page stays. */
export class Boundary extends Component<Props, { failed: boolean }> {
    override state = { failed: false };

    static getDerivedStateFromError(): { failed: boolean } {
        return { failed: true };
    }

    override componentDidUpdate(before: Props): void {
        if (this.state.failed && before.of !== this.props.of) this.setState({ failed: false });
    }

    override render(): ReactNode {
        return this.state.failed ? this.props.instead : this.props.children;
    }
}
