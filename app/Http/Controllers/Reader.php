<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bridge\Snapshot;
use App\Bridge\SnapshotSource;
use App\Explain\Words;
use App\Models\Person;
use App\Models\User;
use Illuminate\Http\Request;
use OpenBaton\Core\Time\Zone;

/** Whoever is looking: who they are, and in which zone they read times. */
final readonly class Reader
{
    public function __construct(private Request $request, private SnapshotSource $snapshots) {}

    public function user(): User
    {
        $user = $this->request->user();

        return $user instanceof User ? $user : abort(401);
    }

    public function person(): ?Person
    {
        return $this->user()->person;
    }

    public function zone(): Zone
    {
        return new Zone($this->person()->zone ?? $this->snapshot()->zone);
    }

    public function words(): Words
    {
        return new Words($this->snapshot(), $this->zone());
    }

    public function snapshot(): Snapshot
    {
        return $this->snapshots->current();
    }
}
