<?php

declare(strict_types=1);

namespace App\Guides;

use App\Models\Access\User;
use App\Models\Guides\GuidePicture;
use App\Tasks\StoredFile;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use RuntimeException;

/** Keeps a picture for guides, under a name of its own; those that no guide came to show go again after a day. */
final class KeepPicture
{
    private const FOLDER = 'guides';

    /** So many are looked at in one go. */
    private const AT_ONCE = 20;

    public function __invoke(UploadedFile $file, User $by): GuidePicture
    {
        self::dropUnused($by);
        $picture = new GuidePicture(['user_id' => $by->id, 'type' => (string) $file->getMimeType()]);
        $picture->id = $picture->newUniqueId();
        $path = $file->storeAs(self::FOLDER, $picture->id, ['disk' => StoredFile::DISK]);
        if ($path === false) {
            throw new RuntimeException('The picture could not be stored.');
        }
        $picture->fill(['path' => $path, 'at' => CarbonImmutable::now()])->save();

        return $picture;
    }

    private static function dropUnused(User $by): void
    {
        $old = GuidePicture::query()
            ->where('user_id', $by->id)
            ->where('shown', false)
            ->where('at', '<', CarbonImmutable::now()->subDay())
            ->limit(self::AT_ONCE)
            ->get();
        foreach ($old as $picture) {
            $picture->delete();
            Storage::disk(StoredFile::DISK)->delete($picture->path);
        }
    }
}
