<?php

declare(strict_types=1);

it('slides under the hand on a phone', function () {
    $window = $this->browser(390, 844);
    $window->get($this->address('/'));
    $this->press($window, 'Look around the demo');
    $this->one($window, '[data-testid=answer]');
    $outings = array_column($this->api($window, 'GET', 'outings')[1]['outings'], 'id', 'name');
    $window->get($this->address('/outing/'.$outings['Slalom Saturday']));
    $this->one($window, '.strip-hand');
    $window->executeScript('document.querySelector(".strip-slides").scrollLeft = 8 * 12');
    $this->reads($window, '.at-clock', '10:00');
    // the names of the bands stay in sight while the hours slide
    expect($window->executeScript('return document.querySelector(".strip-names b").getBoundingClientRect().left'))->toBeBetween(0, 40);
    expect($window->executeScript('return document.documentElement.scrollWidth <= window.innerWidth'))->toBeTrue();
});

it('is read without a connection once it was opened', function () {
    $window = $this->browser(390, 844);
    $window->get($this->address('/'));
    $this->press($window, 'Look around the demo');
    $this->one($window, '[data-testid=answer]');
    $this->carried($window);
    $outings = array_column($this->api($window, 'GET', 'outings')[1]['outings'], 'id', 'name');
    $id = $outings['Spring tide at the inlet'];
    $window->get($this->address('/outing/'.$id));
    $this->one($window, '.strip-hand');
    $window->wait(30, 200)->until(
        static fn (): bool => (bool) $window->executeAsyncScript(
            'const [id, done] = arguments; caches.keys().then((names) => caches.open(names.find((name) => name.startsWith("rush-hold-offline:")))).then((cache) => cache.match(`/api/outings/${id}/day`)).then((found) => done(found !== undefined), () => done(false));',
            [$id],
        ),
        'Waited for the day to be kept',
    );
    $this->expectedOnConsole = ['Failed to load resource', 'fetching the script'];
    $this->server('stop');
    try {
        $window->navigate()->refresh();
        $this->one($window, '.strip-hand');
        $this->see($window, 'No signal: the day as this device kept it.');
        $this->see($window, 'Be off by 10:21.');
    } finally {
        $this->server('start');
    }
});
