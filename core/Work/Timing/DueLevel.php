<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Timing;

enum DueLevel: string
{
    case Overdue = 'overdue';
    case Due = 'due';
    case Soon = 'soon';
    case NotDue = 'not_due';
    case JustPotted = 'just_potted';
    case Unknown = 'unknown';
}
