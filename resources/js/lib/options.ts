import type { Option } from '@props/Rules/Vocabulary';

/** What is offered: all that is not retired, and what is chosen already. */
export function offeredOptions(options: Option[], chosen: readonly unknown[]): Option[] {
    return options.filter((option) => option.retired !== true || chosen.includes(option.value));
}
