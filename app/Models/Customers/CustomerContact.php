<?php

declare(strict_types=1);

namespace App\Models\Customers;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/** Somebody of a customer whom the house speaks with; the first of them is the usual one. */
final class CustomerContact extends Model
{
    use BootsByName;
    use HasUlids;

    public $timestamps = false;

    protected $table = 'customer_contacts';

    protected $guarded = [];
}
