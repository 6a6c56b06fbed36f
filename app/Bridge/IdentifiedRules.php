<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Casts\Document;
use App\Models\Rules\RulebookVersion;

/**
 * The rules of a version of the rulebook, finished or not: a page knows of each its id and the hash of its text, and
 * asks for those that it shows.
 */
final readonly class IdentifiedRules
{
    /** @param array<array-key, mixed> $rules rule documents by id, in order */
    private function __construct(private array $rules) {}

    /**
     * @param list<mixed> $documents a draft may have been written by a program that gives no ids: its place is one,
     *     then
     */
    private static function of(array $documents): self
    {
        $rules = [];
        foreach ($documents as $at => $rule) {
            $id = is_array($rule) ? $rule['id'] ?? null : null;
            $rules[is_string($id) ? $id : "rule-{$at}"] = $rule;
        }

        return new self($rules);
    }

    /** Those that are worked on: of the draft, and where there is none those in force. */
    public static function workedOn(?RulebookVersion $draft): self
    {
        return self::of(
            array_values(
                (array) (
                    $draft ??
                    RulebookVersion::query()
                        ->published()
                        ->first(['id', 'rules'])
                )?->rules,
            ),
        );
    }

    /** @return list<array{string, string}> id and hash, in order */
    public function lines(): array
    {
        return array_map(fn(int|string $id): array => [(string) $id, $this->hash($id)], array_keys($this->rules));
    }

    /**
     * @param list<string> $ids
     *
     * @return list<array{id: string, hash: string, rule: mixed}> those that there are
     */
    public function only(array $ids): array
    {
        $known = array_values(array_filter($ids, fn(string $id): bool => array_key_exists($id, $this->rules)));

        return array_map(
            fn(string $id): array => ['id' => $id, 'hash' => $this->hash($id), 'rule' => $this->rules[$id]],
            $known,
        );
    }

    /** @return array<array-key, mixed> the documents of all of them by id, in order */
    public function byId(): array
    {
        return $this->rules;
    }

    /** @return list<mixed> the documents of all of them, in order */
    public function all(): array
    {
        return array_values($this->rules);
    }

    /** @return list<array{id: string, hash: string, rule: mixed}> the first of them */
    public function first(int $count): array
    {
        return $this->only(array_map(strval(...), array_slice(array_keys($this->rules), 0, $count)));
    }

    /** @return array<string, mixed>|null null: there is none */
    public function find(string $id): ?array
    {
        $rule = $this->rules[$id] ?? null;

        /** @var array<string, mixed>|null */
        return is_array($rule) ? $rule : null;
    }

    /**
     * @param list<mixed> $documents rules with ids, among others
     *
     * @return array<array-key, string> what pages will know them by, by id
     */
    public static function hashes(array $documents): array
    {
        $hashes = [];
        foreach ($documents as $one) {
            $id = is_array($one) ? $one['id'] ?? null : null;
            if (is_string($id)) {
                $hashes[$id] = self::hashOf($one);
            }
        }

        return $hashes;
    }

    private function hash(int|string $id): string
    {
        return self::hashOf($this->rules[$id]);
    }

    private static function hashOf(mixed $document): string
    {
        return hash('xxh64', Document::encode($document));
    }
}
