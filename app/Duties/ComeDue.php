<?php

declare(strict_types=1);

namespace App\Duties;

use App\Models\Duties\Duty;
use Carbon\CarbonImmutable;
use Throwable;

/** Looks, once a minute, for the duties of which a date has come. */
final readonly class ComeDue
{
    /** Duties that are looked at in one go; the others are at the next. */
    private const MOST = 1000;

    public function __construct(private MakeDutyDate $make) {}

    /** @return int how many tasks were made */
    public function __invoke(CarbonImmutable $now): int
    {
        $made = 0;
        foreach (Duty::query()->due($now)->orderBy('next_at')->orderBy('id')->limit(self::MOST)->get('id') as $duty) {
            try {
                while (($this->make)($duty->id, $now)) {
                    ++$made;
                }
            } catch (Throwable $error) {
                // One that fails does not stop the others.
                report($error);
            }
        }

        return $made;
    }
}
