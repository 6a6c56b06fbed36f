<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;

abstract class BrowserTestCase extends LaravelTestCase {}
