<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\Events\Notice;
use App\Words\Words;

/** What a notice says. */
final class NoticeText
{
    /** @param Notice $notice with the other person whom it is about */
    public static function of(Notice $notice, Words $words): string
    {
        return $words->say("notice.{$notice->kind->value}", [
            'person' => $notice->other->name ?? 'none',
            'text' => $notice->text ?? 'none',
        ]);
    }

    /** @return string|null number and title of the task or case, or name of the customer, that it is about */
    private static function named(Notice $notice, Words $words): ?string
    {
        return match (true) {
            $notice->task !== null => "№ {$notice->task->number} {$notice->task->title}",
            $notice->case !== null => $words->say('case.number', ['number' => (string) $notice->case->number]) .
                " {$notice->case->title}",
            default => $notice->customer?->name,
        };
    }

    /** @param Notice $notice with its task and its case, too */
    public static function line(Notice $notice, Words $words): string
    {
        $said = self::of($notice, $words);

        $of = self::named($notice, $words);

        return $of === null ? $said : "{$of}: {$said}";
    }
}
