<?php

declare(strict_types=1);

namespace App\Rules;

use App\Access\Actor;
use App\Access\Audit;
use App\Bridge\RulebookReader;
use App\Bridge\SnapshotSource;
use App\Models\Access\AuditRecord;
use App\Models\Rules\RulebookVersion;
use App\Models\Rules\VersionState;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Timer\RuleTimers;

/** Puts a version in force, in the form that documents have; the one that was becomes an earlier one. */
final readonly class Publishing
{
    public function __construct(private SnapshotSource $snapshots, private RulebookReader $rulebooks) {}

    /**
     * Within a transaction that holds the lock of the house.
     *
     * @throws DocumentError where a rule is not right for the house
     */
    public function publish(RulebookVersion $version, ?string $note, Actor $by): void
    {
        $rulebook = $this->rulebooks->check($version->rules, $this->snapshots->current());
        $published = RulebookVersion::query()->published()->first();
        if ($published !== null) {
            $published->state = VersionState::Earlier;
            $published->save();
        }
        self::write($version, $rulebook);
        $version->state = VersionState::Published;
        $version->number = ($published->number ?? 0) + 1;
        $version->note = $note;
        $version->publish_at = null;
        $version->fault = null;
        $version->published_at = $now = CarbonImmutable::now();
        $version->timers = self::timersSince($rulebook, $published?->timersSince() ?? [], $now->getTimestamp());
        $version->saved_by = $by->user?->id;
        $version->saved_by_system = $by->system;
        $version->save();
        Audit::record(
            $by,
            AuditRecord::RULEBOOK,
            'published',
            "published version {$version->number} of the rulebook",
            $version,
            ['number' => $version->number],
        );
        RulebookPublished::dispatch($version->id, $now->getTimestamp());
    }

    /**
     * The rules of a version checked, and written as documents have them.
     *
     * @throws DocumentError where a rule is not right for the house
     */
    public function settle(RulebookVersion $version): void
    {
        self::write($version, $this->rulebooks->check($version->rules, $this->snapshots->current()));
    }

    private static function write(RulebookVersion $version, Rulebook $rulebook): void
    {
        $version->rules = RulebookFormat::writeRules($rulebook);
        $version->fields = RulebookFormat::writeCatalogue($rulebook->fields);
    }

    /**
     * A timer that was published before keeps its moment, whatever else changed in its rule.
     *
     * @param array<string, int> $before
     *
     * @return array<string, int> instant by id of the timer
     */
    private static function timersSince(Rulebook $rulebook, array $before, int $now): array
    {
        $since = [];
        foreach (array_keys(RuleTimers::of($rulebook)->all) as $id) {
            $since[$id] = $before[$id] ?? $now;
        }

        return $since;
    }
}
