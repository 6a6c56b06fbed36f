<?php

declare(strict_types=1);

namespace App\Models\Guides;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;

/** What a guide is about. */
final class GuideLink extends Model
{
    use BootsByName;

    protected $table = 'guide_links';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['about' => GuideAbout::class];
}
