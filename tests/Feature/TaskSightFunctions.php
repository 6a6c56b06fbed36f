<?php

declare(strict_types=1);

use OpenBaton\Core\Subject\TaskAction;

/** Which right of the table in docs/security.md each request about a task takes. */
const TAKES = [
    'GET tasks/{task}' => 'see',
    'GET tasks/{task}/decisions/{decision}' => 'see',
    'GET tasks/{task}/files' => 'see',
    'GET tasks/{task}/history' => 'see',
    'GET tasks/{task}/files/{file}' => 'see',
    'GET api/v1/tasks/{task}' => 'see',
    'GET api/v1/tasks/{task}/decision' => 'see',
    'POST api/v1/tasks/{task}/comments' => 'comment',
    'POST api/v1/tasks/{task}/files' => 'comment',
    'GET api/v1/tasks/{task}/comments' => 'see',
    'GET api/v1/tasks/{task}/files' => 'see',
    'GET api/v1/tasks/{task}/files/{file}' => 'see',
    'GET api/v1/tasks/{task}/history' => 'see',
    'GET api/v1/tasks/{task}/runs' => 'see',
    'POST api/v1/tasks/{task}/runs' => 'edit',
    'PATCH api/v1/tasks/{task}' => 'edit',
    'POST api/v1/tasks/{task}/tick' => 'edit',
    'POST tasks/{task}/comment' => 'comment',
    'PUT tasks/{task}/reminders/mute' => 'see',
    'POST tasks/{task}/watch' => 'comment',
    'POST tasks/{task}/files' => 'comment',
    'GET tasks/{task}/fields' => 'edit',
    'PUT tasks/{task}/fields' => 'edit',
    'POST tasks/{task}/moments' => 'edit',
    'POST tasks/{task}/link' => 'edit',
    'POST tasks/{task}/tick' => 'edit',
    'POST tasks/{task}/start' => 'hold',
    'POST tasks/{task}/wait' => 'hold',
    'POST tasks/{task}/ask-review' => 'hold',
    'POST tasks/{task}/take-back' => 'hold',
    'POST tasks/{task}/complete' => 'hold',
    'POST tasks/{task}/reopen' => 'hold',
    'POST tasks/{task}/hand-on' => 'hold',
    'GET tasks/{task}/receivers' => 'hold',
    'POST tasks/{task}/postpone' => 'hold',
    'POST tasks/{task}/take-up' => 'hold',
    'POST tasks/{task}/to-hand-on' => 'hold',
    'POST tasks/{task}/keep' => 'hold',
    'POST tasks/{task}/give-back' => 'hold',
    'POST tasks/{task}/time' => 'hold',
    'POST tasks/{task}/messages' => 'hold',
    // Of what whoever asks has just done themselves.
    'POST tasks/{task}/undo' => 'see',
    'POST tasks/{task}/press/{rule}' => 'hold',
    'POST tasks/{task}/send-back' => 'review',
    'POST tasks/{task}/approve' => 'review',
    'POST tasks/{task}/hand-review' => 'review',
    'POST tasks/{task}/claim' => 'claim',
    'POST tasks/{task}/drop' => 'drop',
    'POST tasks/{task}/take-off' => 'leave',
    'POST tasks/{task}/answer' => 'leave',
    'POST tasks/{task}/approvals' => 'edit',
    'POST tasks/{task}/runs' => 'edit',
];

/** @return array<string, string> with what programs do, which takes the same as where people do it */
function takes(): array
{
    $takes = TAKES;
    foreach (TaskAction::cases() as $action) {
        $route = 'tasks/{task}/' . str_replace('_', '-', $action->value);
        $takes["POST api/v1/{$route}"] = TAKES["POST {$route}"];
    }

    return $takes;
}
