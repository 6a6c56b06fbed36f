/** Ten colours that stay apart for colour-blind eyes, light and dark in turn. */
const BANDS = [
    '#0b3c5d',
    '#e69f00',
    '#56b4e9',
    '#8c2d04',
    '#009e73',
    '#f0e442',
    '#3b2a6b',
    '#d55e00',
    '#cc79a7',
    '#6b7a75',
];

/** FNV-1a, so that a person's bands are theirs wherever and whenever they are drawn. */
function hash(text: string): number {
    let value = 0x811c9dc5;
    for (const char of text) {
        value = Math.imul(value ^ (char.codePointAt(0) ?? 0), 0x01000193);
    }
    return value >>> 0;
}

function bandsOf(slug: string): [string, string, string] {
    const seed = hash(slug);
    const first = seed % 10;
    const second = (first + 1 + (Math.floor(seed / 10) % 9)) % 10;
    const third = (second + 1 + (Math.floor(seed / 90) % 9)) % 10;
    return [BANDS[first] ?? '', BANDS[second] ?? '', BANDS[third] ?? ''];
}

/** A person's baton: an upright capsule with three bands. It stands beside the name, never alone. */
export function PersonMark({ slug, size = 20 }: { slug: string; size?: number }) {
    const bands = bandsOf(slug);
    const id = `baton-${slug}`;
    return (
        <svg
            width={size / 2}
            height={size}
            viewBox="0 0 10 20"
            aria-hidden="true"
            className="inline-block shrink-0 align-[-4px]"
        >
            <clipPath id={id}>
                <rect x="0.5" y="0.5" width="9" height="19" rx="4.5" />
            </clipPath>
            <g clipPath={`url(#${id})`}>
                <rect width="10" height="7" fill={bands[0]} />
                <rect y="7" width="10" height="6" fill={bands[1]} />
                <rect y="13" width="10" height="7" fill={bands[2]} />
            </g>
            <rect
                x="0.5"
                y="0.5"
                width="9"
                height="19"
                rx="4.5"
                fill="none"
                className="stroke-ink2"
                strokeWidth="0.75"
            />
        </svg>
    );
}

export function PersonName({ slug, name, className = '' }: { slug: string; name: string; className?: string }) {
    return (
        <span className={`inline-flex max-w-full items-center gap-1.5 align-bottom whitespace-nowrap ${className}`}>
            <PersonMark slug={slug} size={18} />
            <span className="overflow-hidden text-ellipsis">{name}</span>
        </span>
    );
}
