<?php

declare(strict_types=1);

namespace App\Http\Pages\Rules;

use App\Bridge\DecisionReader;
use App\Bridge\RulebookReader;
use App\Bridge\TaskSubjects;
use App\Explain\CriteriaTree;
use App\Explain\PartWords;
use App\Explain\ReasonTrail;
use App\Explain\WhyNot;
use App\Fields\Choices;
use App\Http\Viewer;
use App\Intake\PreviewTask;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Rules\Tried;
use App\Rules\TryRules;
use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Subject\TaskSubject;

/**
 * Why, and why not: what rules would do with a task now, by those in force and by the draft, beside what was decided
 * then. Its type is WhyPage.ts.
 *
 * @phpstan-type Side array<string, mixed>
 */
final readonly class WhyPage
{
    public function __construct(
        private Viewer $viewer,
        private TryRules $try,
        private RulebookReader $rulebooks,
        private DecisionReader $decisions,
        private TaskSubjects $subjects,
        private PreviewTask $preview,
    ) {}

    /**
     * @param string|null $made the document of a task that is made up, where it is about none that there is
     *
     * @return array<string, mixed>
     */
    public function props(?Task $task, ?string $rule, ?string $person, ?string $made = null): array
    {
        $house = $this->viewer->snapshot();
        $person = isset($house->roster->people[$person ?? '']) ? $person : null;
        $subject = $this->subject($task, $made);

        return [
            'task' =>
                $task === null
                    ? null
                    : [
                        'id' => $task->id,
                        'number' => $task->number,
                        'title' => $task->title,
                        'kind' => (string) $task->kind?->name,
                    ],
            'made' =>
                $task !== null || $made === null || $subject === null
                    ? null
                    : [
                        'title' => (string) $this->viewer
                            ->words()
                            ->value('task.title', $subject->fields['task.title'] ?? ''),
                        'kind' => $this->viewer->words()->value('task.kind', $subject->fields['task.kind'] ?? ''),
                        'document' => $made,
                    ],
            'rule' => $rule,
            'person' => $person,
            'rules' => $this->rules(...),
            'people' => static fn(): array => Choices::people($house->roster),
            'sides' => fn(): array => $subject === null ? [] : $this->sides($subject, $task, $rule, $person),
        ];
    }

    /** What it is about: a task, or one that is made up; null: nothing yet. */
    private function subject(?Task $task, ?string $made): ?TaskSubject
    {
        $house = $this->viewer->house();

        return match (true) {
            $task !== null => $this->subjects->of($task, $house),
            $made !== null => $this->preview->subject(Node::parse($made), $this->viewer->user(), $house),
            default => null,
        };
    }

    /** @return list<array{value: string, label: string}> of the draft and of what is in force, each once */
    private function rules(): array
    {
        $names = [];
        foreach ([$this->draft(), $this->published()] as $rulebook) {
            foreach ($rulebook->rulebook->rules ?? [] as $rule) {
                $names[$rule->id] ??= $rule->name;
            }
        }

        return Choices::of($names);
    }

    /** @return list<Side> */
    private function sides(TaskSubject $subject, ?Task $task, ?string $rule, ?string $person): array
    {
        $sides = [];
        $published = $this->published();
        $draft = $this->draft();
        foreach (['published' => $published, 'draft' => $draft] as $code => $rulebook) {
            if ($rulebook !== null) {
                $tried = ($this->try)($subject, $this->viewer->house(), $rulebook, $rule);
                $sides[] = ['code' => $code, 'version' => $rulebook->version] + $this->now($tried, $rulebook, $person);
            }
        }
        $then = $task === null ? null : $this->then($task, $person);

        return $then === null ? $sides : [...$sides, $then];
    }

    /** @return Side */
    private function now(?Tried $tried, CompiledRulebook $rulebook, ?string $person): array
    {
        if ($tried === null) {
            return self::side();
        }
        $rule = $tried->rule;
        $document = DecisionFormat::write($tried->decision);
        $tree = new CriteriaTree($this->viewer->words(), $rulebook->rulebook->fields);

        return self::side(
            $this->trail()->of($document),
            $tried->criteria === null ? null : $tree->of($tried->criteria),
            $rule === null ? null : $this->otherEvents($rule),
            $tried->before,
            $person === null ? null : $this->whyNot($document, $person),
        );
    }

    /** @return Side|null what was decided last of who gets it; null: nothing was */
    private function then(Task $task, ?string $person): ?array
    {
        $decision = Decision::query()
            ->where('task_id', $task->id)
            ->whereNotNull('rule')
            ->orderByDesc('at')
            ->orderByDesc('id')
            ->first();
        if ($decision === null) {
            return null;
        }
        $document = $this->decisions->document($decision);

        return [
            'code' => 'then',
            'version' => Node::root($document)->get('rulebook_version')->text(),
        ] +
            self::side(
                $this->trail()->of($document),
                answers: $person === null ? null : $this->whyNot($document, $person),
            );
    }

    /**
     * @param array<string, mixed>|null                                                 $trail    null: there is no such
     *     rule
     * @param array<string, mixed>|null                                                 $criteria
     * @param list<array{rule: string|null, said: string, needs: string|null}>|null     $answers
     *
     * @return Side
     */
    private static function side(
        ?array $trail = null,
        ?array $criteria = null,
        ?string $waits = null,
        ?string $before = null,
        ?array $answers = null,
    ): array {
        return compact('trail', 'criteria', 'waits', 'before', 'answers');
    }

    /** What a rule waits for other than that a task arrives, in words; null: for nothing else. */
    private function otherEvents(Rule $rule): ?string
    {
        $words = new PartWords($this->viewer->words(), KindRegistry::standard());

        return $rule->waitsFor(TaskArrives::class)
            ? null
            : implode(
                $this->viewer->words()->words->say('rule.or'),
                array_map(
                    static fn(EventKind $one): string => $words->say(
                        Family::Event,
                        Node::root(PartFormat::write($one)),
                    ),
                    $rule->events,
                ),
            );
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return list<array{rule: string|null, said: string, needs: string|null}>
     */
    private function whyNot(array $document, string $person): array
    {
        return (new WhyNot($this->viewer->words()))->of($document, $person);
    }

    private function trail(): ReasonTrail
    {
        return new ReasonTrail($this->viewer->words());
    }

    private function published(): ?CompiledRulebook
    {
        return once(function (): ?CompiledRulebook {
            $id = RulebookVersion::query()->published()->value('id');

            return is_string($id) ? $this->rulebooks->compiled($id) : null;
        });
    }

    private function draft(): ?CompiledRulebook
    {
        return once(function (): ?CompiledRulebook {
            $draft = RulebookVersion::query()->draft()->first();

            return $draft === null
                ? null
                : $this->rulebooks->compileDraft(array_values((array) $draft->rules), $this->viewer->snapshot());
        });
    }
}
