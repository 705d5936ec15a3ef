<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

use Zolbek\Core\Place\Watering\Feed;

/** Another feed in the mix; none only where none is in the water either. */
final class OtherFeed implements Way
{
    public static function from(AsItStands $at): iterable
    {
        $situation = $at->setup->situation;
        if ($situation === null) {
            return;
        }
        foreach (Feed::cases() as $feed) {
            if ($feed->mmolLYear() !== $situation->feedAcidityMmolLYear && ($feed !== Feed::None || $situation->feedAcidityMgL <= 0.0)) {
                yield static fn(): Change => new Change(
                    ChangeKind::Feed,
                    $at->setup->with(situation: $situation->with(feedAcidityMmolLYear: $feed->mmolLYear())),
                    $feed === Feed::None ? 1.4 : 1.0,
                    $feed->mmolLYear(),
                    to: $feed->value,
                );
            }
        }
    }
}
