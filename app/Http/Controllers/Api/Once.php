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
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** What a program sends is done once under its key, in the transaction that keeps the key. */
final class Once
{
    /**
     * @param Closure(): mixed $do
     *
     * @return bool whether it had been done before
     *
     * @throws KeyMissing
     * @throws KeyUsedOtherwise
     */
    public static function do(Request $request, User $by, Closure $do): bool
    {
        $asked = "{$request->method()} {$request->path()}\n{$request->header('If-Match')}\n{$request->getContent()}";
        $key = RequestKey::of($by->id, $request->header('Idempotency-Key'), $asked) ?? throw KeyMissing::ofRequest();
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
}
