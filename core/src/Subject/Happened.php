<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

/**
 * Something that has happened on a task and can't be seen from how it has
 * changed: a comment, a file, the button of a rule. A kind of event that waits
 * for such a thing is one itself, with all its parameters given.
 */
interface Happened {}
