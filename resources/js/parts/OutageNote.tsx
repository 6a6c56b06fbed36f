import { useOutage } from '@/lib/outage';

/** What pages without the bar say of an outage. */
export function OutageNote() {
    const outage = useOutage();
    return (
        <p role="status" className="font-semibold text-brick">
            {outage}
        </p>
    );
}
