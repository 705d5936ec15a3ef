<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

/** One way of changing a setup. */
interface Way
{
    /**
     * Every change of this way that is worth a try, to be made when asked for; what is so already is left out. One that cannot be made is refused when it is made.
     *
     * @return iterable<callable(): Change>
     */
    public static function from(AsItStands $at): iterable;
}
