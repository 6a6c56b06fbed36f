/** The id that the server makes of a name, but for a number where another one has it. */
export function shortName(name: string, joint: '-' | '_' = '-'): string {
    return name
        .toLowerCase()
        .normalize('NFD')
        .replace(/[\u0300-\u036f]/g, '')
        .replace(/[^a-z0-9]+/g, joint)
        .replace(/^[-_]+|[-_]+$/g, '')
        .slice(0, 60);
}
