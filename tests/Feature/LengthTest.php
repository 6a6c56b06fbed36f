<?php

declare(strict_types=1);

use Symfony\Component\Finder\Finder;

const LONGEST_FILE = 250;
const LONGEST_FUNCTION = 60;

/** @return array<string, int> lines by name, of the functions of a PHP file that have a body */
function phpFunctions(string $code): array
{
    $tokens = PhpToken::tokenize($code);
    $lengths = [];
    foreach ($tokens as $index => $token) {
        if (!$token->is(T_FUNCTION)) {
            continue;
        }
        $name = 'a closure';
        for ($at = $index + 1; !$tokens[$at]->is(['{', ';']); ++$at) {
            $name = $name === 'a closure' && $tokens[$at]->is(T_STRING) ? $tokens[$at]->text : $name;
        }
        $depth = 0;
        for ($end = $at; isset($tokens[$end]); ++$end) {
            $depth += $tokens[$end]->is(['{', T_CURLY_OPEN, T_DOLLAR_OPEN_CURLY_BRACES])
                ? 1
                : ($tokens[$end]->is('}')
                    ? -1
                    : 0);
            if ($depth === 0) {
                break;
            }
        }
        $lengths["{$name} (line {$token->line})"] = $tokens[$end]->line - $token->line + 1;
    }

    return $lengths;
}

it('has no file and no function in PHP that is too long to read at once', function (): void {
    $tooLong = [];
    $files = Finder::create()
        ->files()
        ->name('*.php')
        ->in(array_map(base_path(...), ['app', 'core', 'database', 'bench', 'config', 'routes', 'tests', 'bin']));
    foreach ($files as $file) {
        $lines = substr_count($file->getContents(), "\n");
        if ($lines > LONGEST_FILE) {
            $tooLong[] = "{$file->getRelativePathname()}: {$lines} lines";
        }
        foreach (phpFunctions($file->getContents()) as $name => $length) {
            // A closure of a test is a case with its data, not a function that is called.
            if ($length > LONGEST_FUNCTION) {
                $tooLong[] = "{$file->getRelativePathname()}: {$name}: {$length} lines";
            }
        }
    }
    expect($files->count())->toBeGreaterThan(250)->and($tooLong)->toBe([]);
});

it('has no file in TypeScript that is too long to read at once', function (): void {
    $tooLong = [];
    $files = Finder::create()
        ->files()
        ->name(['*.ts', '*.tsx'])
        ->notPath('generated')
        ->in(array_map(base_path(...), ['resources/js', 'app/Http/Pages']));
    foreach ($files as $file) {
        $lines = substr_count($file->getContents(), "\n");
        if ($lines > LONGEST_FILE) {
            $tooLong[] = "{$file->getRelativePathname()}: {$lines} lines";
        }
    }
    expect($files->count())->toBeGreaterThan(50)->and($tooLong)->toBe([]);
});
