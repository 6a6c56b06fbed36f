<?php

declare(strict_types=1);

namespace App\Tables;

use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Document\DocumentError;

/** What a row does, or why it does nothing. */
final readonly class ImportVerdict
{
    public const MAKES = 'makes';
    public const CHANGES = 'changes';
    public const SAME = 'same';
    public const WRONG = 'wrong';

    /**
     * @param self::MAKES|self::CHANGES|self::SAME|self::WRONG $what
     * @param string      $label  of what it is about
     * @param list<Fault> $faults by line and column
     */
    public function __construct(
        public int $line,
        public string $what,
        public string $label,
        public array $faults = [],
    ) {}

    /** @param array<string, string> $columns of the members that faults are about, where they are called otherwise */
    public static function wrong(int $line, string $label, DocumentError $error, array $columns = []): self
    {
        return new self(
            $line,
            self::WRONG,
            $label,
            array_map(static function (Fault $fault) use ($line, $columns): Fault {
                $at = trim(str_replace(['/set/', '/fields/'], '/', $fault->pointer), '/');
                $at = self::column($at, $columns);

                return new Fault(
                    $at === '' ? "/line {$line}" : "/line {$line}/{$at}",
                    $fault->message,
                    $fault->unfinished,
                    $fault->slots,
                );
            }, $error->faults),
        );
    }

    /** @param array<string, string> $columns by the member that they say, with all that is in it */
    private static function column(string $at, array $columns): string
    {
        foreach ($columns as $member => $column) {
            if ($at === $member || str_starts_with($at, "{$member}/")) {
                return $column;
            }
        }

        return $at;
    }
}
