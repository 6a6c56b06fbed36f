<?php

declare(strict_types=1);

namespace App\Refusals;

use OpenBaton\Core\Foreseen;
use RuntimeException;

/** What was asked for is not done. What is said of it stands in the words file, under "refused". */
abstract class Refused extends RuntimeException implements Foreseen
{
    /**
     * @param string $path of the words, below "refused": the family, which has a "title" too, and what it is
     * @param array<string, string|int> $slots of the words
     */
    final protected function __construct(private readonly string $path, public readonly array $slots = [])
    {
        // For the log alone: nothing looks for words in it.
        parent::__construct("refused.{$path}");
    }

    /** Of HTTP. */
    public function status(): int
    {
        return 409;
    }

    /** The last part of the problem's type. */
    public function problem(): string
    {
        return str_replace('_', '-', $this->family());
    }

    /** Path of the words that say what kind of refusal it is. */
    public function title(): string
    {
        return "refused.{$this->family()}.title";
    }

    /** Path of the words that say what to do. */
    public function detail(): string
    {
        return "refused.{$this->path}";
    }

    final protected function path(): string
    {
        return $this->path;
    }

    private function family(): string
    {
        return explode('.', $this->path)[0];
    }
}
