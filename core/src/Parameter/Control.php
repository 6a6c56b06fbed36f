<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

/**
 * What a type of parameters is edited and said by, one for each type. Who says or edits values has a line for each;
 * the static analyses of PHP and of TypeScript hold them against this list.
 */
enum Control: string
{
    case Assignment = 'assignment';
    case Checklist = 'checklist';
    case Choice = 'choice';
    case Condition = 'condition';
    case Date = 'date';
    case Field = 'field';
    case FieldChange = 'field_change';
    case Give = 'give';
    case LimitKind = 'limit_kind';
    case List = 'list';
    case MergedText = 'merged_text';
    case Minutes = 'minutes';
    case Offset = 'offset';
    case Option = 'option';
    case Part = 'part';
    case PeopleOrTeam = 'people_or_team';
    case Person = 'person';
    case Recurrence = 'recurrence';
    case Rotation = 'rotation';
    case Runsheet = 'runsheet';
    case Step = 'step';
    case SettableField = 'settable_field';
    case ShortText = 'short_text';
    case Skill = 'skill';
    case TaskKind = 'task_kind';
    case Team = 'team';
    case TimeOfDay = 'time_of_day';
    case WholeNumber = 'whole_number';
    case WorkingSpan = 'working_span';
    case YesNo = 'yes_no';
}
