<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;

/** A session as the framework keeps it. Its id is a secret of the machine that has it. */
final class OpenSession extends Model
{
    use BootsByName;

    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'sessions';

    protected $keyType = 'string';

    protected $hidden = ['id', 'payload'];

    /** What it is called where others may see it. */
    public function name(): string
    {
        return hash('sha256', (string) $this->id);
    }
}
