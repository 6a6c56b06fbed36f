<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

/** One thing that is otherwise in a runsheet than it was. */
final readonly class SheetDifference
{
    /**
     * @param Block|null    $before the block as it was; null: it is new, or this is of the runsheet itself
     * @param Block|null    $after  as it is then; null: it is gone, or this is of the runsheet itself
     * @param Runsheet      $sheet  as it is then
     * @param Runsheet|null $was    as it was; null: it is a new one
     */
    public function __construct(
        public SheetAspect $aspect,
        public ?Block $before,
        public ?Block $after,
        public Runsheet $sheet,
        public ?Runsheet $was,
    ) {}
}
