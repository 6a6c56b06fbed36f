<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/** What the lead asks of a levelling. */
final readonly class Terms
{
    /**
     * @param non-empty-list<Measure> $order     what is minimised, the weightiest first
     * @param int|null                $mostMoves null: as many as help
     * @param int                     $leastSaving late work that each further move must save, in ten-thousandths of a
     *     second; 0: nothing is asked
     * @param bool                    $barsPeaks nobody's peak may rise to 100 % or further above
     */
    public function __construct(
        public array $order = [Measure::Late, Measure::Peak, Measure::Moves, Measure::Breaks],
        public ?int $mostMoves = null,
        public int $leastSaving = 0,
        public bool $barsPeaks = false,
    ) {}
}
