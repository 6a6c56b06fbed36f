<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldType;

/** The fields that criteria of the tests ask for. */
trait BuildsFields
{
    public static function fields(): FieldCatalogue
    {
        return new FieldCatalogue([
            new Field('task.kind', 'Kind', FieldType::OneOf, [
                'repair' => 'Repair',
                'quote' => 'Quote',
                'tuning' => 'Tuning',
            ]),
            new Field('task.title', 'Title', FieldType::Text),
            new Field('task.value', 'Value', FieldType::Money),
            new Field('task.count', 'Instruments', FieldType::Number),
            new Field('task.rush', 'Rush', FieldType::YesNo),
            new Field('task.needed', 'Needed on', FieldType::Date),
            new Field('task.estimate', 'Estimate', FieldType::Duration),
            new Field('task.collected_at', 'Collected at', FieldType::Time),
            new Field('task.tags', 'Tags', FieldType::Tags),
            new Field('task.parts', 'Parts', FieldType::ManyOf, [
                'valve' => 'Valve',
                'slide' => 'Slide',
                'pad' => 'Pad',
            ]),
            new Field('case.owner', 'Owner of the case', FieldType::Person),
            new Field('case.deputy', 'Deputy for the case', FieldType::Person),
            new Field('task.returned', 'Returned on', FieldType::Date),
            new Field('task.arrived', 'Arrived on', FieldType::Date),
            new Field('task.due', 'Due on', FieldType::Date),
            new Field('task.wakes', 'Waits until', FieldType::Date),
            new Field('task.status', 'Status', FieldType::OneOf, [
                'new' => 'New',
                'working' => 'Working',
                'waiting' => 'Waiting',
                'in_review' => 'In review',
                'done' => 'Done',
                'dropped' => 'Dropped',
            ]),
            new Field('task.assignee', 'Assignee', FieldType::Person),
            new Field('task.reviewer', 'Reviewer', FieldType::Person),
            new Field('task.last_reviewer', 'Last reviewer', FieldType::Person),
            new Field('customer.hire_ends', 'End of the hire', FieldType::Date),
            new Field('customer.owner', 'Owner of the customer', FieldType::Person),
            new Field('moment.weekday', 'Day of the week', FieldType::OneOf, [
                'friday' => 'Friday',
                'saturday' => 'Saturday',
            ]),
            new Field('moment.time', 'Time of day', FieldType::Time),
            new Field('moment.house_open', 'Within our hours', FieldType::YesNo),
            new Field('moment.holiday', 'On a holiday', FieldType::YesNo),
            new Field('moment.place_on', 'Somebody at work there', FieldType::YesNo),
            new Field('moment.teams_on', 'Teams at work', FieldType::ManyOf, [
                'brass' => 'Brass bench',
                'band' => 'Band desk',
            ]),
        ]);
    }
}
