<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * Whom each route lets in that is not about a certain task (for those: Standings), with what it would take.
 *
 * @phpstan-type Entry array{list<string>, array<string, mixed>}
 */
final class LetsIn
{
    public const SIGNED_IN = ['nobody here', 'member', 'whose', 'reviewer', 'lead', 'administrator'];

    public const EVERYBODY = ['guest', ...self::SIGNED_IN];

    public const OF_THE_HOUSE = ['member', 'whose', 'reviewer', 'lead', 'administrator'];

    /** An administrator does no tasks. */
    public const PEOPLE = ['member', 'whose', 'reviewer', 'lead'];

    /** Those of their team, too. */
    public const TEAM = ['member', ...self::WHOSE];

    public const WHOSE = ['whose', 'lead', 'administrator'];

    public const LEADS = ['lead', 'administrator'];

    public const ADMINISTRATORS = ['administrator'];

    /** @return array<string, Entry> who is let in, and what is sent, by method and path */
    public static function table(): array
    {
        return self::doors() + self::work() + LetsInToRead::table() + self::rules() + self::roster() + self::absences();
    }

    /** @return array<string, Entry> */
    private static function doors(): array
    {
        return [
            'GET /' => [self::SIGNED_IN, []],
            'GET up' => [self::EVERYBODY, []],
            'GET sign-in' => [['guest'], []],
            'POST sign-in' => [['guest'], ['email' => 'nobody@alderquill.example', 'password' => 'x']],
            'POST sign-out' => [self::SIGNED_IN, []],
            'GET invitation/{secret}' => [self::EVERYBODY, []],
            'POST invitation/{secret}' => [self::EVERYBODY, ['password' => 'short']],
            'GET account' => [self::SIGNED_IN, []],
            'POST account/locale' => [self::SIGNED_IN, []],
            'POST account/password' => [self::SIGNED_IN, []],
            'DELETE account/sessions/{session}' => [self::SIGNED_IN, []],
            'GET sign-ins' => [self::ADMINISTRATORS, []],
            'POST sign-ins' => [
                self::ADMINISTRATORS,
                ['name' => 'Some system', 'email' => 'system@alderquill.example', 'role' => 'lead'],
            ],
            'POST sign-ins/{user}/invite' => [self::ADMINISTRATORS, []],
            'PUT sign-ins/{user}/person' => [self::ADMINISTRATORS, ['person' => null]],
            'POST sign-ins/{user}/end' => [self::ADMINISTRATORS, []],
            'POST sign-ins/{user}/sign-out' => [self::ADMINISTRATORS, []],
            'POST tokens' => [self::ADMINISTRATORS, ['name' => 'Shop']],
            'DELETE tokens/{token}' => [self::ADMINISTRATORS, []],
            'GET pulse' => [self::SIGNED_IN, []],
            'GET stand-ins/web-form' => [self::EVERYBODY, []],
            'POST stand-ins/web-form' => [self::EVERYBODY, []],
            'GET requests/{secret}' => [self::EVERYBODY, []],
            'POST requests/{secret}' => [self::EVERYBODY, []],
            // By their signature and their secret, which nobody has here.
            'GET stand-ins/personnel.ics' => [[], []],
            'GET calendar/{feed}.ics' => [[], []],
        ];
    }

    /** @return array<string, Entry> */
    private static function work(): array
    {
        $customer = ['document' => ['set' => [], 'on_form' => true]];

        return [
            'GET floor' => [self::LEADS, []],
            'GET in-hand' => [self::SIGNED_IN, []],
            'GET search' => [self::OF_THE_HOUSE, ['q' => 'trumpet']],
            'GET tasks' => [self::OF_THE_HOUSE, []],
            'GET tasks/export' => [self::OF_THE_HOUSE, []],
            'POST tasks/many/hand-on' => [self::OF_THE_HOUSE, []],
            'POST tasks/many/complete' => [self::OF_THE_HOUSE, []],
            'POST tasks/many/postpone' => [self::OF_THE_HOUSE, []],
            'POST tasks/many/to-hand-on' => [self::OF_THE_HOUSE, []],
            'POST task-lists' => [self::OF_THE_HOUSE, []],
            'DELETE task-lists/{named}' => [['lead'], []],
            'GET tasks/new' => [self::OF_THE_HOUSE, []],
            'GET tasks/new/customers' => [self::OF_THE_HOUSE, ['q' => 'holms']],
            'POST tasks/new/preview' => [self::OF_THE_HOUSE, ['title' => 'Tuba', 'kind' => 'quote']],
            'POST tasks' => [self::OF_THE_HOUSE, ['title' => 'Tuba', 'kind' => 'quote']],
            'POST notices/{until}/seen' => [['whose'], []],
            'POST cuts/{cut}/seen' => [self::LEADS, []],
            'GET customers' => [self::LEADS, []],
            'PUT customers/{customer}' => [self::LEADS, $customer],
            'POST customers' => [self::LEADS, ['name' => 'Weka Hall']],
            'GET customers/export' => [self::LEADS, []],
            'POST customers/{customer}/retire' => [self::LEADS, ['retired' => true]],
            'POST customers/{customer}/merge' => [self::LEADS, ['into' => 'nobody']],
            'POST customers/merges/{merge}/undo' => [self::LEADS, []],
            'POST imports/{what}/preview' => [self::LEADS, []],
            'POST imports/{what}' => [self::LEADS, []],
            'GET imports/{import}' => [self::LEADS, []],
            'GET changes' => [self::LEADS, []],
            'GET changes/export' => [self::LEADS, []],
            'GET setup' => [self::LEADS, []],
            'POST setup' => [self::LEADS, ['done' => true]],
            'POST setup/rules' => [self::LEADS, []],
            'GET house' => [self::LEADS, []],
            'PUT house/form' => [self::LEADS, []],
            'PUT house/sight' => [self::LEADS, ['open' => true]],
            'PUT house/customer-words' => [self::LEADS, ['words' => []]],
            'PUT house/levels' => [self::LEADS, []],
            'PUT house/tiers' => [self::LEADS, []],
            'POST house/fields' => [self::LEADS, []],
            'PUT house/fields/{field}' => [self::LEADS, ['label' => 'Value']],
            'POST house/fields/{field}/retire' => [self::LEADS, ['retired' => true]],
            'POST house/fields/{field}/move' => [self::LEADS, ['places' => 1]],
            'POST house/kinds' => [self::LEADS, []],
            'PUT house/kinds/{kind}' => [self::LEADS, ['name' => 'Quote', 'minutes' => 30]],
            'POST house/checklists' => [self::LEADS, []],
            'PUT house/checklists/{checklist}' => [self::LEADS, ['name' => 'Check', 'items' => ['Play it']]],
        ];
    }

    /** @return array<string, Entry> */
    private static function rules(): array
    {
        return [
            'GET rulebook' => [self::OF_THE_HOUSE, []],
            'GET rulebook/rules' => [self::OF_THE_HOUSE, ['ids' => ['round']]],
            'GET rulebook/export' => [self::OF_THE_HOUSE, []],
            'GET rulebook/coverage' => [self::OF_THE_HOUSE, []],
            'GET rulebook/versions/{version}' => [self::OF_THE_HOUSE, []],
            'GET rulebook/try' => [self::LEADS, ['rule' => 'round']],
            'GET rulebook/why' => [self::LEADS, []],
            'GET rulebook/rotations' => [self::OF_THE_HOUSE, []],
            'POST rulebook/rotations' => [self::LEADS, ['rotation' => 'Brass bench', 'act' => 'begun_anew']],
            'PUT rulebook/writers' => [self::LEADS, ['rule' => 'round']],
            'GET rulebook/burden' => [self::LEADS, ['revision' => '1']],
            'GET rulebook/tables' => [self::LEADS, []],
            'GET rulebook/table' => [self::LEADS, ['rule' => 'round']],
            'GET rulebook/table/export' => [self::LEADS, ['rule' => 'round']],
            'POST rulebook/table/read' => [self::LEADS, ['rule' => [], 'table' => "Name\nRound\n"]],
            'GET rulebook/sweeps' => [self::LEADS, []],
            'GET rulebook/sweeps/offered' => [self::LEADS, []],
            'POST rulebook/sweeps' => [self::LEADS, ['name' => 'To Femi', 'document' => ['hand_to' => 'femi']]],
            'PUT rulebook/sweeps/{sweep}' => [
                self::LEADS,
                ['name' => 'To Femi', 'document' => ['hand_to' => 'femi'], 'revision' => 1],
            ],
            'DELETE rulebook/sweeps/{sweep}' => [self::LEADS, []],
            'POST rulebook/sweep-runs' => [self::LEADS, ['rule' => 'round', 'filter' => []]],
            'GET rulebook/sweep-runs/{run}' => [self::LEADS, []],
            'GET rulebook/sweep-runs/{run}/progress' => [self::LEADS, []],
            'PUT rulebook/sweep-runs/{run}/tasks' => [self::LEADS, ['in' => false]],
            'POST rulebook/sweep-runs/{run}/carry-out' => [self::LEADS, []],
            'POST rulebook/sweep-runs/{run}/stop' => [self::LEADS, []],
            'POST rulebook/sweep-runs/{run}/undo' => [self::LEADS, []],
            'GET rulebook/find' => [self::OF_THE_HOUSE, ['q' => 'Ayumi']],
            'GET rulebook/findings' => [self::OF_THE_HOUSE, []],
            'PUT rulebook/findings/{signature}' => [self::LEADS, ['reason' => 'So it is meant.']],
            'DELETE rulebook/findings/{signature}' => [self::LEADS, []],
            'DELETE rulebook/planned' => [self::LEADS, []],
            'POST rulebook/versions/{version}/again' => [self::LEADS, []],
            'GET rulebook/merged' => [self::LEADS, ['text' => 'Repair of ~task.title~']],
            'PUT rulebook/draft' => [self::LEADS, ['rules' => [], 'revision' => 0]],
            'DELETE rulebook/draft' => [self::LEADS, ['revision' => 0]],
            'GET rulebook/compare' => [self::OF_THE_HOUSE, []],
            'POST rulebook/import/preview' => [self::LEADS, []],
            'POST rulebook/import/undo' => [self::LEADS, ['revision' => 0]],
            'POST rulebook/import' => [self::LEADS, ['revision' => 0]],
            'POST rulebook/publish' => [self::LEADS, ['revision' => 0]],
        ];
    }

    /** @return array<string, Entry> */
    private static function roster(): array
    {
        return [
            'GET me' => [self::PEOPLE, []],
            'GET people' => [self::LEADS, []],
            'POST people' => [self::LEADS, ['document' => ['name' => 'Oona Varga']]],
            'POST people/change' => [self::LEADS, ['people' => ['callum'], 'what' => 'percent', 'percent' => 50]],
            'PUT people/{person}' => [self::LEADS, ['document' => ['name' => 'Callum Rees']]],
            'GET people/{person}/leaving' => [self::LEADS, []],
            'POST people/{person}/leaving' => [self::LEADS, []],
            'GET people/{person}/ill' => [self::LEADS, []],
            'POST people/{person}/ill' => [self::LEADS, []],
            'POST people/{person}/pause' => [self::WHOSE, ['until' => 'further_notice', 'reason' => 'Stock count']],
            'POST people/{person}/resume' => [self::WHOSE, []],
            'GET places' => [self::LEADS, []],
            'GET places/choices' => [self::LEADS, ['q' => 'holm']],
            'POST places' => [self::LEADS, ['name' => 'Lowlands']],
            'GET places/export' => [self::LEADS, []],
            'PUT places/{place}' => [self::LEADS, ['name' => 'Islands']],
            'POST places/{place}/retire' => [self::LEADS, ['retired' => true]],
            'DELETE places/{place}' => [self::LEADS, []],
            'GET roster/export' => [self::LEADS, []],
            'POST roster/preview' => [self::LEADS, House::roster()],
            'POST roster/import' => [self::LEADS, House::roster()],
            'PUT roster/house' => [self::LEADS, ['document' => ['zone' => 'Europe/Dublin']]],
            'PUT roster/{list}/{slug}' => [self::LEADS, ['document' => ['name' => 'Brass']]],
            'DELETE roster/{list}/{slug}' => [self::LEADS, []],
        ];
    }

    /** @return array<string, Entry> */
    private static function absences(): array
    {
        $days = ['kind' => 'leave', 'first' => '2026-03-16', 'last' => '2026-03-17'];
        $calendar = ['text' => "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//X//EN\r\nEND:VCALENDAR\r\n"];

        return [
            'GET people/choices' => [self::OF_THE_HOUSE, []],
            'GET days' => [self::OF_THE_HOUSE, ['month' => '2026-03']],
            'GET absences' => [self::OF_THE_HOUSE, []],
            'POST absences' => [self::WHOSE, ['person' => 'callum'] + $days],
            'POST absences/minimum' => [self::LEADS, ['of' => 'team:brass-bench', 'people' => 2]],
            'GET absences/calendars' => [self::LEADS, []],
            'POST absences/calendars/preview' => [self::LEADS, $calendar],
            'POST absences/calendars/import' => [self::LEADS, $calendar],
            'POST absences/calendars/hours' => [self::LEADS, $calendar],
            'POST absences/calendars/poll' => [self::LEADS, []],
            'POST absences/calendars/renew' => [self::PEOPLE, []],
            'GET absences/what-if' => [
                self::WHOSE,
                ['person' => 'callum', 'first' => '2026-03-16', 'last' => '2026-03-17'],
            ],
            'GET absences/{absence}' => [self::WHOSE, []],
            'POST absences/{absence}' => [self::WHOSE, ['person' => 'callum'] + $days],
            'POST absences/{absence}/cover' => [self::LEADS, ['task' => '', 'person' => null]],
            'POST absences/{absence}/hand-over' => [self::LEADS, []],
            'POST absences/{absence}/decide' => [self::LEADS, ['approve' => true]],
            'POST absences/{absence}/end' => [self::WHOSE, []],
            'GET stand-ins/personnel' => [self::LEADS, []],
            'POST stand-ins/personnel' => [self::LEADS, []],
            'POST stand-ins/personnel/{event}/cancel' => [self::LEADS, []],
        ];
    }
}
