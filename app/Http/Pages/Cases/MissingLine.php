<?php

declare(strict_types=1);

namespace App\Http\Pages\Cases;

use App\Http\Viewer;

/** What a case waits for, and who is to see to it. Its type is CaseView.ts. */
final class MissingLine
{
    /**
     * @param list<array{what: string, who: string|null, task: string|null}> $lines
     *
     * @return list<array{what: string, who: array{slug: string, name: string}|null, task: string|null}>
     */
    public static function all(array $lines, Viewer $viewer): array
    {
        return array_map(
            static fn(array $line): array => [
                'who' =>
                    $line['who'] === null
                        ? null
                        : ['slug' => $line['who'], 'name' => $viewer->words()->person($line['who'])],
            ] + $line,
            $lines,
        );
    }
}
