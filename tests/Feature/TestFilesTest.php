<?php

declare(strict_types=1);

use Symfony\Component\Finder\Finder;

/**
 * @return array{0: list<string>, 1: list<string>} the functions that a file of tests defines, and those that it calls
 */
function functionsIn(string $code): array
{
    $tokens = array_values(
        array_filter(PhpToken::tokenize($code), static fn(PhpToken $token): bool => !$token->isIgnorable()),
    );
    [$defined, $called] = [[], []];
    foreach ($tokens as $index => $token) {
        if (!$token->is(T_STRING) || ($tokens[$index + 1] ?? null)?->is('(') !== true) {
            continue;
        }
        $before = $tokens[$index - 1];
        if ($before->is(T_FUNCTION)) {
            $defined[] = $token->text;
        } elseif (!$before->is([T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR, T_DOUBLE_COLON, T_NEW])) {
            $called[] = $token->text;
        }
    }

    return [$defined, $called];
}

it('has no file of tests that needs another', function (): void {
    $functions = [];
    foreach (
        Finder::create()
            ->files()
            ->name('*Test.php')
            ->in([base_path('tests'), base_path('core/tests')])
        as $file
    ) {
        $functions[$file->getRelativePathname()] = functionsIn($file->getContents());
    }
    $elsewhere = [];
    foreach ($functions as $name => [$defined, $called]) {
        $others = array_merge(
            ...array_values(
                array_map(static fn(array $of): array => $of[0], array_diff_key($functions, [$name => true])),
            ),
        );
        $borrowed = array_intersect($called, array_diff($others, $defined));
        if ($borrowed !== []) {
            $elsewhere[$name] = array_values(array_unique($borrowed));
        }
    }
    expect(count($functions))->toBeGreaterThan(100);
    expect(functionsIn('<?php function one(): int { return $this->two() + three(); }'))->toBe([['one'], ['three']]);
    expect($elsewhere)->toBe([]);
});

it('has no function of tests that two files define, since all of them run together', function (): void {
    $places = [];
    foreach (
        Finder::create()
            ->files()
            ->name('*.php')
            ->in([base_path('tests'), base_path('core/tests')])
        as $file
    ) {
        preg_match_all('/^function (\w+)/m', $file->getContents(), $found);
        foreach ($found[1] as $name) {
            $places[strtolower($name)][] = $file->getRelativePathname();
        }
    }
    expect(count($places))->toBeGreaterThan(50);
    expect(array_filter($places, static fn(array $files): bool => count($files) > 1))->toBe([]);
});
