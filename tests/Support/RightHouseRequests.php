<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Rules\LockedDraft;
use Illuminate\Routing\Route;

/** What is sent to addresses of the house, its customers and its rulebook. */
final class RightHouseRequests
{
    /**
     * @param int|null $number of a task
     *
     * @return array<string, mixed>
     */
    public static function body(Route $route, ?int $number): array
    {
        return match ($route->methods()[0] . ' ' . $route->uri()) {
            'POST account/locale' => ['locale' => 'en-GB'],
            'PUT house/sight' => ['open' => true],
            'POST house/fields' => [
                'of' => 'task',
                'name' => 'case_colour',
                'label' => 'Colour of the case',
                'type' => 'one_of',
                'options' => [['value' => 'red', 'label' => 'Red']],
            ],
            'PUT house/fields/{field}' => ['label' => 'Colour'],
            'POST house/fields/{field}/move' => ['places' => 1],
            'POST house/kinds', 'PUT house/kinds/{kind}' => [
                'slug' => 'fitting',
                'name' => 'Fitting',
                'minutes' => 30,
                'guide' => 'Measure twice.',
                'defaults' => [],
            ],
            'POST house/checklists', 'PUT house/checklists/{checklist}' => [
                'slug' => 'leaving',
                'name' => 'Before it leaves',
                'items' => ['Polish', 'Case'],
            ],
            default => self::ofCustomers($route) ?? self::ofRulebook($route, $number),
        };
    }

    /** @return array<string, mixed>|null */
    private static function ofCustomers(Route $route): ?array
    {
        return match ($route->methods()[0] . ' ' . $route->uri()) {
            'PUT house/customer-words' => ['words' => ['new' => 'We have it.', 'waiting' => 'We wait for you.']],
            'POST requests/{secret}' => ['body' => 'The valve sticks again.'],
            'POST api/v1/tasks/{task}/comments' => ['from' => 'customer', 'body' => 'Is it ready?'],
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private static function ofRulebook(Route $route, ?int $number): array
    {
        return match ($route->methods()[0] . ' ' . $route->uri()) {
            'PUT rulebook/draft' => ['rules' => [House::roundRule()], 'revision' => LockedDraft::revision()],
            'DELETE rulebook/draft', 'POST rulebook/publish' => [
                'revision' => LockedDraft::revision(),
                'note' => 'New',
            ],
            'GET rulebook/rules' => ['ids' => ['round']],
            'GET rulebook/coverage' => ['revision' => (string) LockedDraft::revision()],
            'GET rulebook/merged' => ['text' => 'For ~task.title~', 'number' => (string) $number],
            'POST rulebook/import' => [
                'openbaton' => 'rulebook/1',
                'fields' => [],
                'rules' => [
                    House::rule(
                        'any',
                        ['all' => []],
                        ['pool' => ['kind' => 'people', 'people' => ['femi']], 'method' => ['kind' => 'in_order']],
                    ),
                ],
            ],
            default => [],
        };
    }
}
