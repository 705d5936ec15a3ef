<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

/** Where what goes into a mix may come from. Source: practice. Check: a bin that holds a litre too little is owned, but does not suffice. */
enum Source: string
{
    /** What lies there is enough for all pots. */
    case Stock = 'stock';

    /** Something of it lies there; the rest is bought. */
    case Owned = 'owned';

    /** Anything can be bought. */
    case Bought = 'bought';
}
