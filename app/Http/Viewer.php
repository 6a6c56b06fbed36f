<?php

declare(strict_types=1);

namespace App\Http;

use App\Access\Actor;
use App\Bridge\HouseAt;
use App\Bridge\Houses;
use App\Bridge\Snapshot;
use App\Explain\HouseWords;
use App\Fields\FieldsInWords;
use App\Models\Access\User;
use App\Models\People\Person;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\WorkSpan;
use App\Tasks\WorkClock;
use App\Words\Locales;
use App\Words\Words;
use Illuminate\Http\Request;
use OpenBaton\Core\Time\Zone;

/** Whoever is looking: who they are, and in which zone they read times. */
final class Viewer
{
    private ?HouseAt $house = null;

    private ?Snapshot $read = null;

    /** @var list{WorkSpan|null}|null null: not asked yet */
    private ?array $counting = null;

    public function __construct(
        private readonly Request $request,
        private readonly Houses $houses,
        private readonly Words $words,
    ) {}

    public function user(): User
    {
        $user = $this->request->user();

        return $user instanceof User ? $user : abort(401);
    }

    public function actor(): Actor
    {
        return Actor::user($this->user());
    }

    public function person(): ?Person
    {
        return $this->user()->person;
    }

    /** What their time is being counted on. */
    public function counting(): ?WorkSpan
    {
        $person = $this->person();

        return $person === null ? null : ($this->counting ??= [WorkClock::runningOf($person)])[0];
    }

    public function zone(): Zone
    {
        return new Zone($this->person()->zone ?? $this->snapshot()->zone);
    }

    public function words(): HouseWords
    {
        return new HouseWords($this->words, $this->snapshot(), $this->zone());
    }

    /** The house as it was when this request first asked. */
    public function house(): HouseAt
    {
        return $this->house ??= $this->houses->now();
    }

    /** The house as they read it, its fields in their language. */
    public function snapshot(): Snapshot
    {
        $house = $this->house()->snapshot;
        if ($this->words->locale->words === Locales::ofHouse()->words) {
            return $house;
        }

        return $this->read ??= $house->withCatalogue(FieldsInWords::of($house->catalogue, $this->words));
    }

    /** The draft for those who write it, and else what is in force. */
    public function workedOn(): ?RulebookVersion
    {
        $draft = $this->user()->can('write', RulebookVersion::class)
            ? RulebookVersion::query()->draft()->first()
            : null;

        return $draft ?? RulebookVersion::query()->published()->first();
    }

    /** @return array<array-key, string> names of the published rules, by id */
    public function ruleNames(): array
    {
        return array_column($this->house()->rulebook()->rulebook->rules, 'name', 'id');
    }
}
