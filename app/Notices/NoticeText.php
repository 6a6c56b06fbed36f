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

    /** @param Notice $notice with its task, too */
    public static function line(Notice $notice, Words $words): string
    {
        $said = self::of($notice, $words);

        return $notice->task === null ? $said : "№ {$notice->task->number} {$notice->task->title}: {$said}";
    }
}
