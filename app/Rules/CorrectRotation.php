<?php

declare(strict_types=1);

namespace App\Rules;

use App\Access\Actor;
use App\Access\Audit;
use App\Bridge\Houses;
use App\Models\Access\AuditRecord;
use App\Models\Rules\RotationAct;
use App\Models\Rules\RotationTurn;
use App\Refusals\NotInRotation;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use LogicException;
use OpenBaton\Core\Check\RotationUse;

/** A lead says that somebody goes without a turn, has their last one again, or that a rotation begins anew. */
final readonly class CorrectRotation
{
    public function __construct(private Houses $houses) {}

    /**
     * @param string|null $person null: everybody, where it begins anew
     *
     * @throws NotInRotation where that person has no place in it
     */
    public function __invoke(string $name, RotationAct $act, ?string $person, ?string $reason, Actor $by): void
    {
        DB::transaction(function () use ($name, $act, $person, $reason, $by): void {
            $locked = $this->houses->lock();
            $house = $locked->house->snapshot;
            $now = CarbonImmutable::now();
            $rules = RotationUse::rules($locked->house->rulebook()->rulebook)[$name] ?? [];
            $use = RotationUse::of($rules, $house->roster, $now->getTimestamp());
            $before = $locked->rotations->load([$name], $house)->named($name);
            $members = $use->seatedIn($before, $house->roster);
            $member = $act === RotationAct::BegunAnew ? null : $members[$person ?? ''] ?? throw NotInRotation::now();
            if ($members === []) {
                throw NotInRotation::now();
            }
            $joined = $before->joinedBy(array_values($members));
            $after = match (true) {
                $member === null => $joined->begunAnew($members),
                $act === RotationAct::Skipped => $joined->skipped($member),
                $act === RotationAct::PutBack => $joined->putBack($member),
                default => throw new LogicException('Rules take turns, people correct them.'),
            };
            $row = $locked->rotations->save($after, $house);
            RotationTurn::query()->create([
                'rotation_id' => $row->id,
                'at' => $now,
                'kind' => $act,
                'person_id' => $house->idOf($member?->personId),
                'passed_over' => [],
                'user_id' => $by->user?->id,
                'reason' => $reason,
            ]);
            Audit::record($by, AuditRecord::RULEBOOK, "rotation_{$act->value}", "corrected {$name}", null, [
                'rotation' => $name,
                'person' => $member?->personId,
                'reason' => $reason,
            ]);
        }, attempts: 3);
    }
}
