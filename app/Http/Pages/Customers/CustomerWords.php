<?php

declare(strict_types=1);

namespace App\Http\Pages\Customers;

use App\Models\House\House;
use App\Words\Words;
use OpenBaton\Core\Workload\TaskStatus;

/** What customers read of the status of their request: nothing of names and reasons in the house. */
final readonly class CustomerWords
{
    public function __construct(private Words $words) {}

    public function of(TaskStatus $status, House $house): string
    {
        return $this->own($house)[$status->value] ?? $this->usual($status);
    }

    public function usual(TaskStatus $status): string
    {
        return $this->words->say("customer_status.{$status->value}");
    }

    /** @return list<array{status: string, own: string, usual: string}> */
    public function all(House $house): array
    {
        $own = $this->own($house);

        return array_map(
            fn(TaskStatus $status): array => [
                'status' => $status->value,
                'own' => $own[$status->value] ?? '',
                'usual' => $this->usual($status),
            ],
            TaskStatus::cases(),
        );
    }

    /** @return array<string, string> */
    private function own(House $house): array
    {
        /** @var array<string, string> $own */
        $own = (array) $house->customer_words;

        return $own;
    }
}
