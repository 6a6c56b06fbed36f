<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\OperatorList;
use OpenBaton\Core\Rulebook\StandardKinds;

it(
    'reads no clock, no file and no chance, and names nothing beyond itself, PHP, and one library that knows ' .
        'recurrence rules',
    function (): void {
        $files = new RegexIterator(
            new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__ . '/../src')),
            '/\.php$/',
        );
        $checked = 0;
        foreach ($files as $file) {
            $code = (string) file_get_contents((string) $file);
            expect($code)
                ->toContain('declare(strict_types=1);')
                ->not->toMatch(
                    preg_match('#/Time/(Recurrence|BoundedRule)\.php$#', (string) $file) === 1
                        ? '/^use (?!OpenBaton\\\\Core\\\\|Sabre\\\\VObject\\\\)\w+\\\\/m'
                        : '/^use (?!OpenBaton\\\\Core\\\\)\w+\\\\/m',
                )
                ->not->toMatch(
                    '/(?<![\w>:])(?<!function )(time|microtime|hrtime|date|rand|mt_rand|random_int|shuffle|' .
                        'file_get_contents|file_put_contents|fopen|getenv|echo|print)\(/',
                )
                ->not->toMatch('/\\\\(Illuminate|App|Tests)\\\\|\b(app|config|now)\(/')
                ->not->toMatch('/new \\\\?DateTime(Immutable)?\(\)/');
            ++$checked;
        }
        expect($checked)->toBeGreaterThan(80);
    },
);

it('keeps operators and the parts of rules final and unchangeable', function (): void {
    $classes = [
        ...array_merge(...array_values(StandardKinds::BY_FAMILY)),
        ...array_map(get_class(...), array_values(OperatorList::all())),
    ];
    foreach ($classes as $class) {
        $reflection = new ReflectionClass($class);
        expect([$class, $reflection->isFinal(), $reflection->isReadOnly()])->toBe([$class, true, true]);
    }
});
