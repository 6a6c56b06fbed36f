<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** A world document of the bench in which much happens, drawn from a seed. */
final class RandomStory
{
    use Dice;

    private const PEOPLE = ['ayumi', 'femi', 'callum', 'tobias', 'greta'];
    private const TAGS = ['a', 'b', 'c'];
    /** All but whoever has it. */
    private const OTHERS = [
        'kind' => 'except',
        'pool' => ['kind' => 'people', 'people' => self::PEOPLE],
        'without' => ['kind' => 'field', 'field' => 'task.assignee'],
    ];

    private const STATUSES = ['new', 'working', 'waiting', 'in_review', 'done', 'dropped'];
    private int $minute = 0;

    private function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @return array<string, mixed> */
    public static function of(int $seed): array
    {
        return (new self($seed))->document();
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        $full = FullWorld::document();
        $rules = [
            [
                // Nobody reviews what they did, whatever else the rules say.
                'id' => 'review',
                'name' => 'Review',
                'when' => [['kind' => 'status_becomes', 'statuses' => ['in_review']]],
                'give' => [
                    'seat' => 'reviewer',
                    'pool' => self::OTHERS,
                    'method' => ['kind' => 'round_robin', 'rotation' => 'Quality'],
                ],
            ],
        ];
        for ($number = $this->pick(2, 9); $number > 0; --$number) {
            $rules[] = $this->rule("r{$number}");
        }
        $events = [];
        for ($number = 1; $number <= 14; ++$number) {
            $events[] = $this->event("e{$number}", $number);
        }

        return [
            'openbaton' => 'world/3',
            'clock' => '2026-03-02T09:00:00Z',
            'roster' => $full['roster'],
            'trade' => [
                'kinds' => [['id' => 'quote', 'name' => 'Quote', 'usual_effort' => 'PT30M']],
                'checklists' => [['id' => 'bench', 'name' => 'Bench', 'items' => ['One', 'Two']]],
            ],
            'rulebook' => [
                'openbaton' => 'rulebook/2',
                'fields' => StoryFields::all(self::STATUSES),
                'rules' => $rules,
            ],
            'tasks' => array_map(
                fn(int $n): array => [
                    'id' => "w{$n}",
                    'status' => 'working',
                    'assignee' => $this->one(self::PEOPLE),
                    'customer' => "c{$this->pick(1, 2)}",
                    'estimate' => 'PT1H',
                    'facts' => ['task.kind' => 'repair', 'task.title' => 'Horn'],
                ],
                range(1, 3),
            ),
            'events' => $events,
        ];
    }

    /** @return array<string, mixed> */
    private function rule(string $id): array
    {
        $give = $this->chance(50)
            ? [
                'give' => [
                    'pool' => $this->one([
                        ['kind' => 'people', 'people' => [$this->one(self::PEOPLE)]],
                        ['kind' => 'people', 'people' => self::PEOPLE],
                        ['kind' => 'field', 'field' => 'customer.owner'],
                    ]),
                    'method' => $this->one([
                        ['kind' => 'in_order'],
                        ['kind' => 'everyone'],
                        ['kind' => 'round_robin', 'rotation' => 'ring'],
                        ['kind' => 'open'],
                    ]),
                    'otherwise' => $this->one([['kind' => 'next_rule'], ['kind' => 'unplaced']]),
                    'anew' => $this->chance(30),
                ],
            ]
            : [];
        $then = [];
        for ($number = $this->pick($give === [] ? 1 : 0, 3); $number > 0; --$number) {
            $then[] = $this->followUp();
        }

        return [
            'id' => $id,
            'name' => $id,
            'when' => array_map(fn(): array => $this->when(), range(1, $this->pick(1, 2))),
            'then' => $then,
        ] +
            $give +
            ($this->chance(30)
                ? [
                    'if' => $this->one([
                        ['field' => 'task.rush', 'op' => 'changed'],
                        ['field' => 'task.status', 'op' => 'was', 'value' => 'working'],
                        ['field' => 'task.needed', 'op' => 'after', 'value' => ['now' => 'today']],
                    ]),
                ]
                : []);
    }

    /** @return array<string, mixed> */
    private function when(): array
    {
        return $this->one([
            ['kind' => 'task_arrives'],
            ['kind' => 'holder_changes'],
            ['kind' => 'checklist_complete'],
            ['kind' => 'marked_to_hand_on'],
            ['kind' => 'dropped'],
            ['kind' => 'comment_added'],
            ['kind' => 'mentioned', 'whom' => $this->one(self::PEOPLE)],
            ['kind' => 'status_becomes', 'statuses' => [$this->one(self::STATUSES)]],
            ['kind' => 'status_leaves', 'statuses' => [$this->one(self::STATUSES)]],
            ['kind' => 'tag_on', 'tags' => [$this->one(self::TAGS)]],
            ['kind' => 'tag_off', 'tags' => [$this->one(self::TAGS)]],
            ['kind' => 'field_changes', 'change' => ['field' => $this->one(['task.rush', 'customer.owner'])]],
            ['kind' => 'date_reached', 'field' => $this->one(['task.needed', 'task.due']), 'offset' => '+2 hours'],
            [
                'kind' => 'date_reached',
                'field' => 'task.needed',
                'offset' => $this->one(['-1 days', '+1 working_days']),
            ],
            ['kind' => 'schedule', 'recurrence' => 'FREQ=WEEKLY;BYDAY=WE', 'from' => '2026-03-02', 'time' => '12:00'],
        ]);
    }

    /** @return array<string, string> */
    private function owned(): array
    {
        return ['customer.owner' => $this->one(self::PEOPLE)];
    }

    /** @return array<string, mixed> */
    private function followUp(): array
    {
        return $this->one([
            ['kind' => 'tag', 'tag' => $this->one(self::TAGS)],
            ['kind' => 'tag_off', 'tag' => $this->one(self::TAGS)],
            ['kind' => 'status', 'status' => $this->one(self::STATUSES)],
            ['kind' => 'priority_step', 'step' => $this->one(['up', 'down'])],
            ['kind' => 'set_field', 'set' => ['field' => 'task.rush', 'value' => $this->chance(50)]],
            ['kind' => 'clear_field', 'cleared' => 'task.rush'],
            ['kind' => 'checklist', 'checklist' => 'bench'],
            ['kind' => 'customer_owner'],
            ['kind' => 'due_in', 'after' => 'P1D'],
            ['kind' => 'due_follows', 'date_field' => 'task.needed', 'offset' => '-1 days'],
            [
                'kind' => 'create_task',
                'task_kind' => 'quote',
                'title' => 'For ~task.title~',
                'wait' => $this->chance(40),
            ],
        ]);
    }

    /** @return array<string, mixed> */
    private function event(string $id, int $number): array
    {
        $this->minute += $this->pick(1, 600);
        $at = ['id' => $id, 'at' => gmdate('Y-m-d\TH:i:s\Z', Build::at('2026-03-02T09:00:00Z') + $this->minute * 60)];
        $task = "w{$this->pick(1, 3)}";

        return $at +
            $this->one([
                ['kind' => 'tick'],
                [
                    'kind' => 'task_arrives',
                    'task' => [
                        'id' => "T{$number}",
                        'customer' => 'c1',
                        'estimate' => 'PT1H',
                        'facts' => ['task.kind' => 'repair', 'task.needed' => '2026-03-04'],
                    ],
                ],
                ['kind' => 'customer_changes', 'customer' => 'c1', 'facts' => $this->owned()],
                ['kind' => 'task_changes', 'task' => $task, 'set' => ['status' => $this->one(self::STATUSES)]],
                [
                    'kind' => 'task_changes',
                    'task' => $task,
                    'set' => ['to_hand_on' => $this->chance(80), 'start' => '2026-03-05T09:00:00Z'],
                ],
                [
                    'kind' => 'task_changes',
                    'task' => $task,
                    'set' => [
                        'tags_on' => [$this->one(self::TAGS)],
                        'comment' => 'holder',
                        'happened' => [['kind' => 'mentioned', 'by' => 'holder', 'whom' => $this->one(self::PEOPLE)]],
                    ],
                ],
                [
                    'kind' => 'task_changes',
                    'task' => $task,
                    'set' => [
                        'tags_off' => [$this->one(self::TAGS)],
                        'facts' => ['task.needed' => $this->one(['2026-03-03', '2026-03-05', null])],
                    ],
                ],
                [
                    'kind' => 'task_changes',
                    'task' => $task,
                    'set' => ['assignee' => $this->one(self::PEOPLE), 'tick' => ['One', 'Two']],
                ],
            ]);
    }
}
