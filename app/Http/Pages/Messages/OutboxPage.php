<?php

declare(strict_types=1);

namespace App\Http\Pages\Messages;

use App\Http\Viewer;
use App\Messages\MessagesInSight;
use App\Models\House\House;
use App\Models\Messages\Message;
use Illuminate\Database\Eloquent\Builder;

/** Messages that wait to leave the house or have left it. Its type is OutboxPage.ts. */
final readonly class OutboxPage
{
    private const PAGE = 50;

    public function __construct(private Viewer $viewer, private MessagesInSight $sight, private MessageView $view) {}

    /**
     * @param array<array-key, mixed> $filter state, channel and q, as they were checked
     *
     * @return array<string, mixed>
     */
    public function props(array $filter, int $page, ?Message $open): array
    {
        $filter = array_filter($filter, static fn(mixed $one): bool => is_string($one) && $one !== '');
        $found = $this->found($filter);
        $total = $found->clone()->count();
        $pages = max(1, (int) ceil($total / self::PAGE));
        $page = min($page, $pages);

        return [
            'filter' => (object) $filter,
            'rows' => array_values(
                $found
                    ->with(['task.kind', 'case'])
                    ->orderByDesc('id')
                    ->forPage($page, self::PAGE)
                    ->get()
                    ->map($this->view->line(...))
                    ->all(),
            ),
            'counts' => (object) $this->sight
                ->of($this->viewer->user())
                ->toBase()
                ->selectRaw('state, count(*) as messages')
                ->groupBy('state')
                ->pluck('messages', 'state')
                ->all(),
            'total' => $total,
            'page' => $page,
            'pages' => $pages,
            'holdsForCustomers' => House::query()->value('holds_for_customers') === true,
            'maySettle' => $this->viewer->user()->can('settle', Message::class),
            'message' => $open === null ? null : $this->view->whole($open),
        ];
    }

    /**
     * @param array<array-key, mixed> $filter
     *
     * @return Builder<Message>
     */
    private function found(array $filter): Builder
    {
        $found = $this->sight->of($this->viewer->user());
        foreach (['state', 'channel'] as $column) {
            if (isset($filter[$column])) {
                $found->where($column, $filter[$column]);
            }
        }
        $text = is_string($filter['q'] ?? null) ? trim($filter['q']) : '';
        if ($text !== '') {
            $begins = addcslashes($text, '%_\\') . '%';
            $found->where(
                static fn(Builder $any): Builder => $any
                    ->where('recipient_name', 'like', $begins)
                    ->orWhere('address', 'like', $begins)
                    ->orWhere('subject', 'like', $begins),
            );
        }

        return $found;
    }
}
