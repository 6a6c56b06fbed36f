<?php

declare(strict_types=1);

namespace App\Http\Pages\Floor;

/** How the floor is looked at: how far ahead, in which groups and order, and whom it shows. */
final readonly class FloorView
{
    /** 0: one day, by hours. */
    public const WEEKS = [0, 1, 2, 4];

    public const GROUPS = ['team', 'skill', 'place', 'none'];

    public const SORTS = ['usual', 'load', 'room', 'over', 'late'];

    public const ONLY = ['room', 'over', 'late', 'away'];

    /**
     * @param int         $weeks one of WEEKS
     * @param string|null $only  one of ONLY; null: everybody
     * @param string|null $team  slug, as are skill and place; null: of whatever team
     */
    public function __construct(
        public int $weeks = 1,
        public string $group = 'team',
        public string $sort = 'usual',
        public ?string $only = null,
        public ?string $team = null,
        public ?string $skill = null,
        public ?string $place = null,
    ) {}

    /** Working days that are shown. */
    public function days(): int
    {
        return max(1, 5 * $this->weeks);
    }

    public function isByHours(): bool
    {
        return $this->weeks === 0;
    }

    /** @return array<string, mixed> a FloorView of FloorPage.ts */
    public function props(): array
    {
        return [
            'weeks' => $this->weeks,
            'group' => $this->group,
            'sort' => $this->sort,
            'only' => $this->only,
            'team' => $this->team,
            'skill' => $this->skill,
            'place' => $this->place,
        ];
    }
}
