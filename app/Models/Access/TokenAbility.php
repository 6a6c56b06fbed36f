<?php

declare(strict_types=1);

namespace App\Models\Access;

/** What a token lets a system do; nothing else, whatever its owner may. */
enum TokenAbility: string
{
    /** Bringing tasks in, and seeing what became of those. */
    case Create = 'tasks:create';
    /** Seeing tasks that the owner sees, and how they were decided. */
    case Read = 'tasks:read';
    /** Bringing what customers say and send to tasks that the owner sees. */
    case Speak = 'tasks:speak';
    /** Working on tasks as the owner may, and telling what the owner is told. */
    case Work = 'tasks:work';
    /** Seeing messages that the owner sees, changing, sending and dropping them. */
    case Messages = 'messages:steer';
    /** The owner's own absences. */
    case Absences = 'absences:own';
    /** Seeing customers and places, making and changing them, where the owner may. */
    case Customers = 'customers:keep';
    /** Seeing cases that the owner sees. */
    case ReadCases = 'cases:read';
    /** Opening cases and working on them as the owner may. */
    case WorkCases = 'cases:work';
}
