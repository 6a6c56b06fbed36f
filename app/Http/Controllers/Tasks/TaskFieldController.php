<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Bridge\TaskSubjects;
use App\Clock\FireTimers;
use App\Explain\ChangeWords;
use App\Fields\Choices;
use App\Fields\FieldProviders;
use App\Http\Pages\Tasks\MissedLine;
use App\Http\Viewer;
use App\Models\Tasks\Task;
use App\Tasks\EditableFields;
use App\Tasks\EditFields;
use App\Words\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\Node;

/** The fields of a task that people change by hand. */
final class TaskFieldController
{
    public function show(Task $task, Viewer $viewer, TaskSubjects $subjects, Words $words): JsonResponse
    {
        Gate::authorize('edit', $task);
        $fields = new EditableFields($viewer->snapshot(), $words, app(FieldProviders::class));
        $subject = $subjects->of($task->loadMissing(TaskSubjects::RELATIONS), $viewer->house());

        $kind = $subject->fields['task.kind'] ?? null;
        $asked = array_column($fields->all(is_string($kind) ? $kind : null), 'path');
        $entries = [];
        foreach ([...$fields->chosen(), ...$fields->all()] as $field) {
            $value = $fields->value($subject, $field['path']);
            if ($field['type'] === 'customer' && $task->customer !== null) {
                $field['options'] = Choices::of([(string) $task->customer->slug => (string) $task->customer->name]);
            }
            // What was filled before the kind left it out can still be emptied.
            if (
                $value !== null ||
                in_array($field['path'], [...$asked, ...array_column($fields->chosen(), 'path')], true)
            ) {
                $entries[] = $field + ['value' => $value];
            }
        }

        return new JsonResponse(['fields' => $entries]);
    }

    /** Lets what a date has missed happen now. */
    public function catchUp(Task $task, Request $request, Viewer $viewer, FireTimers $timers): JsonResponse
    {
        Gate::authorize('edit', $task);
        $request->validate(['timer' => ['required', 'string', 'max:64']]);
        $timers->catchUp($task, $request->string('timer')->toString(), $viewer->actor());

        return new JsonResponse(['done' => true]);
    }

    public function update(
        Task $task,
        Request $request,
        Viewer $viewer,
        EditFields $edit,
        Words $words,
        MissedLine $missed,
    ): JsonResponse {
        Gate::authorize('edit', $task);
        $document = Node::parse((string) $request->getContent());
        $document->only(['seen', 'set']);
        $conflicts = $edit($task, $document->get('seen'), $document->get('set'), $viewer->user());
        $fields = new EditableFields($viewer->snapshot(), $words, app(FieldProviders::class));
        $said = new ChangeWords($viewer->words());

        return new JsonResponse([
            'missed' => $missed->of(Task::query()->with(TaskSubjects::RELATIONS)->whereKey($task->id)->get()),
            'conflicts' => array_map(
                static fn(array $one): array => $one + [
                    'label' => $fields->label($one['path']),
                    'said' => $said->ofField($one['path'], $one['theirs'], $one['yours']),
                ],
                $conflicts,
            ),
        ]);
    }
}
