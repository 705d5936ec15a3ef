<?php

declare(strict_types=1);

test('no view of a mix has a fault of accessibility', function (): void {
    $this->openWithMix('/blend');
    foreach (['Will it fit', 'Profile', 'Retention', 'Depth', 'Packing', 'Years', 'Water', 'A year by days', 'Trade', 'Triangle', 'Figures'] as $view) {
        $this->view($view);
        $this->waitUntilGone('//*[contains(@class, "blend__blend-wait")]');
        $this->waitFor('//div[@data-view][@aria-busy="false"]//*[name()="svg"][@role] | //section[@aria-label="Pot section"]//dl');
        $this->settle();
        expect($this->accessibilityFaults('//section[@aria-label="Pot section"]'))->toBe([], $view);
    }
});

test('lengths and shares are written as the reader writes them', function (): void {
    $this->chrome()->devtools('Emulation.setLocaleOverride', ['locale' => 'de-DE']);
    try {
        $this->open('/bins');
        $this->see('Akadama-type clay granule 2-6 mm');
        expect($this->chrome()->driver->executeScript('return new Intl.NumberFormat().format(0.5)'))->toBe('0,5');
    } finally {
        $this->chrome()->devtools('Emulation.setLocaleOverride', []);
    }
});
