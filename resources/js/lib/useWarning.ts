import { useEffect } from 'react';

/** Asks before the page is left while something is unsaved. */
export function useWarning(unsaved: boolean): void {
    useEffect(() => {
        const warn = (event: BeforeUnloadEvent): void => {
            if (unsaved) event.preventDefault();
        };
        window.addEventListener('beforeunload', warn);
        return () => window.removeEventListener('beforeunload', warn);
    }, [unsaved]);
}
