/** The product's mark: an arc from one band to another. */
export function Mark({ size = 22 }: { size?: number }) {
    return (
        <svg width={size} height={size} viewBox="0 0 32 32" aria-hidden="true">
            <rect x="2" y="24" width="15" height="5" rx="1" className="fill-pine" />
            <rect x="15" y="3" width="15" height="5" rx="1" className="fill-plum" />
            <path
                d="M7 22C5 12 12 15 17 15C22 15 26 15 25 10"
                fill="none"
                strokeWidth="2.5"
                strokeLinecap="round"
                className="stroke-ink"
            />
        </svg>
    );
}
