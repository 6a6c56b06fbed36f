export type GuideAbout = 'kind' | 'field' | 'item' | 'rule';
export type GuideLink = { about: GuideAbout; target: string; label: string };

export type GuideLine = {
    slug: string;
    name: string;
    version: number;
    changedAt: string;
    /** who wrote it last */
    author: string | null;
    retired: boolean;
    links: GuideLink[];
    /** people of the house who have looked at it since it changed */
    readNow: number;
    /** who could, besides whoever wrote it */
    people: number;
    readByMe: boolean;
};

/** Beside a task. */
export type TaskGuide = {
    id: string;
    slug: string;
    name: string;
    /** harmless */
    html: string;
    author: string | null;
    changedAt: string;
    /** those that fit the task */
    links: GuideLink[];
    readByMe: boolean;
};

export type WholeGuide = {
    id: string;
    slug: string;
    name: string;
    /** Markdown */
    text: string;
    /** harmless */
    html: string;
    version: number;
    author: string | null;
    changedAt: string;
    retired: boolean;
    /** who could look at it, besides whoever wrote it */
    people: number;
    links: GuideLink[];
    /** the latest first */
    versions: { number: number; name: string; text: string; by: string | null; at: string }[];
    readers: { name: string; version: number; at: string }[];
};

export type GuideChoices = Record<GuideAbout, { value: string; label: string }[]>;

export type GuidesPageProps = {
    guides: GuideLine[];
    guide: WholeGuide | null;
    mayWrite: boolean;
    choices: GuideChoices | null;
    /** of the tasks by which authors hear that a guide is not right */
    guideKind: string | null;
};
