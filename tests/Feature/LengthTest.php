<?php

declare(strict_types=1);

use Symfony\Component\Finder\Finder;
use Symfony\Component\Finder\SplFileInfo;

const LONGEST_FILE = 250;
const LONGEST_FUNCTION = 80;
const WIDEST_LINE = 120;

/** @return list<string> what of a file is too long or too wide */
function tooMuch(SplFileInfo $file): array
{
    $lines = explode("\n", $file->getContents());
    $found =
        count($lines) > LONGEST_FILE + 1 ? ["{$file->getRelativePathname()}: " . (count($lines) - 1) . ' lines'] : [];
    foreach ($lines as $number => $line) {
        if (mb_strlen($line) > WIDEST_LINE) {
            $found[] = "{$file->getRelativePathname()}:" . ($number + 1) . ': ' . mb_strlen($line) . ' characters';
        }
    }

    return $found;
}

/**
 * @return array<string, int> lines by name, of the named functions of a PHP file: not of cases of tests, which are
 *     closures, nor of functions that are one table
 */
function phpFunctions(string $code): array
{
    $tokens = PhpToken::tokenize($code);
    $lengths = [];
    foreach ($tokens as $index => $token) {
        $name = $tokens[$index + 2] ?? null;
        if (!$token->is(T_FUNCTION) || $name?->is(T_STRING) !== true) {
            continue;
        }
        $begin = $index;
        while (!$tokens[$begin]->is(['{', ';'])) {
            ++$begin;
        }
        $depth = 0;
        for ($end = $begin; isset($tokens[$end]); ++$end) {
            $depth += $tokens[$end]->is(['{', T_CURLY_OPEN, T_DOLLAR_OPEN_CURLY_BRACES]) ? 1 : 0;
            $depth -= $tokens[$end]->is('}') ? 1 : 0;
            if ($depth === 0) {
                break;
            }
        }
        $body = array_values(
            array_filter(
                array_slice($tokens, $begin + 1, $end - $begin - 1),
                static fn(PhpToken $one): bool => !$one->isIgnorable(),
            ),
        );
        $statements = count(array_filter($body, static fn(PhpToken $one): bool => $one->is(';')));
        if ($statements !== 1 || !$body[0]->is(T_RETURN)) {
            $lengths["{$name->text} (line {$token->line})"] = $tokens[$end]->line - $token->line + 1;
        }
    }

    return $lengths;
}

it('counts named functions that do something', function (): void {
    $code = "<?php\nfunction one()\n{\n    \$a = 1;\n    return \$a;\n}\nfunction two()\n{\n    return [1];\n}\n";
    expect(phpFunctions($code))->toBe(['one (line 2)' => 5]);
});

it('has no file and no function in PHP that is too long to read at once', function (): void {
    $tooLong = [];
    $files = Finder::create()
        ->files()
        ->name('*.php')
        ->in(array_map(base_path(...), ['app', 'core', 'database', 'bench', 'config', 'routes', 'tests', 'bin']));
    foreach ($files as $file) {
        array_push($tooLong, ...tooMuch($file));
        foreach (phpFunctions($file->getContents()) as $name => $length) {
            if ($length > LONGEST_FUNCTION) {
                $tooLong[] = "{$file->getRelativePathname()}: {$name}: {$length} lines";
            }
        }
    }
    expect($files->count())->toBeGreaterThan(250);
    expect($tooLong)->toBe([]);
});

it('has no file in TypeScript that is too long to read at once', function (): void {
    $tooLong = [];
    $files = Finder::create()
        ->files()
        ->name(['*.ts', '*.tsx', '*.js', '*.css'])
        ->notPath('generated')
        ->in(array_map(base_path(...), ['resources/js', 'app/Http/Pages']));
    foreach ($files as $file) {
        array_push($tooLong, ...tooMuch($file));
    }
    expect($files->count())->toBeGreaterThan(50);
    expect($tooLong)->toBe([]);
});
