<?php

declare(strict_types=1);

namespace App\Duties;

use App\Bridge\CustomerSource;
use App\Bridge\HouseAt;
use App\Fields\FieldProviders;
use App\Fields\KnownCustomer;
use App\Intake\IncomingTask;
use App\Intake\OfDuty;
use App\Intake\OwnWay;
use App\Models\Duties\Duty as DutyRow;
use App\Models\Tasks\TaskSource;
use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Flow\Duty\Duty;
use OpenBaton\Core\Flow\Duty\DutyDate;
use OpenBaton\Core\Flow\Duty\DutyFields;
use OpenBaton\Core\Rulebook\OwnGive;
use OpenBaton\Core\Subject\HouseSubject;

/** The task that a duty makes for one of its dates. */
final readonly class DutyTask
{
    public function __construct(private CustomerSource $customers, private FieldProviders $fields) {}

    /** @return IncomingTask|null null: its kind is no longer there */
    public function of(DutyRow $row, Duty $duty, DutyDate $date, HouseAt $at): ?IncomingTask
    {
        $house = $at->snapshot;
        $template = $duty->template;
        $kind = $house->kindNamed($template->taskKind);
        if ($kind === null) {
            return null;
        }
        $customer = $this->customer($duty, $at);
        $facts = $this->facts($duty, $date, $customer, $at);
        $give = $template->give;

        return new IncomingTask(
            self::title($duty, $facts, $at),
            $kind,
            TaskSource::Duty,
            $template->details === null
                ? null
                : mb_substr($template->details->fill($facts, $at->words()), 0, TextLimits::DETAILS),
            $customer,
            estimateMinutes: $template->estimate,
            dueAt: $date->dueAt,
            facts: $kind->defaults,
            tags: $template->tags,
            needed: $kind->needed,
            duty: new OfDuty($row->id, $duty->id),
            own: new OwnWay(
                $house->checklists[$template->checklist ?? '']->items ?? [],
                $give === null ? null : new OwnGive("duty.{$duty->id}", $duty->name, $give),
            ),
        );
    }

    /** What a task of it is called on some of its dates. */
    public function titleOn(Duty $duty, DutyDate $date, HouseAt $at): string
    {
        return self::title($duty, $this->facts($duty, $date, $this->customer($duty, $at), $at), $at);
    }

    private static function title(Duty $duty, Facts $facts, HouseAt $at): string
    {
        return mb_substr($duty->template->title->fill($facts, $at->words()), 0, TextLimits::NAME);
    }

    private function customer(Duty $duty, HouseAt $at): ?KnownCustomer
    {
        $slug = $duty->template->customer;

        return $slug === null ? null : $this->customers->named($slug, $at);
    }

    private function facts(Duty $duty, DutyDate $date, ?KnownCustomer $customer, HouseAt $at): Facts
    {
        $seen = $this->fields->ofCustomer($customer, TaskSource::Duty, $at->snapshot->fieldContext());
        $house = new HouseSubject();
        $known = $at->router()->facts->of($house, $house, $date->appearsAt);

        return new Facts(
            array_filter($seen, static fn(mixed $value): bool => $value !== null) +
                DutyFields::values($duty, $date) +
                $known->values,
            $known->today,
            days: $known->days,
        );
    }
}
