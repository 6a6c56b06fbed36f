<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Mutation;

use SebastianBergmann\CodeCoverage\CodeCoverage;

/** Which files of tests run which lines of the core, as one run of all of them has told (pcov). */
final readonly class Coverage
{
    /**
     * @param array<string, array<int, list<string>>> $tests files of tests, from the root, by file of the core (from
     *     its source) and line
     */
    private function __construct(private array $tests) {}

    /**
     * @param string $report as Pest's --coverage-php writes it
     * @param string $source folder of the core's source
     */
    public static function of(string $report, string $source): self
    {
        $coverage = require $report;
        $tests = [];
        foreach ($coverage instanceof CodeCoverage ? $coverage->getData()->lineCoverage() : [] as $file => $lines) {
            if (str_starts_with($file, "{$source}/")) {
                $tests[substr($file, strlen($source) + 1)] = array_map(
                    static fn(?array $ids): array => array_values(
                        array_unique(array_map(self::fileOf(...), $ids ?? [])),
                    ),
                    $lines,
                );
            }
        }

        return new self($tests);
    }

    /**
     * @return list<string> files of tests that run a line; of a line that is no statement of its own (a constant, a
     *     part of one that began before): those that run the file
     */
    public function testsOf(string $file, int $line): array
    {
        $lines = $this->tests[$file] ?? [];

        return $lines[$line] ?? array_values(array_unique(array_merge(...array_values($lines))));
    }

    /** Of the class that Pest makes of a file: "P\Core\tests\Chain\ChainTest". */
    private static function fileOf(string $id): string
    {
        return lcfirst(str_replace('\\', '/', substr(explode('::', $id)[0], 2))) . '.php';
    }
}
