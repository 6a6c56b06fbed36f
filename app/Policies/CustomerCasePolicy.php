<?php

declare(strict_types=1);

namespace App\Policies;

use App\Bridge\SnapshotSource;
use App\Cases\CasesInSight;
use App\Models\Access\User;
use App\Models\Cases\CustomerCase;
use Carbon\CarbonImmutable;

/** Who may do what with a case. */
final class CustomerCasePolicy
{
    /** Looking for cases; what is found is what they see. */
    public function find(User $user): bool
    {
        return $user->person !== null || $user->leads();
    }

    public function view(User $user, CustomerCase $case): bool
    {
        return app(CasesInSight::class)->includes($user, $case);
    }

    public function create(User $user): bool
    {
        return $user->leads() || ($user->person !== null && config()->boolean('baton.members_create'));
    }

    public function comment(User $user, CustomerCase $case): bool
    {
        return $this->view($user, $case);
    }

    /** Its title, its fields, its tags; closing and reopening it. */
    public function edit(User $user, CustomerCase $case): bool
    {
        return $user->leads() || $this->owns($user, $case);
    }

    /** To another stage: who may is said by the stage in which it stands. */
    public function move(User $user, CustomerCase $case): bool
    {
        if ($user->leads()) {
            return true;
        }
        $house = app(SnapshotSource::class)->current();
        $slug = $house->personSlugs[(string) $user->person?->id] ?? null;
        $track = $house->tracks[$house->trackSlugs[$case->track_id] ?? ''] ?? null;
        foreach ($track === null ? [] : $track->stages as $stage) {
            if ($slug !== null && $stage->key === $case->stage) {
                return $stage->movers->include(
                    $slug,
                    $house->personSlugs[(string) $case->owner_id] ?? null,
                    $house->roster,
                    $house->roster->house->zone()->dateAt(CarbonImmutable::now()->getTimestamp()),
                );
            }
        }

        return false;
    }

    /** Having it pass what is missing, with a reason. */
    public function pass(User $user): bool
    {
        return $user->leads();
    }

    /** Giving it to another owner. */
    public function give(User $user, CustomerCase $case): bool
    {
        return $user->leads() || $this->owns($user, $case);
    }

    /** Taking what nobody owns. */
    public function claim(User $user, CustomerCase $case): bool
    {
        $person = $user->person;

        return $person !== null &&
            $case->owner_id === null &&
            $case->isOpen() &&
            $case->claimants()->whereKey($person->id)->exists();
    }

    private function owns(User $user, CustomerCase $case): bool
    {
        return $user->person !== null && $case->owner_id === $user->person->id;
    }
}
