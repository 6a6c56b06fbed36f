import { Problem } from './ask';
import { say } from './words';

/** What stands against a file, each with its place. */
export function faultsOf(error: unknown): string[] {
    if (error instanceof Problem && error.errors.length > 0)
        return error.errors.map((one) => (one.pointer === '' ? one.detail : `${one.pointer}: ${one.detail}`));
    return [error instanceof Problem ? error.message : say('screen.fault_list.unreachable')];
}
