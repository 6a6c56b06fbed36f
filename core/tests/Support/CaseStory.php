<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use OpenBaton\Core\Document\ChainFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\World\WorldState;

/** Cases in the world of docs/examples/hire.world.json, with other rules and events. */
final class CaseStory
{
    private WorldState $state;

    /** @var list<array<string, mixed>> decisions and refusals as documents, in order */
    public array $told = [];

    /**
     * @param list<array<string, mixed>> $rules
     * @param list<array<string, mixed>> $events those of cases are of the case "c1" where they name none
     * @param array<array-key, mixed>    $more   members of the world
     */
    public function __construct(array $rules, array $events, array $more = [])
    {
        $document = array_replace(self::document($rules, $events), $more);
        $world = WorldFormat::read(Node::root($document));
        $this->state = new WorldState($world, 'v1');
        foreach ($world->events as $event) {
            foreach ($event->in($this->state) as $chain) {
                array_push($this->told, ...ChainFormat::write($chain));
            }
        }
    }

    /**
     * @param list<array<string, mixed>> $rules
     * @param list<array<string, mixed>> $events
     *
     * @return array<array-key, mixed>
     */
    public static function document(array $rules, array $events): array
    {
        $document = json_decode(
            (string) file_get_contents(__DIR__ . '/../../../docs/examples/hire.world.json'),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        $document['rulebook']['rules'] = array_map(
            static fn(array $rule, int $place): array => $rule + ['id' => "r{$place}", 'name' => "Rule {$place}"],
            $rules,
            array_keys($rules),
        );
        $document['events'] = array_map(
            static fn(array $event, int $place): array => $event + ['id' => "e{$place}"] +
                (str_starts_with($event['kind'], 'case_') && $event['kind'] !== 'case_opens' ? ['case' => 'c1'] : []),
            $events,
            array_keys($events),
        );

        return $document;
    }

    /**
     * A case of a school, on the track Hire.
     *
     * @param array<string, mixed> $case
     *
     * @return array<string, mixed>
     */
    public static function opens(array $case = [], string $at = '2026-03-02T10:00:00Z'): array
    {
        return [
            'kind' => 'case_opens',
            'at' => $at,
            'case' => $case + [
                'id' => 'c1',
                'track' => 'hire',
                'customer' => 'sulla',
                'facts' => ['case.title' => 'Forty clarinets', 'customer.name' => 'Lesser Sulla Primary'],
            ],
        ];
    }

    public function case(string $id = 'c1'): CaseSubject
    {
        return $this->state->caseNow($id);
    }

    public function task(string $id): TaskSubject
    {
        return $this->state->task($id);
    }

    /** @return list<string> ids of the tasks that there are */
    public function tasks(): array
    {
        return array_map(static fn(TaskSubject $task): string => $task->id, $this->state->tasks());
    }

    /**
     * Which rules acted, a line for each decision: what it is about, who has it after it, what was done.
     *
     * @return list<string>
     */
    public function lines(): array
    {
        return array_map(static function (array $one): string {
            if (isset($one['why'])) {
                return "refused {$one['why']}";
            }
            $acted = array_filter(
                $one['verdicts'],
                static fn(array $verdict): bool => in_array($verdict['verdict'], ['decided', 'followed_up'], true),
            );

            return implode(' ', [
                $one['case'] ?? $one['task'],
                implode('+', array_column($acted, 'rule')) ?: '-',
                $one['assignee'] ?? 'nobody',
                ...array_column($one['effects'], 'effect'),
            ]);
        }, $this->told);
    }
}
