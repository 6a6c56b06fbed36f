/** What brings work about, as a search answers it; href: its page. */
export type FoundWork = {
    title: string;
    work: 'runsheet' | 'duty' | 'rollout' | 'track';
    href: string;
};
