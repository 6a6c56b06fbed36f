import { say } from '@/lib/words';

const WIDTH = 460;
const HEIGHT = 250;
const RADIUS = 86;

function anchorAt(cosine: number): 'start' | 'middle' | 'end' {
    if (Math.abs(cosine) < 0.2) return 'middle';
    return cosine > 0 ? 'start' : 'end';
}

/** The turns that come, clockwise from the top. */
export function Ring({ coming }: { coming: string[] }) {
    return (
        <svg
            viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
            className="w-full max-w-lg"
            role="img"
            aria-label={`${say('screen.rotations.coming')}: ${coming.join(', ')}`}
            direction="ltr"
        >
            <circle cx={WIDTH / 2} cy={HEIGHT / 2} r={RADIUS} className="fill-none stroke-line" strokeWidth="2" />
            {coming.map((name, index) => {
                const angle = (index / coming.length) * 2 * Math.PI - Math.PI / 2;
                const [x, y] = [Math.cos(angle), Math.sin(angle)];
                return (
                    <g key={index}>
                        <circle
                            cx={WIDTH / 2 + RADIUS * x}
                            cy={HEIGHT / 2 + RADIUS * y}
                            r={index === 0 ? 9 : 5}
                            className={index === 0 ? 'fill-pine' : 'fill-ink2'}
                        />
                        <text
                            x={WIDTH / 2 + (RADIUS + 16) * x}
                            y={HEIGHT / 2 + (RADIUS + 18) * y + 4}
                            textAnchor={anchorAt(x)}
                            className={index === 0 ? 'fill-ink text-sm font-semibold' : 'fill-ink2 text-xs'}
                        >
                            {name}
                        </text>
                    </g>
                );
            })}
        </svg>
    );
}
