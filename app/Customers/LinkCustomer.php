<?php

declare(strict_types=1);

namespace App\Customers;

use App\Models\Customers\CustomerLink;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;

/** Gives whoever asked for a task an address of their own. */
final class LinkCustomer
{
    /** @return string what only this answer knows: the database keeps a digest of it */
    public function __invoke(string $taskId): string
    {
        $secret = Str::random(CustomerLink::LENGTH);
        CustomerLink::query()->create([
            'task_id' => $taskId,
            'secret' => CustomerLink::digest($secret),
            'made_at' => CarbonImmutable::now(),
        ]);

        return $secret;
    }
}
