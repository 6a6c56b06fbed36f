/** "09:00-13:00 13:30-17:30" as ranges; what is not right the server says. */
export function ranges(text: string): string[] {
    return text.split(/[\s,]+/).filter((one) => one !== '');
}

/** What is wrong at a place or below it. */
export function wrongAt(wrong: Record<string, string>, pointer: string): string | undefined {
    return Object.entries(wrong).find(([at]) => at === pointer || at.startsWith(`${pointer}/`))?.[1];
}
