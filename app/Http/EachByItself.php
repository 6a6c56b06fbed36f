<?php

declare(strict_types=1);

namespace App\Http;

use App\Refusals\Refused;
use App\Words\Words;
use Closure;
use Illuminate\Http\JsonResponse;

/** The same done with several, each by itself: what can't be done is told, the others are. */
final readonly class EachByItself
{
    public function __construct(private Words $words) {}

    /**
     * @template T
     *
     * @param iterable<T>                      $all
     * @param Closure(T): mixed                $do
     * @param Closure(T): array<string, mixed> $named what tells it from the others
     *
     * @return JsonResponse how many were "done", and those that were "refused", each with what is "said" of it
     */
    public function answer(iterable $all, Closure $do, Closure $named): JsonResponse
    {
        $done = 0;
        $refused = [];
        foreach ($all as $one) {
            try {
                $do($one);
                ++$done;
            } catch (Refused $why) {
                $refused[] = $named($one) + ['said' => $this->words->say($why->detail(), $why->slots)];
            }
        }

        return new JsonResponse(['done' => $done, 'refused' => $refused]);
    }
}
