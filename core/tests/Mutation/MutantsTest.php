<?php

declare(strict_types=1);

use OpenBaton\Core\Tests\Mutation\Mutants;

/** @return list<string> what is changed in a body, and at which line */
function mutantsOf(string $body): array
{
    return array_map(static fn(array $mutant): string => "{$mutant[0]}: {$mutant[1]}", Mutants::of("<?php\n{$body}\n"));
}

it('puts one fault at a time into what compares, counts and calls', function (string $body, array $faults): void {
    expect(mutantsOf($body))->toBe($faults);
})->with([
    'a bound and its number' => ['return $a < 3;', ['2: < → <=', '2: 3 → 4']],
    'arithmetic, not a sign' => ['return $a - -$b;', ['2: - → +']],
    'a condition' => ['if ($a && b($c)) { f(); }', ['2: && → ||', '2: negated']],
    'the name of an argument is no condition' => ['return new Rule(if: $a);', []],
    'a call as a statement' => ["f();\n    \$this->put(\$a);", ['3: without $this->put($a);']],
    'a mark in a set, a constant, a text' => ["\$seen[\$a] = true;\nconst MOST = 3;\nreturn 'a < b';", []],
]);

it('gives the whole code with the fault in it', function (): void {
    expect(array_column(Mutants::of("<?php\n\nif (\$a === 1) {\n    \$b->c();\n}\n"), 2))->toBe([
        "<?php\n\nif (\$a !== 1) {\n    \$b->c();\n}\n",
        "<?php\n\nif (\$a === 2) {\n    \$b->c();\n}\n",
        "<?php\n\nif (\$a === 1) {\n\n}\n",
        "<?php\n\nif (! (\$a === 1)) {\n    \$b->c();\n}\n",
    ]);
});
