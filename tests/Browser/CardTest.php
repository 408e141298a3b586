<?php

declare(strict_types=1);

it('opens without signal, keeps ticks, and they arrive when the server is back', function () {
    $window = $this->browser(390, 844);
    $this->expectedOnConsole = [
        'ERR_CONNECTION_REFUSED',
        'ERR_INTERNET_DISCONNECTED',
        'ERR_CONNECTION_RESET',
        'ERR_EMPTY_RESPONSE',
    ];
    $card = $this->carrying($window);
    try {
        $this->server('stop');
        $window->navigate()->refresh();
        $this->one($window, '.to-set');
        $this->see($window, 'No signal: as kept');
        $this->one($window, '.aim-figure');
        $box = $this->one($window, '.changes-list input');
        $this->click($window, $box);
        $this->see($window, 'Ticks wait to be sent.');
        $window->navigate()->refresh();
        $this->see($window, 'Ticks wait to be sent.');
        expect($this->one($window, '.changes-list input')->isSelected())->toBeTrue();
        // another room is honest about it, and the card is still there afterwards
        $this->room($window, 'Controls');
        $this->room($window, 'Card');
        expect($this->one($window, '.changes-list input')->isSelected())->toBeTrue();
        // how the camera was left is known on this device at once, also after a reload, and can be taken back
        $this->press($window, 'It is all set: remember it so');
        $this->see($window, 'The camera is set for this.');
        $window->navigate()->refresh();
        $this->see($window, 'The camera is set for this.');
        $this->press($window, 'It was left otherwise');
        $this->pick($window, 'focus mode', 'single');
        $this->press($window, 'It was left so');
        $this->see($window, 'Counted from how it was left before');
        $this->click($window, $this->one($window, '.changes-list input'));
    } finally {
        $this->server('start');
    }
    $window
        ->wait(30, 100)
        ->until(
            fn (): bool => array_filter(
                $this->api($window, 'GET', 'cards/'.$card)[1]['ticks'] ?? [],
                fn (array $tick): bool => $tick['on'],
            ) !== [],
            'Waited for the tick to arrive',
        );
    $window->wait(15, 100)->until(fn (): bool => ! str_contains($this->text($window), 'wait to be sent'));
    expect($this->text($window))->not->toContain('No signal');
});

it('prints one page a hold, without the furniture of the screen', function () {
    $window = $this->browser();
    $window->get($this->address('/'));
    $this->press($window, 'Look around the demo');
    $this->one($window, '[data-testid=answer]');
    $window->get($this->address('/card'));
    $this->one($window, '.to-set');
    $driver = new Facebook\WebDriver\Chrome\ChromeDevToolsDriver($window);
    $pages = [];
    foreach (['A6' => 4.13, 'A4' => 8.27] as $paper => $width) {
        $this->pick($window, 'Paper', $paper);
        $pdf = base64_decode(
            $driver->execute('Page.printToPDF', [
                'preferCSSPageSize' => true,
                'printBackground' => false,
            ])['data'],
        );
        $file = tempnam(sys_get_temp_dir(), 'print');
        file_put_contents($file, $pdf);
        $text = (string) shell_exec('pdftotext -layout '.escapeshellarg($file).' -');
        $info = (string) shell_exec('pdfinfo '.escapeshellarg($file));
        unlink($file);
        preg_match('/Pages:\s+(\d+)/', $info, $count);
        preg_match('/Page size:\s+([\d.]+)/', $info, $size);
        expect((int) $count[1])
            ->toBe(4, $paper)
            ->and((float) $size[1])
            ->toEqualWithDelta($width * 72, 1)
            ->and($text)
            ->toContain('Terns over the bar')
            ->toContain('1/4000')
            ->toContain('Whole water')
            ->toContain('Patience')
            ->not->toContain('print')
            ->not->toContain('Controls')
            ->not->toContain('changes from how it was left');
    }
});

it('forgets what it carries when the account signs out', function () {
    $window = $this->browser();
    $this->carrying($window);
    $window->get($this->address('/settings'));
    $this->press($window, 'Sign out');
    $this->see($window, 'Look around the demo');
    $this->nothingKept($window);
    // whoever comes next without a line finds no card there
    $kept = $window->executeAsyncScript(
        'const done = arguments[0]; Promise.all(["/api/cards", "/card"].map((path) => caches.match(path))).then((found) => done(found.filter(Boolean).length));',
    );
    expect($kept)->toBe(0);
});
