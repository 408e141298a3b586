<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys as Key;
use Tests\Support\TestServer;

it('plans with the numbers of one\'s own lens', function () {
    $window = $this->browser();
    $this->planning($window);
    $this->press($window, 'Kit');
    $this->see($window, 'Lenses');
    $this->press($window, 'my 400 mm f/5.6');
    $this->see($window, 'Widest aperture');
    $field = fn (string $label) => $window->findElement(
        WebDriverBy::xpath("//label[starts-with(normalize-space(.), '{$label}')]/following-sibling::input"),
    );
    $type = function (string $label, string $text) use ($field): void {
        $field($label)->sendKeys([Key::CONTROL, 'a']);
        $field($label)->sendKeys([Key::NULL, $text, Key::ENTER]);
    };
    $type('Widest aperture', 'f/200');
    $this->see($window, 'Widest aperture is f/200; it must be f/0.7 to f/32.');
    expect($field('Widest aperture')->getAttribute('value'))->toBe('f/200');
    $type('Widest aperture', '4');
    $type('Longest focal length', '600');
    $type('Shortest focal length', '600');
    $type('Closest focus', '13 ft');
    $window->wait(10, 50)->until(function () use ($window): bool {
        $lens = array_values(
            array_filter(
                $this->api($window, 'GET', 'gear')[1]['gear'],
                fn (array $one): bool => $one['type'] === 'lens',
            ),
        )[0]['document'];

        return [$lens['widest_f'], $lens['focal_mm'], $lens['zoom'], round($lens['closest_m'], 3)] == [
            4,
            600,
            false,
            3.962,
        ];
    });
    $this->press($window, 'Plan');
    $this->reads($window, '[data-field=f_number]', 'f/4');
    $this->press($window, 'Kit');
    $this->press($window, 'Add a converter');
    $this->see($window, 'Factor');
    $this->saved($window);
    $this->press($window, 'Delete Another converter');
    $this->see($window, 'Deleted “Another converter”');
    $this->press($window, 'Bring it back');
    $this->see($window, 'Factor');
});

it('changes the kit from the sentence', function () {
    $window = $this->browser();
    $window->get($this->address('/'));
    $this->press($window, 'Look around the demo');
    $this->one($window, '[data-testid=answer]');
    $this->press($window, 'all rushes');
    $this->one($window, '.rushes input')->sendKeys('gannets');
    $window->wait(10, 50)->until(fn (): bool => count($window->findElements(WebDriverBy::cssSelector('.row'))) === 1);
    $this->press($window, 'Copy Gannets from the cliff path');
    $this->named($window, 'Copy of Gannets from the cliff path');
    $this->reads($window, '[data-word=kit]', 'Brackwater D, Lagoon 150–400 f/6.3');
    $this->see($window, 'set by the plan');
    $this->one($window, '[data-word=kit]')->click();
    $zoom = '[data-editor=kit] input:not([role=combobox])';
    $this->one($window, $zoom)->sendKeys([Key::CONTROL, 'a']);
    $this->one($window, $zoom)->sendKeys([Key::NULL, '300', Key::ENTER]);
    $this->reads($window, '[data-word=kit]', 'Brackwater D, Lagoon 150–400 f/6.3 at 300 mm');
    $this->pick($window, 'Lens', 'Sandbar 600 f/4');
    $this->reads($window, '[data-word=kit]', 'Brackwater D, Sandbar 600 f/4');
    $this->pick($window, 'Converter', '×2');
    $this->reads($window, '[data-word=kit]', 'Brackwater D, Sandbar 600 f/4, ×2');
    $this->press($window, 'Done');
    $this->see($window, '1200 mm');
    $this->saved($window);
    $id = basename((string) parse_url($window->getCurrentURL(), PHP_URL_PATH));
    // what the room still asks for must not find it gone
    $window->get($this->address('/settings'));
    $this->see($window, 'Letter keys');
    $this->api($window, 'DELETE', "rushes/{$id}");
});

it('signs out and in, changes the password, and deletes the account', function () {
    $window = $this->browser();
    $email = $this->planning($window);
    $window->get($this->address('/settings'));
    $this->one($window, 'input[name=current]')->sendKeys('sandpiper-dawn');
    $this->one($window, 'input[name=password]')->sendKeys('turnstone-dusk');
    $this->press($window, 'Change password');
    $this->see($window, 'Changed. Other devices have been signed out.');
    $this->press($window, 'Sign out');
    $this->see($window, 'One second');

    $signIn = function (string $password) use ($window, $email): void {
        $window->get($this->address('/sign-in'));
        $this->one($window, 'input[name=email]')->sendKeys($email);
        $this->one($window, 'input[name=password]')->sendKeys([$password, Key::ENTER]);
    };
    $signIn('sandpiper-dawn');
    $this->see($window, 'No account has this address and this password.');
    expect($this->one($window, 'input[name=email]')->getAttribute('value'))->toBe($email);
    $signIn('turnstone-dusk');
    $this->one($window, '[data-testid=answer]');

    $window->get($this->address('/settings'));
    $this->press($window, 'Delete my account and everything in it');
    $this->one($window, '.ant-modal input[name=password]')->sendKeys('turnstone-dusk');
    $this->press($window, 'Delete everything');
    $this->see($window, 'One second');
    $signIn('turnstone-dusk');
    $this->see($window, 'No account has this address and this password.');
    $this->expectedOnConsole = ['422'];
});

it('lets in again who has forgotten the password, by a link of whoever looks after this copy', function () {
    $window = $this->browser();
    $email = $this->registered($window);
    $this->one($window, 'a.who')->click();
    $this->press($window, 'Sign out');
    $this->press($window, 'I have forgotten my password');
    $this->see($window, 'php artisan account:reset');
    exec(
        'cd '.
            escapeshellarg($this->root()).
            ' && bash -c '.
            escapeshellarg(". bin/lib.sh; instance test; artisan account:reset {$email}").
            ' 2>&1',
        $said,
        $exit,
    );
    expect($exit)->toBe(0, implode("\n", $said));
    preg_match('#/reset/\S+#', implode("\n", $said), $link);
    $set = function (string $password) use ($window, $link): void {
        $window->get($this->address($link[0]));
        $this->one($window, 'input[name=password]')->sendKeys([$password, Key::ENTER]);
    };
    $set('short');
    $this->see($window, '10 to 72 characters');
    $set('turnstone-dusk');
    $this->see($window, 'Your password is set.');
    // the link is good once
    $set('another-password');
    $this->see($window, 'This link has ended or was used already.');
    $window->get($this->address('/sign-in'));
    $this->one($window, 'input[name=email]')->sendKeys($email);
    $this->one($window, 'input[name=password]')->sendKeys(['turnstone-dusk', Key::ENTER]);
    $this->see($window, 'No rush yet.');
    $this->expectedOnConsole = ['422'];
});

it('shows who is signed out the way in, and a lost visitor the way back', function () {
    $window = $this->browser();
    $window->get($this->address('/plan/01ARZ3NDEKTSV4RRFFQ69G5FAV'));
    $this->see($window, 'Look around the demo');
    $this->registered($window);
    $window->get($this->address('/plan/01ARZ3NDEKTSV4RRFFQ69G5FAV'));
    $this->see($window, 'This rush is not here.');
    $window->get($this->address('/nowhere'));
    $this->see($window, 'There is nothing here.');
    $this->expectedOnConsole = ['404'];
});

it('makes a key for another program, shows it once, and ends it', function () {
    $window = $this->browser();
    $this->planning($window);
    $window->get($this->address('/settings'));
    $this->one($window, '.programs summary')->click();
    $this->one($window, '.program-new input')->sendKeys('A script of mine');
    $this->press($window, 'Make a key');
    $text = $this->one($window, '.program-text code')->getText();
    $this->see($window, 'may read, made');
    $ask = static function (string $verb, string $path) use ($text): int {
        $line = curl_init(TestServer::address('/api/'.$path));
        curl_setopt_array($line, [
            CURLOPT_CUSTOMREQUEST => $verb,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_POSTFIELDS => $verb === 'GET' ? '' : '{}',
            CURLOPT_HTTPHEADER => [
                'Accept: application/json',
                'Content-Type: application/json',
                'Authorization: Bearer '.$text,
            ],
        ]);
        curl_exec($line);

        return curl_getinfo($line, CURLINFO_HTTP_CODE);
    };
    $rush = $this->api($window, 'GET', 'rushes')[1]['rushes'][0]['id'];
    expect([$ask('GET', 'rushes'), $ask('POST', "rushes/{$rush}/duplicate"), $ask('DELETE', 'account')])->toBe([
        200,
        403,
        403,
    ]);
    $window->navigate()->refresh();
    $this->one($window, '.programs summary')->click();
    $this->see($window, 'A script of mine');
    expect($window->findElements(WebDriverBy::cssSelector('.program-text')))->toBe([]);
    $this->press($window, 'End the key A script of mine');
    $window
        ->wait(15, 50)
        ->until(static fn (): bool => $window->findElements(WebDriverBy::cssSelector('.program')) === []);
    expect($ask('GET', 'rushes'))->toBe(401);
});

it('takes everything of an account into a file, and brings it into an empty one', function () {
    $window = $this->browser();
    $email = $this->planning($window);
    $this->artisan('hold:log-made-up', $email, '4', '--played');
    $file = sys_get_temp_dir().'/archive-'.bin2hex(random_bytes(4)).'.zip';
    $this->artisan('account:archive', $email, $file);
    $window->get($this->address('/settings'));
    $this->see($window, 'Everything of this account in one file');
    expect($this->one($window, 'a[href="/api/account/archive"]')->getAttribute('download'))->not->toBeNull();
    // an account in which something has been written takes none, and says why
    $this->expectedOnConsole = ['account/archive'];
    $input = $window->findElement(WebDriverBy::cssSelector('input[aria-label="Archive"]'));
    $input->sendKeys($file);
    $this->see($window, 'An archive goes into an account in which nothing has been written yet');
    $this->press($window, 'Sign out');
    $this->see($window, 'One second');
    $this->registered($window);
    $window->get($this->address('/settings'));
    $this->see($window, 'Bring such a file into this account');
    $window->findElement(WebDriverBy::cssSelector('input[aria-label="Archive"]'))->sendKeys($file);
    $this->one($window, '[data-testid=answer]');
    $window->get($this->address('/log/counts'));
    $this->see($window, 'in 4 bursts');
    unlink($file);
});
