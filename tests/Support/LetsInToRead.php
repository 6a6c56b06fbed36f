<?php

declare(strict_types=1);

namespace Tests\Support;

/** Who is let in to what is written in the house and leaves it: guides, messages. As LetsIn says. */
final class LetsInToRead
{
    /** @return array<string, array{list<string>, array<string, mixed>}> */
    public static function table(): array
    {
        return [
            'GET news' => [LetsIn::PEOPLE, []],
            'POST news/{notice}/open' => [['whose'], []],
            'POST news/{notice}/unread' => [['whose'], []],
            'PUT news/choice' => [LetsIn::PEOPLE, []],
            'PUT news/obligatory' => [LetsIn::LEADS, []],
            'GET reminders' => [LetsIn::OF_THE_HOUSE, []],
            'POST reminders' => [LetsIn::PEOPLE, []],
            'PUT reminders/due-soon' => [LetsIn::LEADS, ['minutes' => 60]],
            'PUT reminders/{reminder}' => [LetsIn::LEADS, []],
            'DELETE reminders/{reminder}' => [LetsIn::LEADS, []],
            'PUT reminders/{reminder}/mute' => [LetsIn::PEOPLE, []],
            'GET alerts' => [LetsIn::LEADS, []],
            'PUT alerts/{alert}' => [LetsIn::LEADS, []],
            'POST floor/preview' => [LetsIn::LEADS, ['tasks' => [], 'people' => []]],
            'POST floor/give' => [LetsIn::LEADS, []],
            'POST floor/unplaced/{task}/retry' => [LetsIn::LEADS, []],
            'GET calendar' => [LetsIn::OF_THE_HOUSE, []],
            'GET figures' => [LetsIn::LEADS, []],
            'GET foresight' => [LetsIn::LEADS, []],
            'GET levellings' => [LetsIn::LEADS, []],
            'POST levellings' => [LetsIn::LEADS, []],
            'GET cases' => [LetsIn::OF_THE_HOUSE, []],
            'GET cases/export' => [LetsIn::OF_THE_HOUSE, []],
            'POST cases' => [LetsIn::OF_THE_HOUSE, ['track' => 'hire', 'title' => 'Six cellos']],
            'GET cases/{case}' => [LetsIn::TEAM, []],
            'PUT cases/{case}' => [LetsIn::WHOSE, ['revision' => 1, 'set' => ['title' => 'Seven cellos']]],
            'GET customers/{customer}/history' => [LetsIn::LEADS, ['before' => '2026-03-02T10:00:00Z']],
            'GET customers/{customer}/decisions/{decision}' => [LetsIn::LEADS, []],
            'GET cases/{case}/history' => [LetsIn::TEAM, ['before' => '2026-03-02T10:00:00Z']],
            'POST cases/{case}/move' => [LetsIn::WHOSE, ['revision' => 1, 'to' => 'fitting']],
            'POST cases/{case}/close' => [LetsIn::WHOSE, ['revision' => 1, 'outcome' => 'declined', 'open' => 'drop']],
            'POST cases/{case}/reopen' => [LetsIn::WHOSE, ['revision' => 1, 'to' => 'fitting']],
            'POST cases/{case}/give' => [LetsIn::WHOSE, ['revision' => 1, 'to' => 'femi']],
            'GET cases/{case}/decisions/{decision}' => [LetsIn::TEAM, []],
            // It is owned by somebody.
            'POST cases/{case}/claim' => [[], ['revision' => 1]],
            'POST cases/{case}/comment' => [LetsIn::TEAM, ['body' => 'They called.']],
            'GET cases/{case}/files' => [LetsIn::TEAM, []],
            // A file is wanted: whoever may not attach one is sent away before.
            'POST cases/{case}/files' => [LetsIn::TEAM, []],
            'GET cases/{case}/files/{file}' => [LetsIn::TEAM, []],
            'POST cases/{case}/watch' => [['member', 'whose', 'lead'], ['watches' => true]],
            'POST cases/{case}/tasks' => [LetsIn::WHOSE, ['task' => str_repeat('0', 26), 'needed' => true]],
            'POST cases/{case}/take-out' => [LetsIn::WHOSE, ['task' => str_repeat('0', 26)]],
            'POST cases/{case}/approvals' => [
                LetsIn::WHOSE,
                ['name' => 'Estimate', 'people' => ['femi'], 'way' => 'all'],
            ],
            'POST approvals/{approval}/remind' => [LetsIn::WHOSE, []],
            'POST approvals/{approval}/withdraw' => [LetsIn::WHOSE, []],
            'GET tracks' => [LetsIn::LEADS, []],
            'POST tracks' => [LetsIn::LEADS, []],
            'GET tracks/{track}/river' => [LetsIn::LEADS, []],
            'GET tracks/{track}/export' => [LetsIn::LEADS, []],
            'POST tracks/{track}/publish' => [LetsIn::LEADS, ['revision' => 9]],
            'POST tracks/{track}/discard' => [LetsIn::LEADS, ['revision' => 9]],
            'GET levellings/{levelling}' => [LetsIn::LEADS, []],
            'GET levellings/{levelling}/progress' => [LetsIn::LEADS, []],
            'PUT levellings/{levelling}/moves' => [LetsIn::LEADS, ['group' => 1, 'left' => true]],
            'POST levellings/{levelling}/stop' => [LetsIn::LEADS, []],
            'POST levellings/{levelling}/apply' => [LetsIn::LEADS, []],
            'POST levellings/{levelling}/undo' => [LetsIn::LEADS, []],
            'GET guides' => [LetsIn::OF_THE_HOUSE, []],
            'POST guides' => [LetsIn::LEADS, []],
            'PUT guides/kind' => [LetsIn::LEADS, ['kind' => '']],
            'POST guides/pictures' => [LetsIn::LEADS, []],
            'GET guides/pictures/{picture}' => [LetsIn::OF_THE_HOUSE, []],
            'PUT guides/{guide}' => [LetsIn::LEADS, []],
            'POST guides/{guide}/retire' => [LetsIn::LEADS, ['retired' => false]],
            'POST guides/{guide}/read' => [LetsIn::OF_THE_HOUSE, []],
            'POST guides/{guide}/not-right' => [LetsIn::OF_THE_HOUSE, []],
            'GET outbox' => [LetsIn::OF_THE_HOUSE, []],
            'PUT outbox/holding' => [LetsIn::LEADS, ['holds' => true]],
            'POST messages/release' => [LetsIn::OF_THE_HOUSE, []],
            'POST messages/drop' => [LetsIn::OF_THE_HOUSE, []],
            'POST messages/hold' => [LetsIn::OF_THE_HOUSE, []],
            'POST messages/postpone' => [LetsIn::OF_THE_HOUSE, []],
            'PUT messages/{message}' => [['member', 'lead', 'administrator'], []],
            'GET stand-ins/messages/{channel}' => [LetsIn::LEADS, []],
            'PUT stand-ins/messages/{channel}' => [LetsIn::LEADS, []],
            'GET stand-ins/mails/{post}' => [LetsIn::LEADS, []],
        ];
    }
}
