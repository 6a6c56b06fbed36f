<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Access\RequestKey;
use App\Models\Access\SentKey;
use App\Models\Access\User;
use App\Refusals\KeyMissing;
use App\Refusals\KeyUsedOtherwise;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** What a program sends is done once under its key, in the transaction that keeps the key. */
final class Once
{
    /**
     * What a request with a document asks for.
     *
     * @param Closure(): mixed $do
     *
     * @return bool whether it had been done before
     *
     * @throws KeyMissing
     * @throws KeyUsedOtherwise
     */
    public static function asked(Request $request, User $by, Closure $do): bool
    {
        $asked = "{$request->method()} {$request->path()}\n{$request->header('If-Match')}\n{$request->getContent()}";

        return self::do(
            RequestKey::of($by->id, $request->header('Idempotency-Key'), $asked) ?? throw KeyMissing::ofRequest(),
            $do,
        );
    }

    /**
     * What a request with a document makes.
     *
     * @param Closure(): string $make answers with its id
     *
     * @return array{string, bool} the id of what it has made, and whether that was before
     *
     * @throws KeyMissing
     * @throws KeyUsedOtherwise
     */
    public static function made(Request $request, User $by, Closure $make): array
    {
        $replayed = self::asked($request, $by, static function () use ($request, $by, $make): void {
            self::kept($request, $by)->update(['made_id' => $make()]);
        });

        return [(string) self::kept($request, $by)->sole()->made_id, $replayed];
    }

    /** @return Builder<SentKey> the key of a request */
    private static function kept(Request $request, User $by): Builder
    {
        return SentKey::query()->where('user_id', $by->id)->where('key', (string) $request->header('Idempotency-Key'));
    }

    /**
     * @param Closure(): mixed $do
     *
     * @return bool whether it had been done before
     *
     * @throws KeyUsedOtherwise
     */
    public static function do(RequestKey $key, Closure $do): bool
    {
        try {
            DB::transaction(static function () use ($key, $do): void {
                SentKey::query()->create([
                    'user_id' => $key->userId,
                    'key' => $key->key,
                    'hash' => $key->hash,
                    'at' => CarbonImmutable::now(),
                ]);
                $do();
            }, attempts: 3);
        } catch (UniqueConstraintViolationException $error) {
            $known = SentKey::query()->where('user_id', $key->userId)->where('key', $key->key)->first() ?? throw $error;

            return $known->hash === $key->hash ?: throw KeyUsedOtherwise::forMessage();
        }

        return false;
    }

    /** @return array<string, string> headers of the answer */
    public static function headers(bool $replayed): array
    {
        return $replayed ? ['Idempotent-Replayed' => 'true'] : [];
    }
}
