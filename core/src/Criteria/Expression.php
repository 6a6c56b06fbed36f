<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

/** A node of a criteria tree. */
interface Expression {}
