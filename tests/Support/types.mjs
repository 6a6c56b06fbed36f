// Checks files against the TypeScript types of the project, one after another: a path on each line of the input, what
// the compiler has against it as JSON on a line of the output. What does not change is read once.
import { createInterface } from 'node:readline';
import ts from 'typescript';

const { options } = ts.getParsedCommandLineOfConfigFile(
    'tsconfig.json',
    { noEmit: true },
    {
        ...ts.sys,
        onUnRecoverableConfigFileDiagnostic: (error) => {
            throw new Error(ts.flattenDiagnosticMessageText(error.messageText, '\n'));
        },
    },
);
let file = '';
let version = 0;
const service = ts.createLanguageService({
    ...ts.sys,
    useCaseSensitiveFileNames: () => ts.sys.useCaseSensitiveFileNames,
    getScriptFileNames: () => (file === '' ? [] : [file]),
    getScriptVersion: (of) => (of === file ? `${version}` : ''),
    getScriptSnapshot: (of) => {
        const text = ts.sys.readFile(of);
        return text === undefined ? undefined : ts.ScriptSnapshot.fromString(text);
    },
    getCurrentDirectory: () => process.cwd(),
    getCompilationSettings: () => options,
    getDefaultLibFileName: ts.getDefaultLibFilePath,
});
for await (const line of createInterface({ input: process.stdin })) {
    file = line;
    version += 1;
    const found = [...service.getSyntacticDiagnostics(file), ...service.getSemanticDiagnostics(file)];
    const said = found.map((one) => ts.flattenDiagnosticMessageText(one.messageText, '\n'));
    process.stdout.write(`${JSON.stringify(said.join('\n'))}\n`);
}
