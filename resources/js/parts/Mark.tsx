/** The product's mark: an arc from one band to another. */
export function Mark({ size = 22 }: { size?: number }) {
    return (
        <svg width={size} height={size} viewBox="0 0 32 32" aria-hidden="true">
            <rect x="3" y="16" width="6" height="13" rx="3" className="fill-pine" />
            <rect x="23" y="16" width="6" height="13" rx="3" className="fill-plum" />
            <path d="M6 13C7 1 25 1 26 13" fill="none" strokeWidth="3" strokeLinecap="round" className="stroke-ink" />
        </svg>
    );
}
