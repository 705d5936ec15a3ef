<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Aftercare;

/** What ends a task: a day, or something that is seen. */
enum EndsBy: string
{
    case Date = 'date';
    case ShootsLengthen = 'shoots_lengthen';
    case HoldsFirm = 'holds_firm';
    case LeavesStand = 'leaves_stand';
}
