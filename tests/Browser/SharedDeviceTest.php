<?php

declare(strict_types=1);

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverKeys as Key;
use Tests\Browser\BrowserTestCase;

const CUT = [
    '502',
    'ERR_CONNECTION_REFUSED',
    'ERR_INTERNET_DISCONNECTED',
    'ERR_CONNECTION_RESET',
    'ERR_EMPTY_RESPONSE',
    '401',
    'Failed to fetch',
];

/** Everything this browser keeps in its own store, by name. */
function store(RemoteWebDriver $window): string
{
    return (string) $window->executeScript('return JSON.stringify(localStorage)');
}

/** Signs in elsewhere and changes the password, which ends every other session of the account. */
function endElsewhere(BrowserTestCase $test, string $email): void
{
    $other = $test->browser();
    $other->get($test->address('/sign-in'));
    $test->one($other, 'input[name=email]')->sendKeys($email);
    $test->one($other, 'input[name=password]')->sendKeys(['sandpiper-dawn', Key::ENTER]);
    $test->one($other, '[data-testid=answer]');
    [$status] = $test->api($other, 'PUT', 'password', ['current' => 'sandpiper-dawn', 'password' => 'turnstone-dusk']);
    expect($status)->toBe(204);
}

it('shows nobody the cards of another on the same device, with or without a line', function () {
    $this->expectedOnConsole = CUT;
    $window = $this->browser();
    $email = $this->planning($window);
    $window->get($this->address('/card'));
    $this->press($window, 'Make the first one');
    $this->one($window, '.to-set');
    $this->carried($window);
    endElsewhere($this, $email);
    $window->navigate()->refresh();
    $this->see($window, 'Sign in');
    $this->nothingKept($window);

    // the next person at this device
    $this->registered($window);
    $window->get($this->address('/card'));
    $this->see($window, 'No card yet.');
    try {
        $this->server('stop');
        $window->navigate()->refresh();
        $window->wait(20, 100)->until(fn (): bool => trim($this->text($window)) !== '');
        expect($this->text($window))
            ->not->toContain('A new rush')
            ->not->toContain('A new card')
            ->and(store($window))
            ->not->toContain('A new rush');
    } finally {
        $this->server('start');
    }
});

it('carries out a signing out that began without a line, and says so', function () {
    $this->expectedOnConsole = [...CUT, '419'];
    $window = $this->browser();
    $this->carrying($window);
    $this->one($window, 'a.who')->click();
    $this->see($window, 'Sign out');
    try {
        $this->server('stop');
        $this->press($window, 'Sign out');
        $this->see($window, 'Signed out on this device');
        $this->nothingKept($window);
        expect(store($window))->not->toContain(':unsaved:')->toContain('rush-hold:leaving');
    } finally {
        $this->server('start');
    }
    // the page that is open tells the server by itself
    $window->wait(40, 100)->until(fn (): bool => ! str_contains($this->text($window), 'Signed out on this device'));
    expect($this->api($window, 'GET', 'session')[1]['user'])->toBeNull();
    $window->navigate()->refresh();
    $this->see($window, 'Look around the demo');
    $this->nothingKept($window);
});

it('does not show an account that has left, though the server has not heard of it yet', function () {
    $this->expectedOnConsole = [...CUT, '419'];
    $window = $this->browser();
    $this->planning($window);
    // as if the page had been closed before the line was back
    $window->executeScript(
        'const key = JSON.parse(document.getElementById("boot").textContent).user?.key; localStorage.setItem("rush-hold:leaving", key ?? arguments[0]);',
        [$this->api($window, 'GET', 'session')[1]['user']['key']],
    );
    $window->navigate()->refresh();
    $this->see($window, 'Look around the demo');
    $window->wait(20, 100)->until(fn (): bool => $this->api($window, 'GET', 'session')[1]['user'] === null);
    expect($this->api($window, 'GET', 'rushes')[0])->toBe(401);
});

it('asks before what has not been sent is lost', function () {
    $this->expectedOnConsole = CUT;
    $window = $this->browser();
    $card = $this->carrying($window);
    try {
        $this->server('stop');
        $this->one($window, '.changes-list input')->click();
        $this->see($window, 'Ticks wait to be sent.');
        $this->one($window, 'a.who')->click();
        $this->press($window, 'Sign out');
        $this->see($window, 'Not everything has been sent');
        $this->press($window, 'Stay signed in');
    } finally {
        $this->server('start');
    }
    // what waited arrives, from whatever room
    $window
        ->wait(40, 200)
        ->until(
            fn (): bool => array_filter(
                $this->api($window, 'GET', 'cards/'.$card)[1]['ticks'] ?? [],
                fn (array $tick): bool => $tick['on'],
            ) !== [],
            'Waited for the tick to arrive',
        );
    $this->press($window, 'Sign out');
    $this->see($window, 'Look around the demo');
    expect(store($window))->not->toContain(':outbox');
});

it('asks before another account is let in over work that has not been sent', function () {
    $this->expectedOnConsole = CUT;
    $window = $this->browser();
    $email = $this->planning($window);
    endElsewhere($this, $email);
    $this->write($window, 'distance', '27');
    $this->see($window, 'you are signed out');
    expect(store($window))->toContain(':unsaved:');
    $window->get($this->address('/register'));
    $this->see($window, 'Make my account');
    foreach (
        ['name' => 'Grace', 'email' => bin2hex(random_bytes(6)).'@turf.example', 'password' => 'sandpiper-dawn'] as $name => $text
    ) {
        $this->one($window, "input[name={$name}]")->sendKeys($text);
    }
    $this->press($window, 'Make my account');
    $this->see($window, 'Somebody else’s work is still on this device.');
    expect($this->text($window))->not->toContain('27 m');
    $this->press($window, 'Throw it away');
    $this->see($window, 'No rush yet.');
    expect(store($window))->not->toContain(':unsaved:');
});

it('keeps somebody signed in on a device only where they ask for it', function () {
    $window = $this->browser();
    $window->get($this->address('/register'));
    foreach (
        ['name' => 'Ada', 'email' => bin2hex(random_bytes(6)).'@turf.example', 'password' => 'sandpiper-dawn'] as $name => $text
    ) {
        $this->one($window, "input[name={$name}]")->sendKeys($text);
    }
    $this->one($window, 'input[name=keep]')->click();
    $this->press($window, 'Make my account');
    $this->see($window, 'No rush yet.');
    $cookies = array_filter(
        $window->manage()->getCookies(),
        fn ($cookie): bool => str_starts_with($cookie->getName(), 'remember_'),
    );
    $session = $window->manage()->getCookieNamed('rush_hold_session');
    expect($cookies)->toBe([])->and($session->getExpiry())->toBeNull();
});
