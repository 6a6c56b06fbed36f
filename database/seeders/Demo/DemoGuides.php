<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Guides\GuideDraft;
use App\Guides\KeepPicture;
use App\Guides\MarkRead;
use App\Guides\SaveGuide;
use App\Models\Access\User;
use App\Models\Guides\Guide;
use App\Models\Guides\GuideAbout;
use App\Models\House\House;
use App\Models\Tasks\TaskKind;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;

/** How things are done at Alder & Quill: a guide for each kind of task, some with pictures, one changed of late. */
final readonly class DemoGuides
{
    private const BENCH = <<<'MARKDOWN'
    # Before it is opened

    - Check the diagnosis against the instrument.
    - Order parts before opening it.

    ## Valves

    ![A valve in its casing, with the two felts, the ports and the spring numbered](%s)

    1. Take the felts out and measure them.
    2. Line the ports up with the valve held down.
    3. Put *no* oil on the felts.

    # When it is done

    Play-test it, and note the time spent. **Nothing leaves the bench untested.**
    MARKDOWN;

    private const TUNING = <<<'MARKDOWN'
    Confirm the day before.

    - Tune to 440 unless the card says otherwise.
    - Leave the card signed, and a photograph of it on the task.

    ![The tuning card with its table of visits and the field to sign](%s)
    MARKDOWN;

    private const RUSH_BEFORE = 'Do only what makes it playable.';

    private const VALUE = <<<'MARKDOWN'
    What it would cost to buy one like it **today**, not what was paid for it.

    > Above 400 the lead looks at the estimate first.
    MARKDOWN;

    public function __construct(private SaveGuide $save, private KeepPicture $keep) {}

    public function write(User $lead, CarbonImmutable $began, CarbonImmutable $changed): void
    {
        DemoClock::at($began->getTimestamp());
        $texts = [
            'bench-repair' => sprintf(self::BENCH, $this->picture('valve', $lead)),
            'tuning-visit' => sprintf(self::TUNING, $this->picture('card', $lead)),
            'rush-repair' => self::RUSH_BEFORE,
        ];
        foreach (DemoTrade::KINDS as $slug => [$name, , $text]) {
            $this->guide($name, $texts[$slug] ?? $text, GuideAbout::Kind, $slug, $lead);
        }
        $this->guide('Value of an instrument', self::VALUE, GuideAbout::Field, 'task.value', $lead);
        $readers = User::query()->whereHas('person')->orderBy('email')->limit(17)->get();
        foreach (Guide::query()->orderBy('slug')->get() as $place => $guide) {
            foreach ($readers->take(($place * 5) % 18) as $reader) {
                MarkRead::of($guide, $reader);
            }
        }
        // Changed of late, and looked at by few since.
        DemoClock::at($changed->getTimestamp());
        $rush = Guide::query()->where('slug', 'rush-repair')->firstOrFail();
        ($this->save)(
            $rush,
            $rush->version,
            new GuideDraft($rush->name, DemoTrade::KINDS['rush-repair'][2], [
                ['about' => GuideAbout::Kind, 'target' => 'rush-repair'],
            ]),
            $lead,
        );
        $correction = TaskKind::query()->where('slug', 'call-back')->firstOrFail();
        House::query()
            ->firstOrFail()
            ->update(['guide_kind_id' => $correction->id]);
        DemoClock::letGo();
    }

    private function guide(string $name, string $text, GuideAbout $about, string $target, User $lead): void
    {
        ($this->save)(null, 0, new GuideDraft($name, $text, [['about' => $about, 'target' => $target]]), $lead);
    }

    private function picture(string $name, User $lead): string
    {
        $file = new UploadedFile(__DIR__ . "/pictures/{$name}.png", "{$name}.png", 'image/png', null, true);

        return ($this->keep)($file, $lead)->url();
    }
}
