<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Timing;

/** Windows to repot, named by school. */
enum School: string
{
    case BudSwell = 'bud_swell';
    case EarlyAutumn = 'early_autumn';
    case AfterFlower = 'after_flower';
    case WarmMonths = 'warm_months';
    case EndOfDryRest = 'end_of_dry_rest';
    case AnyGrowth = 'any_growth';
}
