<?php

declare(strict_types=1);

namespace OpenBaton\Core\Text;

/** Says values of fields within a text. */
interface ValueWords
{
    /** @param string|int|float|bool|list<string> $value as the core has it */
    public function value(string $path, string|int|float|bool|array $value): string;

    /** What stands in the place of a field that is empty. */
    public function missing(string $path): string;
}
