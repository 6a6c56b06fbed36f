<?php

declare(strict_types=1);

namespace App\Explain;

use App\Bridge\Snapshot;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Text\ValueWords;

/** Values within a text that rules write, in the words of the house. */
final readonly class MergedWords implements ValueWords
{
    public function __construct(private HouseWords $words, private Snapshot $house) {}

    public function value(string $path, string|int|float|bool|array $value): string
    {
        $type = $this->house->catalogue->find($path)->type ?? FieldType::Text;

        return $this->words->value($path, ValueCodec::write($value, $type));
    }

    public function missing(string $path): string
    {
        return $this->words->words->say('merged.missing', ['field' => $this->words->field($path)]);
    }
}
