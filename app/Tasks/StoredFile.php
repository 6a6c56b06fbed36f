<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Database\Id;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use RuntimeException;
use Throwable;

/** A file that came in, under a name of its own on the disk. */
final readonly class StoredFile
{
    public const DISK = 'files';

    private const NAME = 150;

    private function __construct(private UploadedFile $file, private string $path, public string $name) {}

    /**
     * Keeps it while something is written about it; where that fails it goes again.
     *
     * @template T
     *
     * @param string             $ofId  of what it belongs to
     * @param Closure(self): T   $write
     *
     * @return T
     */
    public static function keep(UploadedFile $file, string $ofId, Closure $write): mixed
    {
        $path = $file->storeAs(substr($ofId, -2), Id::next(), ['disk' => self::DISK]);
        if ($path === false) {
            throw new RuntimeException('The file could not be stored.');
        }
        try {
            return $write(new self($file, $path, self::name($file->getClientOriginalName())));
        } catch (Throwable $error) {
            Storage::disk(self::DISK)->delete($path);

            throw $error;
        }
    }

    /** @return array<string, mixed> columns */
    public function columns(): array
    {
        return [
            'name' => $this->name,
            'type' => (string) $this->file->getMimeType(),
            'size' => (int) $this->file->getSize(),
            'path' => $this->path,
            'at' => CarbonImmutable::now(),
        ];
    }

    /** A name without a path, without control characters and signs that turn the direction of writing. */
    public static function name(string $given): string
    {
        $valid = mb_convert_encoding($given, 'UTF-8', 'UTF-8');
        $base = basename(str_replace('\\', '/', is_string($valid) ? $valid : ''));
        $plain = rtrim(ltrim((string) preg_replace('/[\p{Cc}\p{Cf}"<>|:*?\/\x{2028}\x{2029}]/u', '', $base)), ' .');
        $plain = str_starts_with($plain, '.') ? "file{$plain}" : $plain;
        $end = mb_substr($plain, (int) mb_strrpos($plain, '.'));

        return $plain === ''
            ? 'file'
            : (mb_strlen($plain) <= self::NAME
                ? $plain
                : mb_substr($plain, 0, self::NAME - mb_strlen($end)) . mb_substr($end, 0, 20));
    }
}
