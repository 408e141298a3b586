<?php

declare(strict_types=1);

use Tests\Support\TestServer;

// it stops or stalls the store, or counts what the processor does: beside nothing else
pest()->group('alone');

it(
    'loses no confirmed edit when the database is killed while edits are being saved, and says so while it is down',
    function () {
        $window = $this->browser();
        $this->planning($window);

        // a run of edits, as fast as the page takes them; what the page calls confirmed is written down as it happens
        $window->executeScript(
            <<<'JS'
                window.confirmed = null;
                const f = window.fetch;
                window.fetch = async (...a) => {
                    const r = await f(...a);
                    if (a[1].method === "PUT" && r.ok) window.confirmed = (await r.clone().json()).rush.motion.speed_mps;
                    return r;
                };
                const chip = document.querySelector("[data-word=speed]");
                chip.focus();
                window.steps = setInterval(() => chip.dispatchEvent(new KeyboardEvent("keydown", {key: "ArrowUp", bubbles: true})), 25);
            JS
            ,
        );
        $window->wait(10, 20)->until(fn (): bool => $window->executeScript('return window.confirmed') > 11);
        $old = TestServer::storePid();
        posix_kill($old, SIGKILL);
        $this->see($window, 'the store does not answer');
        $window->executeScript('clearInterval(window.steps)');
        $confirmed = (float) $window->executeScript('return window.confirmed');
        expect($confirmed)->toBeGreaterThan(11.0);

        // down: typing goes on, and is kept through a reload that itself must wait for the store
        $this->write($window, 'distance', '27 m');
        $this->reads($window, '[data-word=distance]', '27 m');
        $typed = $this->one($window, '[data-word=speed]')->getText();
        $window->navigate()->refresh();
        $this->see($window, 'The store does not answer');
        $this->see($window, 'tries again by itself');

        exec('bash '.escapeshellarg($this->root().'/bin/database').' start test 2>&1', $out, $exit);
        expect($exit)->toBe(0, implode("\n", $out))->and(TestServer::storePid())->not->toBe($old);

        // back: the page returns by itself, with everything confirmed and everything typed
        $this->reads($window, '[data-word=distance]', '27 m');
        $this->reads($window, '[data-word=speed]', str_replace("\u{a0}", ' ', $typed));
        $this->saved($window);
        $id = basename((string) parse_url($window->getCurrentURL(), PHP_URL_PATH));
        [$status, $kept] = $this->api($window, 'GET', "rushes/{$id}");
        expect($status)
            ->toBe(200)
            ->and($kept['rush']['motion']['speed_mps'])
            ->toBeGreaterThanOrEqual($confirmed)
            ->and($kept['rush']['distance']['work_m'])
            ->toEqual(27);

        // and undo reaches the last confirmed state from before the crash
        $this->press($window, 'undo');
        $this->reads($window, '[data-word=distance]', '18 m');
        $this->expectedOnConsole = ['503'];
    },
);

it('says that a store hangs, keeps what is typed meanwhile, and saves it when it answers again', function () {
    $window = $this->browser();
    // a write that was given up may have been carried out after all: the page knows its own again
    $this->expectedOnConsole = ['503', '409'];
    $this->planning($window);
    $id = basename((string) parse_url($window->getCurrentURL(), PHP_URL_PATH));
    TestServer::whileTheStoreHangs(function () use ($window): void {
        $this->write($window, 'distance', '27 m');
        $this->see($window, 'the store does not answer');
        $this->write($window, 'speed', '12 m/s');
        // the pages of others, and this one anew, say so too: nothing waits for the store
        $window->navigate()->refresh();
        $this->see($window, 'The store does not answer');
    });
    $this->reads($window, '[data-word=distance]', '27 m');
    $this->reads($window, '[data-word=speed]', '12 m/s');
    $this->saved($window);
    [$status, $kept] = $this->api($window, 'GET', "rushes/{$id}");
    expect($status)
        ->toBe(200)
        ->and($kept['rush']['distance']['work_m'])
        ->toEqual(27)
        ->and($kept['rush']['motion']['speed_mps'])
        ->toEqual(12);
});
