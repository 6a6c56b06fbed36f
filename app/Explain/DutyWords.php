<?php

declare(strict_types=1);

namespace App\Explain;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\Duty\AfterLast;
use OpenBaton\Core\Flow\Duty\ByCalendar;
use OpenBaton\Core\Flow\Duty\Duty;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\PartFormat;

/** Standing duties in words. */
final readonly class DutyWords
{
    private PartWords $parts;

    public function __construct(private HouseWords $house)
    {
        $this->parts = new PartWords($house, KindRegistry::standard());
    }

    /** When it comes back. */
    public function comes(Duty $duty): string
    {
        $words = $this->house->words;
        $rhythm = $duty->rhythm;

        return match (true) {
            $rhythm instanceof ByCalendar => (new RecurrenceWords($words))->say($rhythm->recurrence->rule),
            $rhythm instanceof AfterLast => $words->say('duty.after_last', [
                'distance' => $this->house->distance($rhythm->distance->format()),
            ]),
            default => '',
        };
    }

    /** To whom its tasks go. */
    public function who(Duty $duty): string
    {
        $give = $duty->template->give;

        return $give === null
            ? $this->house->words->say('duty.by_rules')
            : $this->house->words->say('duty.who_says', [
                'pool' => $this->parts->say(Family::Pool, Node::root(PartFormat::write($give->pool))),
                'method' => $this->parts->say(Family::Method, Node::root(PartFormat::write($give->method))),
            ]);
    }

    /** All of it, in a sentence. */
    public function sentence(Duty $duty): string
    {
        return $this->house->words->say('duty.sentence', [
            'comes' => $this->comes($duty),
            'who' => $this->who($duty),
            'off_day' => $duty->offDay->value,
            'still_open' => $duty->stillOpen->value,
        ]);
    }
}
