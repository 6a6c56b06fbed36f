export function FaultList({ faults }: { faults: string[] }) {
    if (faults.length === 0) return null;
    return (
        <ul role="alert" className="mt-3 max-h-60 overflow-auto font-mono text-xs text-brick">
            {faults.map((fault) => (
                <li key={fault}>{fault}</li>
            ))}
        </ul>
    );
}
