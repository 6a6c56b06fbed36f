import { Problem } from '@/lib/ask';
import { say } from '@/lib/words';

/** What stands against a file, each with its place. */
export function faultsOf(error: unknown): string[] {
    if (error instanceof Problem && error.errors.length > 0)
        return error.errors.map((one) => (one.pointer === '' ? one.detail : `${one.pointer}: ${one.detail}`));
    return [error instanceof Problem ? error.message : say('screen.fault_list.unreachable')];
}

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
