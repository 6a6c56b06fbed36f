import type { TaskGuide } from '@props/Guides/GuidesPage';
import { useState } from 'react';
import { say } from '@/lib/words';
import { GuideHtml, useRead } from '../guides/GuideHtml';
import { NotRight } from '../guides/NotRight';

type Props = {
    guides: TaskGuide[];
    /** slug of the kind of the task beside which they stand */
    kind?: string;
};

/** How it is done: the guide of its kind stands open, those of its fields, items and rules are in reach. */
export function Guides({ guides, ...of }: Props) {
    return guides.map((guide) => <OneGuide key={guide.id} guide={guide} {...of} />);
}

function OneGuide({ guide, kind }: Omit<Props, 'guides'> & { guide: TaskGuide }) {
    const ofKind = guide.links.some((link) => link.about === 'kind');
    const [open, setOpen] = useState(ofKind);
    useRead(guide.slug, guide.changedAt, guide.readByMe || !open);
    const about = guide.links.filter((link) => link.about !== 'kind').map((link) => link.label);
    return (
        <details
            className="border-t border-line py-3"
            open={open}
            onToggle={(event) => setOpen(event.currentTarget.open)}
        >
            <summary className="mb-1 cursor-pointer font-semibold">
                {say('screen.task_panel.guide', { name: guide.name })}
                {about.length > 0 && <span className="font-normal text-ink2"> {about.join(', ')}</span>}
                {!guide.readByMe && <span className="ms-2 text-xs text-ochre">{say('guides.changed_for_you')}</span>}
            </summary>
            <GuideHtml html={guide.html} />
            <NotRight guide={guide} {...(kind === undefined ? {} : { kind })} />
        </details>
    );
}
