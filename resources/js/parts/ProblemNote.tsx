import { useOutage } from '@/lib/outage';
import { useRefused } from '@/lib/refused';
import { useShared } from '@/lib/shared';

/** What pages without the bar say where something could not be done. */
export function ProblemNote() {
    const outage = useOutage();
    const refused = useRefused();
    const { notice } = useShared();
    return (
        <p role="status" className="font-semibold text-brick">
            {outage ?? refused ?? notice.problem}
        </p>
    );
}
