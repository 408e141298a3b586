<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys as Key;

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

it('takes everything of an account into a file, and brings it into an empty one', function () {
    $window = $this->browser();
    $email = $this->planning($window);
    $this->artisan('hold:log-made-up', $email, '4', '--played');
    $file = sys_get_temp_dir().'/archive-'.bin2hex(random_bytes(4)).'.zip';
    $window->get($this->address('/settings'));
    $this->press($window, 'Write an archive');
    $this->see($window, 'Write another');
    $link = $this->one($window, '.made-files a');
    expect($link->getAttribute('download'))->not->toBeNull();
    $cookies = array_map(static fn ($one): string => $one->getName().'='.$one->getValue(), $window->manage()->getCookies());
    $asked = stream_context_create(['http' => ['header' => 'Cookie: '.implode('; ', $cookies)]]);
    file_put_contents($file, file_get_contents($this->address(parse_url((string) $link->getAttribute('href'), PHP_URL_PATH)), false, $asked));
    // an account in which something has been written takes none, and says why
    $this->expectedOnConsole = ['account/restore'];
    $input = $window->findElement(WebDriverBy::cssSelector('input[aria-label="Archive"]'));
    $input->sendKeys($file);
    $this->see($window, 'An archive goes into an account in which nothing has been written yet');
    $this->press($window, 'Sign out');
    $this->see($window, 'One second');
    $this->registered($window);
    $window->get($this->address('/settings'));
    $this->see($window, 'Bring an archive into this account');
    $window->findElement(WebDriverBy::cssSelector('input[aria-label="Archive"]'))->sendKeys($file);
    $this->see($window, 'Your archive is here');
    $this->see($window, '4 bursts');
    expect($this->axe($window))->toBe([]);
    $this->press($window, 'Go in');
    $this->one($window, '[data-testid=answer]');
    $window->get($this->address('/log/counts'));
    $this->see($window, 'in 4 bursts');
    unlink($file);
});
