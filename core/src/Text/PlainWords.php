<?php

declare(strict_types=1);

namespace OpenBaton\Core\Text;

use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\ValueCodec;

/** Values as documents have them, with the labels of the catalogue. */
final readonly class PlainWords implements ValueWords
{
    public function __construct(private FieldCatalogue $fields) {}

    public function value(string $path, string|int|float|bool|array $value): string
    {
        $field = $this->fields->find($path);
        $written = ValueCodec::write($value, $field->type ?? FieldType::Text);

        return implode(
            ', ',
            array_map(
                static fn(string|int|float|bool $one): string => is_bool($one)
                    ? ($one
                        ? 'yes'
                        : 'no')
                    : $field->options[(string) $one] ?? (string) $one,
                is_array($written) ? $written : [$written],
            ),
        );
    }

    public function missing(string $path): string
    {
        return '(' . ($this->fields->find($path)->label ?? $path) . ' not known)';
    }
}
