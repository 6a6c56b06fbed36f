<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Values;

use RuntimeException;

/** Criteria are so much nested that they are not examined. */
final class TooManyTerms extends RuntimeException {}
