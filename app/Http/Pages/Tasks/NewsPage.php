<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Http\Viewer;
use App\Models\Events\Notice;
use App\Models\People\Person;

/** What somebody was told, the latest first. Its type is NewsPage.ts. */
final readonly class NewsPage
{
    private const PAGE = 50;

    public function __construct(private Viewer $viewer) {}

    /**
     * @param string|null $before id of a notice: those that were handed out before it
     *
     * @return array<string, mixed>
     */
    public function props(Person $person, bool $unread, ?string $before): array
    {
        $notices = Notice::query()->where('person_id', $person->id);
        if ($unread) {
            $notices->unseen();
        }
        if ($before !== null) {
            $notices->where('id', '<', $before);
        }
        $lines = NoticeLine::lines($notices, $this->viewer, self::PAGE + 1, byId: true);

        return [
            'notices' => array_slice($lines, 0, self::PAGE),
            'unread' => $unread,
            'before' => $before,
            'earlier' => count($lines) > self::PAGE ? $lines[self::PAGE - 1]['id'] : null,
            'unreadInAll' => Notice::query()->unseen()->where('person_id', $person->id)->count(),
            'latest' => Notice::query()->where('person_id', $person->id)->max('id'),
        ];
    }
}
