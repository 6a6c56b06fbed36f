<?php

declare(strict_types=1);

namespace App\House;

use App\Database\Slug;

/** What is called otherwise by people than by rules and documents: its code stays when its label changes. */
final readonly class CodedLabel
{
    /** @param string|null $code null: it is new */
    public function __construct(public ?string $code, public string $label) {}

    /**
     * @param list<self>   $all
     * @param list<string> $known codes that there are
     *
     * @return array<string, string> label by code, in order; new ones get a code that no other has or had
     */
    public static function coded(array $all, array $known): array
    {
        $labels = [];
        foreach ($all as $one) {
            $code =
                $one->code !== null && in_array($one->code, $known, true)
                    ? $one->code
                    : Slug::among($one->label, [...$known, ...array_keys($labels)], '_');
            $labels[$code] = $one->label;
        }

        return $labels;
    }
}
