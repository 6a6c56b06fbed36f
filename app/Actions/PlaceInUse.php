<?php

declare(strict_types=1);

namespace App\Actions;

/** A place cannot go while something lies in it. */
final class PlaceInUse extends MovedOn {}
