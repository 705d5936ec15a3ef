<?php

declare(strict_types=1);

namespace App\Blend;

use App\Shelf\Models\Component;
use LogicException;

/** The components of a question by key: those of the mix, of its layer and of the shelf, and what is inside premixes. */
final readonly class Records
{
    /** @param list<Component> $shelf components that a mend may add */
    public function __construct(private BlendForm $form, private array $shelf = []) {}

    /** @return array{component_id: int, kind: string, colour: string} how a component is drawn */
    public function look(string $key): array
    {
        $record = $this->of($key);

        return ['component_id' => $record->id, 'kind' => $record->kind, 'colour' => $record->colour];
    }

    public function of(string $key): Component
    {
        foreach ([...$this->form->components, ...$this->shelf] as $component) {
            if ($component->key === $key) {
                return $component;
            }
        }
        $content = $this->form->parts->shelf->record($key);
        if ($content !== null) {
            return $content;
        }

        throw new LogicException('Only components of the mix, its layer and the shelf are evaluated.');
    }
}
