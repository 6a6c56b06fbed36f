import type { TaskLine } from './TaskLine';

/** How another task has to do with one: that one's rule made it, and so on. */
export type LinkWay = 'made_by' | 'made' | 'waits_on' | 'waited_for' | 'linked';

/** task: null where the viewer does not see it */
export type LinkedTask = { number: number; task: TaskLine | null; ways: LinkWay[] };
