import { useState } from 'react';
import { Problem, type ProblemFault } from './ask';
import { faultsOf } from './faults';
import { say } from './words';
import { forgetRefused, tellRefused } from './refused';

type Sending = {
    busy: boolean;
    /** what is wrong by where it is, as `placeOf` says; '': what is said of all of it */
    wrong: Record<string, string>;
    /** the same as lines, each with its place */
    faults: string[];
    /** Does something that may be refused; what is refused is told by the two above, and true says that it was not. */
    send: (what: () => Promise<void>) => Promise<boolean>;
};

/**
 * The way in which forms are sent: one at a time, with what is wrong by its place. Nothing that was typed is touched.
 *
 * @param placeOf where on the form a fault is said; as it comes it is a JSON pointer into what was sent
 */
export function useSending(placeOf: (fault: ProblemFault) => string = (fault) => fault.pointer): Sending {
    const [busy, setBusy] = useState(false);
    const [refused, setRefused] = useState<Pick<Sending, 'wrong' | 'faults'>>({ wrong: {}, faults: [] });
    const send = async (what: () => Promise<void>): Promise<boolean> => {
        setBusy(true);
        setRefused({ wrong: {}, faults: [] });
        forgetRefused();
        try {
            await what();
            return true;
        } catch (error) {
            const faults = faultsOf(error);
            const errors = error instanceof Problem ? error.errors : [];
            // An entry that is empty is told so, not by the name that it has in documents.
            const wrong = errors.map((one): [string, string] => [
                placeOf(one),
                one.missing === undefined ? one.detail : say('screen.common.needed'),
            ]);
            setRefused({ faults, wrong: Object.fromEntries(wrong.length === 0 ? [['', faults.join(' ')]] : wrong) });
            tellRefused(wrong.length === 0 ? faults : wrong.map(([, detail]) => detail));
            return false;
        } finally {
            setBusy(false);
        }
    };
    return { busy, ...refused, send };
}
