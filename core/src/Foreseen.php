<?php

declare(strict_types=1);

namespace OpenBaton\Core;

use Throwable;

/** What the product throws itself: it is said to whoever asked, and is no fault of the product. */
interface Foreseen extends Throwable {}
