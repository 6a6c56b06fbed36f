<?php

declare(strict_types=1);

namespace Database\Factories\Tasks;

use App\Models\Customers\Customer;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskKind;
use App\Models\Tasks\TaskSource;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Factories\Factory;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * Tasks as rows alone: no rule has routed them, and there is no decision.
 *
 * @extends Factory<Task>
 */
final class TaskFactory extends Factory
{
    protected $model = Task::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'title' => 'Trumpet, stuck valve',
            'task_kind_id' => TaskKind::query()->value('id'),
            'status' => TaskStatus::New,
            'priority' => Priority::Normal,
            'source' => TaskSource::ByHand,
            'facts' => [],
            'tags' => [],
            'arrived_at' => CarbonImmutable::now(),
        ];
    }

    public function titled(string $title): self
    {
        return $this->state(['title' => $title]);
    }

    public function heldBy(Person $person): self
    {
        return $this->state(['assignee_id' => $person->id]);
    }

    public function of(Customer $customer): self
    {
        return $this->state(['customer_id' => $customer->id]);
    }

    public function in(TaskStatus $status): self
    {
        return $this->state([
            'status' => $status,
            'completed_at' => $status === TaskStatus::Done ? CarbonImmutable::now() : null,
        ]);
    }
}
