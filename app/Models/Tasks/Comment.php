<?php

declare(strict_types=1);

namespace App\Models\Tasks;

use App\Models\Access\User;
use App\Models\Concerns\BootsByName;
use App\Models\People\Person;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** What somebody said on a task. */
final class Comment extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'comments';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = [
        'at' => 'immutable_datetime',
        'mentions' => 'array',
        'from_customer' => 'boolean',
    ];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Person, $this> in whose place the user spoke */
    public function for(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'for_id');
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return list<string> people who are spoken to */
    public function mentionedSlugs(): array
    {
        /** @var list<string> $slugs */
        $slugs = array_values((array) $this->mentions);

        return $slugs;
    }
}
