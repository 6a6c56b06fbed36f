<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Gate;

use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Flow\CaseView;

/** Criteria hold for the case; of those that do not, the first that fails is told. */
final readonly class CriteriaHold implements Gate
{
    private CompiledCriteria $criteria;

    public function __construct(public Expression $only, FieldCatalogue $fields)
    {
        $this->criteria = CompiledCriteria::compile($only, $fields);
    }

    public static function kind(): string
    {
        return 'criteria_hold';
    }

    public function missing(CaseView $case, string $stage): array
    {
        $failed = $this->criteria->firstFailure($case->facts);

        return $failed === null ? [] : [new Missing(self::kind(), $failed->comparison->path, $case->ownerId)];
    }
}
