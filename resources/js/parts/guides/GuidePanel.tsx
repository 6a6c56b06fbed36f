import { router } from '@inertiajs/react';
import type { WholeGuide } from '@props/Guides/GuidesPage';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Difference } from './Difference';
import { GuideHtml, useRead } from './GuideHtml';
import { NotRight } from './NotRight';

type Props = { guide: WholeGuide; mayWrite: boolean; read: boolean; onEdit: () => void };

/** A guide as it is now, what it said before, and who has looked at it. */
export function GuidePanel({ guide, mayWrite, read, onEdit }: Props) {
    const formats = useFormats();
    useRead(guide.slug, guide.changedAt, read);
    return (
        <article className="p-5" aria-label={guide.name}>
            <header className="mb-3">
                <h2 className="text-lg break-words">{guide.name}</h2>
                <p className="text-ink2">
                    {say('guides.written', {
                        author: guide.author ?? 'none',
                        at: formats.moment(guide.changedAt),
                        version: guide.version,
                    })}
                </p>
                {guide.links.length > 0 && (
                    <p className="text-ink2">
                        {guide.links.map((link) => `${say(`guides.abouts.${link.about}`)} ${link.label}`).join(' · ')}
                    </p>
                )}
            </header>
            {guide.retired && <p className="mb-3 border-s-2 border-ochre ps-3">{say('guides.is_retired')}</p>}
            <GuideHtml html={guide.html} />
            <div className="my-3 flex flex-wrap gap-2">
                {mayWrite && !guide.retired && (
                    <Button look="main" onClick={onEdit}>
                        {say('guides.edit')}
                    </Button>
                )}
                <NotRight guide={guide} />
                {mayWrite && (
                    <Button
                        look={guide.retired ? 'plain' : 'grave'}
                        className="ms-auto"
                        onClick={() =>
                            router.post(
                                `/guides/${guide.slug}/retire`,
                                { retired: !guide.retired },
                                { preserveScroll: true },
                            )
                        }
                    >
                        {say(guide.retired ? 'guides.restore' : 'guides.retire')}
                    </Button>
                )}
            </div>
            <Readers guide={guide} />
            <Versions guide={guide} />
        </article>
    );
}

function Readers({ guide }: Pick<Props, 'guide'>) {
    const formats = useFormats();
    const now = guide.readers.filter((one) => one.version === guide.version);
    return (
        <details className="border-t border-line py-2">
            <summary className="cursor-pointer font-semibold">
                {say('guides.looked_at', { count: now.length, people: guide.people })}
            </summary>
            <ul>
                {guide.readers.map((one) => (
                    <li key={one.name} className="flex gap-3 border-t border-line py-1">
                        <span className="flex-1">{one.name}</span>
                        <span className="text-ink2">
                            {one.version === guide.version
                                ? formats.moment(one.at)
                                : say('guides.saw_version', { version: one.version, at: formats.moment(one.at) })}
                        </span>
                    </li>
                ))}
            </ul>
        </details>
    );
}

function Versions({ guide }: Pick<Props, 'guide'>) {
    const formats = useFormats();
    return (
        <details className="border-t border-line py-2">
            <summary className="cursor-pointer font-semibold">{say('guides.before')}</summary>
            {guide.versions.map((one, index) => (
                <details key={one.number} className="border-t border-line py-1">
                    <summary className="cursor-pointer">
                        {say('guides.version', {
                            version: one.number,
                            author: one.by ?? 'none',
                            at: formats.moment(one.at),
                        })}
                    </summary>
                    <Difference before={guide.versions[index + 1]?.text ?? ''} after={one.text} />
                </details>
            ))}
        </details>
    );
}
