<?php

declare(strict_types=1);

namespace App\Rules;

use App\Access\Actor;
use App\Bridge\IdentifiedRules;
use App\Models\Rules\RulebookVersion;
use App\Refusals\DraftMovedOn;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;

/** Rules that come in from a file take the place of the draft; what was there comes back while nothing else is done. */
final readonly class ImportRules
{
    public function __construct(private SaveDraft $save, private DiscardDraft $discard) {}

    /**
     * @param list<array<string, mixed>> $rules
     *
     * @return int the revision of the draft, by which this can be undone
     *
     * @throws DocumentError
     * @throws DraftMovedOn
     */
    public function __invoke(array $rules, int $seenRevision, Actor $by): int
    {
        return DB::transaction(function () use ($rules, $seenRevision, $by): int {
            $before = RulebookVersion::query()->draft()->first()?->rules;
            $revision = ($this->save)($rules, $seenRevision, $by)->revision;
            RulebookVersion::query()
                ->draft()
                ->firstOrFail()
                ->update(['before_import' => ['revision' => $revision, 'rules' => $before]]);

            return $revision;
        }, attempts: 3);
    }

    /** @throws DraftMovedOn where the draft has changed since */
    public function undo(int $revision, Actor $by): void
    {
        DB::transaction(function () use ($revision, $by): void {
            $draft = RulebookVersion::query()->draft()->first();
            $kept = (array) $draft?->before_import;
            if ($draft === null || ($kept['revision'] ?? null) !== $revision) {
                throw DraftMovedOn::of($draft);
            }
            /** @var list<array<string, mixed>>|null $rules */
            $rules = $kept['rules'] ?? null;
            $rules === null ? ($this->discard)($revision, $by) : ($this->save)($rules, $revision, $by);
        }, attempts: 3);
    }

    /**
     * What a list of rules would change of those that are worked on.
     *
     * @param list<array<string, mixed>> $rules
     *
     * @return array<string, mixed>
     */
    public static function preview(array $rules): array
    {
        $now = IdentifiedRules::workedOn(RulebookVersion::query()->draft()->first());

        return RuleDifferences::of($now->all(), $rules);
    }
}
