<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Controllers\Tasks\TaskDeeds;
use App\Http\Requests\Tasks\TaskActionRequest;
use App\Http\Requests\Tasks\TickRequest;
use App\Http\Revision;
use App\Http\Viewer;
use App\Models\Tasks\Task;
use App\Refusals\RevisionRefused;
use App\Tasks\EditFields;
use App\Tasks\TickItem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\Node;

/** What programs do with tasks in the name of their owners; docs/formats/openapi.yaml describes it. */
final readonly class TaskWorkController
{
    public function __construct(private Viewer $viewer, private TaskAnswer $answer) {}

    /** What the table of transitions lets people do: by the last part of the address. */
    public function act(Task $task, TaskActionRequest $request): JsonResponse
    {
        $replayed = Revision::held(
            $request,
            $task,
            fn(): bool => Once::asked(
                $request,
                $this->viewer->user(),
                fn() => TaskDeeds::perform($task, $request, $this->viewer),
            ),
        );

        return $this->answer->after($task, $replayed);
    }

    /** Fields, as they were at the revision that the program looked at. */
    public function change(Task $task, Request $request, EditFields $edit): JsonResponse
    {
        Gate::authorize('edit', $task);
        $revision = Revision::wanted($request) ?? throw RevisionRefused::missing();
        $document = Node::parse((string) $request->getContent());
        $document->only(['set']);
        $set = $document->get('set');
        Revision::held(
            $request,
            $task,
            fn(): array => $edit($task, Node::root([]), $set, $this->viewer->user(), $revision),
        );

        return $this->answer->after($task, false);
    }

    public function tick(Task $task, TickRequest $request, TickItem $tick): JsonResponse
    {
        $replayed = Once::asked(
            $request,
            $this->viewer->user(),
            fn(): Task => $tick($task, $request->item(), $request->done(), $this->viewer->user()),
        );

        return $this->answer->after($task, $replayed);
    }
}
