<?php

declare(strict_types=1);

namespace App\Actions;

/** Somebody else has decided or ended the absence in the meantime. */
final class AbsenceMovedOn extends MovedOn {}
