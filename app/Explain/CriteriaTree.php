<?php

declare(strict_types=1);

namespace App\Explain;

use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\TracedPart;
use OpenBaton\Core\Document\CriteriaFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\RuleContext;

/** What became of criteria, part by part, in words. */
final readonly class CriteriaTree
{
    private CriteriaFormat $format;

    public function __construct(private HouseWords $house, private FieldCatalogue $fields)
    {
        $this->format = new CriteriaFormat(new RuleContext(KindRegistry::standard(), $fields));
    }

    /** @return array<string, mixed> a CriteriaTree of WhyPage.ts */
    public function of(TracedPart $part): array
    {
        $comparison = $part->comparison;
        if ($comparison === null) {
            return [
                'kind' => $part->kind?->value,
                'holds' => $part->holds,
                'parts' => array_map($this->of(...), $part->parts),
            ];
        }
        $type = $this->fields->compared($comparison->path)?->type;
        $seen = $part->seen;
        $written =
            $type !== null && (is_scalar($seen) || is_array($seen))
                ? ValueCodec::write(is_array($seen) ? self::texts($seen) : $seen, $type)
                : null;

        return [
            'kind' => null,
            'holds' => $part->holds,
            'asks' => (new CriteriaWords($this->house))->say(Node::root($this->format->writeComparison($comparison))),
            'seen' => $this->house->value($comparison->path, $written === [] ? null : $written),
        ];
    }

    /**
     * @param array<array-key, mixed> $values
     *
     * @return list<string>
     */
    private static function texts(array $values): array
    {
        return array_values(array_filter($values, is_string(...)));
    }
}
