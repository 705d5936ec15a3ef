<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

/** Another component from the shelf. */
final class Add implements Way
{
    public static function from(AsItStands $at): iterable
    {
        $used = array_map(static fn(array $portion): string => $portion[0]->key, $at->setup->portions);
        foreach ($at->shelf as $portion) {
            foreach (in_array($portion->key, $used, true) ? [] : AsItStands::STEPS as $times) {
                yield static fn(): Change => new Change(ChangeKind::Add, $at->setup->withParts($portion, $times * $at->unit), $times + 0.5, $times * $at->unit, $portion->key);
            }
        }
    }
}
