<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Database\Stamp;
use App\Models\Cases\CaseStay;
use App\Models\Cases\CustomerCase;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Document\GateFormat;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Flow\Stay;
use OpenBaton\Core\Parameter\Assignment;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Time\WorkingTime;

/** Writes the cases that a chain touched as they are after it, each with its stays and the people of it. */
final readonly class CaseRecorder
{
    public function __construct(private HouseAt $house) {}

    /**
     * Before its tasks, which name their case.
     *
     * @param array<array-key, CustomerCase> $rows those that are known, with RELATIONS and locked, by id
     */
    public function record(ChainResult $chain, array $rows): void
    {
        $made = [];
        foreach ($chain->links as $link) {
            if ($link->change->isArrival() && $link->change->case() !== null) {
                $made[$link->change->after->id] = true;
            }
        }
        $missing = array_map(strval(...), array_keys(array_diff_key($chain->cases(), $rows, $made)));
        if ($missing !== []) {
            foreach (
                CustomerCase::query()->with(CaseSubjects::RELATIONS)->lockForUpdate()->findMany($missing)
                as $row
            ) {
                $rows[$row->id] = $row;
            }
        }
        foreach ($chain->cases() as $id => $case) {
            $row = $rows[$id] ?? new CustomerCase(['id' => $case->id, 'revision' => 0]);
            $this->put($case, $row);
            ++$row->revision;
            $row->exists ? $row->save() : $row->saveNumbered();
            $this->stays($case, $row);
            $row->syncOthers($row->watchers(), $this->house->snapshot->idsOf($case->watcherIds));
            $row->syncOthers($row->claimants(), $this->house->snapshot->idsOf($case->openTo));
        }
    }

    private function put(CaseSubject $case, CustomerCase $row): void
    {
        $house = $this->house->snapshot;
        $stay = $case->stays->current();
        $title = $case->fields[CaseFields::TITLE] ?? null;
        $row->fill([
            'title' => is_string($title) ? $title : (string) $row->title,
            'track_id' => $house->trackId($case->trackId),
            'stage' => $stay->stage,
            'stage_since' => CarbonImmutable::createFromTimestampUTC($stay->enteredAt),
            'outcome' => $case->outcome,
            'opened_at' => CarbonImmutable::createFromTimestampUTC($case->createdAt),
            'closed_at' => $stay->leftAt === null ? null : CarbonImmutable::createFromTimestampUTC($stay->leftAt),
            'customer_id' => $case->customerId,
            'owner_id' => $house->idOf($case->holderId),
            'previous_owner_id' => $house->idOf($case->previousHolderId),
            'covering' =>
                $case->covering === null
                    ? null
                    : [
                        'for' => $house->idOf($case->covering->forId),
                        'absence' => $case->covering->absenceId,
                        'via' => $case->covering->via,
                    ],
            'covering_for_id' => $house->idOf($case->covering?->forId),
            'creator_id' => $house->idOf($case->creatorId),
            'parent_id' => $case->parentId,
            'facts' => $this->facts($case, (array) $row->facts),
            'tags' => $case->tags,
            'comments_count' => $case->comments,
            'files_count' => $case->files,
            'made_by_id' => $case->madeById,
            'made_by_rule' => $case->madeByRule,
            'open_needed' => $case->openNeeded,
            'runs' => $case->runs,
            'refused' =>
                $case->refused === null
                    ? null
                    : [
                        'to' => $case->refused->to,
                        'why' => $case->refused->why->value,
                        'missing' => GateFormat::writeClosed($case->refused->missing),
                    ],
        ]);
        $row->next_moment_at = NextMoments::of(
            $this->house->timers(),
            $case,
            $row->next_moment_at,
            $this->house->state->tickedAt,
        );
    }

    /**
     * @param array<array-key, mixed> $known
     *
     * @return array<array-key, mixed>
     */
    private function facts(CaseSubject $case, array $known): array
    {
        foreach ($this->house->snapshot->catalogue->fields as $path => $field) {
            if (Assignment::isSettableOfCase($path)) {
                unset($known[$path]);
                $value = $case->fields[$path] ?? null;
                if ($value !== null) {
                    $known[$path] = ValueCodec::write($value, $field->type);
                }
            }
        }

        return $known;
    }

    /** The stays that were there stay as they were, but for the last, which may have been left. */
    private function stays(CaseSubject $case, CustomerCase $row): void
    {
        $last = $row->wasRecentlyCreated ? null : $row->lastStay;
        $place = $last === null ? 0 : $last->place;
        foreach ($case->stays->all as $number => $stay) {
            if ($number === 0 && $last !== null) {
                if ($last->left_at === null && $stay->leftAt !== null) {
                    $last->update($this->left($stay));
                }
                continue;
            }
            CaseStay::query()->create(
                [
                    'case_id' => $row->id,
                    'track_id' => $row->track_id,
                    'place' => ++$place,
                    'stage' => $stay->stage,
                    'came_from' => self::cameFrom($case->stays->all[$number - 1] ?? null, $stay),
                    'entered_at' => Stamp::of($stay->enteredAt),
                    'passed' => $stay->passed === [] ? null : GateFormat::writeClosed($stay->passed),
                    'reason' => $stay->reason,
                ] + $this->left($stay),
            );
        }
        $row->unsetRelation('lastStay');
    }

    /** @return string|null the stage from which it was moved; null: it was closed before, or is new */
    private static function cameFrom(?Stay $before, Stay $stay): ?string
    {
        return $before?->leftAt === $stay->enteredAt ? $before->stage : null;
    }

    /** @return array{left_at: string|null, minutes: int|null} */
    private function left(Stay $stay): array
    {
        $house = new WorkingTime($this->house->snapshot->roster->house);

        return $stay->leftAt === null
            ? ['left_at' => null, 'minutes' => null]
            : [
                'left_at' => Stamp::of($stay->leftAt),
                'minutes' => $house->minutesBetween($stay->enteredAt, $stay->leftAt),
            ];
    }
}
