<?php

declare(strict_types=1);

namespace App\Reminders;

use App\Bridge\HouseAt;
use App\Bridge\TextWords;
use App\Models\Reminders\Reminder;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Message\HarmlessText;
use OpenBaton\Core\Subject\StateFields;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Text\MergedText;

/** What a reminder says: its own text with the fields of the task, else the date that it is about. */
final readonly class ReminderWords
{
    public const MOST = 1000;

    public function __construct(private TextWords $words) {}

    public function of(Reminder $reminder, TaskSubject $subject, HouseAt $house): string
    {
        $words = $this->words->of($house->snapshot);
        if ($reminder->text !== null) {
            $facts = $house->router()->facts->of($subject, $subject, CarbonImmutable::now()->getTimestamp());

            return HarmlessText::prose(MergedText::parse($reminder->text)->fill($facts, $words), self::MOST);
        }
        $catalogue = $house->snapshot->catalogue;
        $value = StateFields::seen($subject, $house->snapshot->roster->house->zone())[$reminder->field] ?? '';

        return ($catalogue->find($reminder->field)->label ?? $reminder->field) .
            ': ' .
            $words->value($reminder->field, $value);
    }
}
