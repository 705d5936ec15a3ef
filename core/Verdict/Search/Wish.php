<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

/** What a recipe can go against beside its plant. Source: practice. Check: each is told by its word. */
enum Wish: string
{
    case Cost = 'cost';
    case Weight = 'weight';
    case Years = 'years';
    case Source = 'source';
    case Organics = 'organics';
    case AcidOrganics = 'acid_organics';

    /** That it stays like a recipe that there is. */
    case Character = 'character';

    /** That a component has to be in, or how much of it. */
    case Shares = 'shares';

    /** How many components there may be. */
    case Components = 'components';
}
