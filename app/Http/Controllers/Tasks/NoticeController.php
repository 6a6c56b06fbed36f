<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Http\Viewer;
use App\Models\Events\Notice;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;

/** What somebody has read and puts away: their own, all that they were shown. */
final class NoticeController
{
    public function __invoke(string $until, Viewer $viewer): RedirectResponse
    {
        $person = $viewer->person();
        abort_if($person === null, 403);
        $last = Notice::query()->where('person_id', $person->id)->findOrFail($until);
        // By the order in which they were handed out: the moment of one may lie before that of an earlier one.
        Notice::query()
            ->unseen()
            ->where('person_id', $person->id)
            ->where('id', '<=', $last->id)
            ->update(['seen_at' => CarbonImmutable::now()]);

        return back();
    }
}
