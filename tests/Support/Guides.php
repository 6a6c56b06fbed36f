<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Guides\GuideDraft;
use App\Guides\SaveGuide;
use App\Models\Guides\Guide;
use App\Models\Guides\GuideAbout;
use App\Models\Guides\GuidePicture;
use App\Tasks\StoredFile;
use Illuminate\Support\Facades\Storage;

/** Guides that tests begin with. */
final class Guides
{
    public static function ofRepairs(): Guide
    {
        return Guide::query()->where('slug', 'repairs')->first() ??
            app(SaveGuide::class)(
                null,
                0,
                new GuideDraft('Repairs', 'Play it first.', [
                    ['about' => GuideAbout::Kind, 'target' => 'bench-repair'],
                ]),
                House::user('hanneke'),
            );
    }

    public static function picture(): GuidePicture
    {
        Storage::disk(StoredFile::DISK)->put('guides/test', 'x');

        return GuidePicture::query()->create(['type' => 'image/png', 'path' => 'guides/test', 'at' => now()]);
    }
}
