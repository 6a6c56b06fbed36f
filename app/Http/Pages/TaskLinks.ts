import type { TaskLine } from './TaskLine';

/** How another task has to do with one: that one's rule made it, and so on. */
export type LinkWay = 'made_by' | 'made' | 'waits_on' | 'waited_for' | 'linked';

export type LinkedTask = { task: TaskLine; ways: LinkWay[] };
