<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Http\Viewer;
use App\Messages\Addresses;
use App\Models\Events\NewsChoice;
use App\Models\Events\NewsSort;
use App\Models\Events\Notice;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\People\Team;
use App\Notices\NewsChannels;
use OpenBaton\Core\Message\Channel;

/** What somebody was told, the latest first. Its type is NewsPage.ts. */
final readonly class NewsPage
{
    private const PAGE = 50;

    public function __construct(private Viewer $viewer, private Addresses $addresses) {}

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
            'unreadInAll' => Notice::unreadBy($person->id),
            'choice' => $this->choice($person),
            'latest' => Notice::query()->where('person_id', $person->id)->max('id'),
        ];
    }

    /** @return array<string, mixed> by which channels they hear of what */
    private function choice(Person $person): array
    {
        $choice = NewsChoice::query()->find($person->id);
        $person->loadMissing('user');
        $house = House::query()->firstOrFail();

        return [
            'sorts' => array_column(NewsSort::cases(), 'value'),
            'channels' => (object) NewsChannels::read($choice?->channels),
            'obligatory' => (object) NewsChannels::read($house->obligatory_news),
            'quietFrom' => $choice?->quiet_from,
            'quietTo' => $choice?->quiet_to,
            'urgentPasses' => $choice?->urgent_passes === true,
            'reached' => array_values(
                array_map(
                    static fn(Channel $one): string => $one->value,
                    array_filter(
                        Channel::cases(),
                        fn(Channel $one): bool => $this->addresses->ofPerson($person, $one)->address !== null,
                    ),
                ),
            ),
            'onCall' => array_values(array_filter((array) $house->on_call, is_string(...))),
            'teams' => Team::query()
                ->orderBy('name')
                ->get(['slug', 'name'])
                ->map(static fn(Team $one): array => ['value' => $one->slug, 'label' => $one->name])
                ->all(),
            'mayOblige' => $this->viewer->user()->can('shape', House::class),
        ];
    }
}
