<?php

declare(strict_types=1);

namespace App\Tasks;

/**
 * Which tasks a list has, and in which order: what stands in its address.
 *
 * @phpstan-type Params array<string, string>
 */
final readonly class TaskFilter
{
    public const OPEN = 'open';
    public const ALL = 'all';
    /** Open ones that somebody else should do. */
    public const TO_HAND_ON = 'to_hand_on';
    public const NOBODY = 'nobody';
    /** Held by nobody, and nobody may claim it. */
    public const UNPLACED = 'unplaced';
    public const DUE = ['late', 'soon', 'today', 'week', 'none', 'missed'];
    /** Days of which there may be a first and a last one. */
    public const DATES = ['due' => 'due_at', 'arrived' => 'arrived_at', 'ended' => 'completed_at'];
    public const SORTS = ['number', 'title', 'kind', 'customer', 'holder', 'status', 'priority', 'due', 'arrived'];
    public const GROUPS = ['holder', 'kind', 'status', 'priority'];

    /** Members of an address, each with what it is where it is not there. */
    private const USUAL = [
        'q' => '',
        'status' => self::OPEN,
        'kind' => '',
        'holder' => '',
        'team' => '',
        'customer' => '',
        'priority' => '',
        'due' => '',
        'dates' => '',
        'from' => '',
        'to' => '',
        'tag' => '',
        'sort' => 'due',
        'down' => '',
        'group' => '',
        'cols' => '',
    ];

    public string $text;
    public string $status;
    public string $kind;
    public string $holder;
    public string $team;
    public string $customer;
    public string $priority;
    public string $due;

    /** One of DATES; empty: whatever days. */
    public string $dates;

    /** YYYY-MM-DD in the house, as is $to; empty: since ever. */
    public string $from;

    public string $to;
    public string $tag;
    public string $sort;
    public bool $down;
    public string $group;

    /** @var list<string> of the columns that are shown; none: the usual ones */
    public array $columns;

    /** @param array<string, string> $given members of an address; those that are not known count for nothing */
    public function __construct(array $given)
    {
        $given = array_intersect_key($given, self::USUAL) + self::USUAL;
        $this->text = trim($given['q']);
        $this->status = $given['status'];
        $this->kind = $given['kind'];
        $this->holder = $given['holder'];
        $this->team = $given['team'];
        $this->customer = $given['customer'];
        $this->priority = $given['priority'];
        $this->due = $given['due'];
        $this->dates = $given['dates'];
        $this->from = $given['from'];
        $this->to = $given['to'];
        $this->tag = trim($given['tag']);
        $this->sort = $given['sort'];
        $this->down = $given['down'] === '1';
        $this->group = $given['group'];
        $this->columns = array_values(array_filter(explode(',', $given['cols'])));
    }

    /** @return Params members of its address that are not as usual */
    public function params(): array
    {
        $params = [
            'q' => $this->text,
            'status' => $this->status,
            'kind' => $this->kind,
            'holder' => $this->holder,
            'team' => $this->team,
            'customer' => $this->customer,
            'priority' => $this->priority,
            'due' => $this->due,
            'dates' => $this->dates,
            'from' => $this->from,
            'to' => $this->to,
            'tag' => $this->tag,
            'sort' => $this->sort,
            'down' => $this->down ? '1' : '',
            'group' => $this->group,
            'cols' => implode(',', $this->columns),
        ];

        return array_filter(
            $params,
            static fn(string $value, string $name): bool => $value !== self::USUAL[$name],
            ARRAY_FILTER_USE_BOTH,
        );
    }
}
