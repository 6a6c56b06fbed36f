type Tree = { [key: string]: string | Tree };

/** A file for each module, all in one tree. */
export default Object.assign(
    {},
    ...Object.values(import.meta.glob<Tree>('./ar-XB/*.json', { eager: true, import: 'default' })),
) as Tree;
