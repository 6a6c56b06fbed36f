<?php

declare(strict_types=1);

namespace App\Alerts;

use App\Bridge\Snapshot;
use App\Models\Duties\Duty;
use App\Models\Messages\Message;
use App\Models\Tasks\ChainCut;
use App\Words\Words;
use OpenBaton\Core\Alert\AlertKind;
use OpenBaton\Core\Alert\Condition;

/** Says alerts in the language of the house, each with its place; more than five of a kind at once as one. */
final class AlertWords
{
    private const MOST = 5;

    /**
     * @param list<Condition> $conditions of that kind
     *
     * @return list<SaidAlert>
     */
    public static function of(AlertKind $kind, array $conditions, Snapshot $house): array
    {
        $words = new Words();
        if (count($conditions) > self::MOST) {
            return [
                new SaidAlert(
                    $words->say("alerts.many.{$kind->value}", ['count' => count($conditions)]),
                    link: self::place($kind),
                ),
            ];
        }

        return array_map(static fn(Condition $one): SaidAlert => self::one($one, $house, $words), $conditions);
    }

    /** Where it is seen and put right. */
    public static function place(AlertKind $kind): string
    {
        return match ($kind) {
            AlertKind::Overload, AlertKind::Cut, AlertKind::CannotBeInTime, AlertKind::Unplaced => '/floor',
            AlertKind::SkillMissing => '/absences',
            AlertKind::GivenUp => '/outbox?state=given_up',
            AlertKind::DutyNotMade => '/duties',
        };
    }

    private static function one(Condition $of, Snapshot $house, Words $words): SaidAlert
    {
        $path = "alerts.said.{$of->kind->value}";

        return match ($of->kind) {
            AlertKind::Overload => new SaidAlert(
                $words->say($path, [
                    'person' => $house->roster->people[$of->about]->name,
                    'percent' => $of->figure ?? 'none',
                ]),
                link: "/floor?person={$of->about}",
            ),
            AlertKind::CannotBeInTime, AlertKind::Unplaced => new SaidAlert($words->say($path), $of->about),
            AlertKind::SkillMissing => new SaidAlert(
                $words->say($path, ['skill' => $house->roster->skills[$of->about] ?? $of->about]),
                link: self::place($of->kind),
            ),
            AlertKind::GivenUp => new SaidAlert(
                $words->say($path, ['person' => Message::query()->find((int) $of->about)->recipient_name ?? '']),
                link: "/outbox?message={$of->about}",
            ),
            AlertKind::Cut => new SaidAlert($words->say($path), ChainCut::query()->find($of->about)?->task_id),
            AlertKind::DutyNotMade => self::duty(Duty::query()->find($of->about), $path, $words),
        };
    }

    private static function duty(?Duty $duty, string $path, Words $words): SaidAlert
    {
        return new SaidAlert(
            $words->say($path, ['duty' => $duty->name ?? '']),
            link: $duty === null ? self::place(AlertKind::DutyNotMade) : "/duties/{$duty->slug}/edit",
        );
    }
}
