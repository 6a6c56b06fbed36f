<?php

declare(strict_types=1);

namespace App\Levelling;

use OpenBaton\Core\Levelling\Measure;
use OpenBaton\Core\Levelling\Movable;
use OpenBaton\Core\Levelling\Terms;

/** What the lead asks of a levelling, as it is kept. */
final readonly class LevelTerms
{
    public const DAYS = [1, 5, 10, 20];

    public const MOST_MOVES = 500;

    /** Minutes. */
    public const MOST_SAVING = 2_400;

    /**
     * @param list<Measure> $order    the weightiest first, each once
     * @param int           $days     working days within which what is due may move
     * @param int|null      $mostMoves null: as many as help
     * @param int           $leastSaving minutes of late work that each further move must save
     * @param bool          $barsPeaks nobody may become or stay fuller than full by it
     * @param bool          $working  work that was begun may move as well
     */
    public function __construct(
        public array $order,
        public int $days = 5,
        public ?int $mostMoves = null,
        public int $leastSaving = 0,
        public bool $barsPeaks = false,
        public bool $working = false,
    ) {}

    /** @param array<string, mixed> $kept */
    public static function read(array $kept): self
    {
        $order = [];
        foreach (is_array($kept['order'] ?? null) ? $kept['order'] : [] as $name) {
            $order[] = is_string($name) ? Measure::tryFrom($name) : null;
        }
        $int = static fn(string $name): ?int => is_int($kept[$name] ?? null) ? $kept[$name] : null;

        return new self(
            array_values(array_filter($order)),
            $int('days') ?? 5,
            $int('most_moves'),
            $int('least_saving') ?? 0,
            ($kept['bars_peaks'] ?? false) === true,
            ($kept['working'] ?? false) === true,
        );
    }

    /** @return array<string, mixed> */
    public function write(): array
    {
        return [
            'order' => array_column($this->order, 'value'),
            'days' => $this->days,
            'most_moves' => $this->mostMoves,
            'least_saving' => $this->leastSaving,
            'bars_peaks' => $this->barsPeaks,
            'working' => $this->working,
        ];
    }

    /** For the core: measures that are not named come last, in their usual order. */
    public function terms(): Terms
    {
        $order = array_values(array_unique([...$this->order, ...Measure::cases()], SORT_REGULAR));

        return new Terms($order, $this->mostMoves, $this->leastSaving * Movable::UNITS_A_MINUTE, $this->barsPeaks);
    }
}
