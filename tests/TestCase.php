<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Tests\Support\Server;

abstract class TestCase extends LaravelTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        // Files of the demo are not for tests, nor theirs for the demo.
        config(['filesystems.disks.files.root' => Server::data() . '/files']);
    }
}
