import type { RunLine } from './RunLine';

export type RunsPageProps = {
    runs: RunLine[];
    /** those that are over, rather than those that go on */
    over: boolean;
    page: number;
    pages: number;
};
