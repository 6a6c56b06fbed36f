<?php

declare(strict_types=1);

namespace App\Absences;

use App\Access\Actor;
use App\Bridge\AbsenceReader;
use App\Bridge\SnapshotSource;
use App\DomainEvents\About;
use App\DomainEvents\AbsenceDecided;
use App\DomainEvents\EventLog;
use App\House\ChangeHouse;
use App\Models\Absences\Absence;
use App\Refusals\AbsenceMovedOn;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Absence\AbsenceAction;
use OpenBaton\Core\Absence\AbsenceStatus;

/** Approves an absence that was asked for, or declines it, with a word. */
final readonly class DecideAbsence
{
    public function __construct(private SettleAbsence $settle, private SnapshotSource $snapshots) {}

    /** @throws AbsenceMovedOn where it has been decided or called off in the meantime */
    public function __invoke(Absence $absence, bool $approve, ?string $word, Actor $by): Absence
    {
        $name = (string) $absence->person?->name;

        $decided = ChangeHouse::run(
            $approve ? 'absence_approved' : 'absence_declined',
            ($approve ? 'approved' : 'declined') . " an absence of {$name}",
            $by,
            function () use ($absence, $approve, $word, $by): Absence {
                $locked = Absence::query()->with(Absence::WITH)->lockForUpdate()->findOrFail($absence->id);
                if (
                    !$locked->fits(
                        AbsenceAction::Decide,
                        AbsenceReader::of($locked, $this->snapshots->current()),
                        CarbonImmutable::now()->getTimestamp(),
                    )
                ) {
                    throw AbsenceMovedOn::decided();
                }
                $locked->update([
                    'status' => $approve ? AbsenceStatus::Approved : AbsenceStatus::Declined,
                    'decided_by' => $by->user?->id,
                    'decided_at' => CarbonImmutable::now(),
                    'decided_word' => $word,
                ]);
                self::say($locked, $approve, $word, $by);

                return $locked;
            },
        );
        ($this->settle)($decided->id, $by);

        return $decided;
    }

    /** Within the transaction that decides it: whose it is hears of it. */
    public static function say(Absence $absence, bool $approved, ?string $word, Actor $by): void
    {
        $events = new EventLog(CarbonImmutable::now()->getTimestamp());
        $events->add(
            new About(),
            $by->user?->id,
            new AbsenceDecided($absence->id, (string) $absence->person_id, $approved, $word),
        );
        $events->save();
    }
}
