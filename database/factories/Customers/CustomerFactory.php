<?php

declare(strict_types=1);

namespace Database\Factories\Customers;

use App\Models\Customers\Customer;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/** @extends Factory<Customer> */
final class CustomerFactory extends Factory
{
    protected $model = Customer::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['slug' => Str::ulid()->toBase32(), 'name' => 'The Holms Primary School', 'tier' => 'school'];
    }

    public function named(string $name): self
    {
        return $this->state(['name' => $name, 'slug' => Str::slug($name)]);
    }
}
