/** Texts with a semicolon between two, as a list: each once, without outer blanks. */
export function listed(text: string): string[] {
    return [
        ...new Set(
            text
                .split(';')
                .map((one) => one.trim())
                .filter((one) => one !== ''),
        ),
    ];
}
