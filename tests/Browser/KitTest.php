<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;

it(
    'sends a kit file through a lost line and a reload, and shows what it would change once it has arrived',
    function () {
        $window = $this->browser();
        $this->registered($window);
        $window->get($this->address('/kit/import'));
        $this->one($window, '.sent-files input[type=file]');
        $line = new ChromeDevToolsDriver($window);
        $line->execute('Network.enable', []);
        $line->execute('Network.setBlockedURLs', ['urls' => ['*/api/files/kit/*']]);
        $this->expectedOnConsole = ['ERR_BLOCKED_BY_CLIENT'];
        $window
            ->findElement(WebDriverBy::cssSelector('.sent-files input[type=file]'))
            ->sendKeys($this->root().'/database/demo/brackwater_d.json');
        $this->see($window, 'waits for its turn or for a line; nothing is lost');
        $window->navigate()->refresh();
        $this->see($window, 'brackwater_d.json');
        expect($this->api($window, 'GET', 'files')[1]['files'])->toBe([]);
        $line->execute('Network.setBlockedURLs', ['urls' => []]);
        $this->see($window, 'KB, sent');
        expect($this->api($window, 'GET', 'files?purpose=kit')[1]['files'][0]['name'])->toBe('brackwater_d.json');
        $this->press($window, 'Look at it');
        $this->see($window, 'Brackwater D');
        $this->press($window, 'Take it in');
        $this->see($window, 'Taken in:');
        // what has been taken in is not kept twice
        $window->wait(15, 100)->until(fn (): bool => $this->api($window, 'GET', 'files')[1]['files'] === []);
        expect(array_column($this->api($window, 'GET', 'gear')[1]['gear'], 'name'))->toContain('Brackwater D');
    },
);

it('says why the server will not take a file, and looks at once at one that has just been chosen', function () {
    $window = $this->browser();
    $this->registered($window);
    $window->get($this->address('/kit/import'));
    $this->one($window, '.sent-files input[type=file]');
    $choose = fn (string $path) => $window
        ->findElement(WebDriverBy::cssSelector('.sent-files input[type=file]'))
        ->sendKeys($path);
    $this->expectedOnConsole = ['415'];
    $choose($this->root().'/public/mark-192.png');
    $this->see($window, '“mark-192.png” is image/png by what is in it');
    $this->press($window, 'Put it away');
    $choose($this->root().'/database/demo/brackwater_d.json');
    $this->see($window, 'new here');
});

it('proposes a body and a lens from one photograph, asks for what it does not say, and adds what was seen', function () {
    $window = $this->browser();
    $this->registered($window);
    $this->room($window, 'Kit');
    $this->press($window, 'From a photograph');
    $path = sys_get_temp_dir().'/'.bin2hex(random_bytes(4)).'.jpg';
    file_put_contents($path, Tests\Support\Frames::jpeg(1, 0, ['focalIn35Mm' => 500.0]));
    $window->findElement(Facebook\WebDriver\WebDriverBy::cssSelector('input[aria-label="A photograph"]'))->sendKeys($path);
    $this->see($window, 'reckoned from what the file says');
    $body = $this->one($window, 'section[aria-label="The body"]');
    expect($body->getText())->toContain('read in the file')->not->toContain('Still to be said');
    expect($this->one($window, '[aria-label="Name of the body"]')->getAttribute('value'))->toBe('Skerry One');
    // the lens is asked for what no file says
    $lens = $this->one($window, 'section[aria-label="The lens"]');
    expect($lens->getText())->toContain('Still to be said: Widest aperture.');
    $this->press($window, 'Add this body');
    $this->see($window, 'Look it through');
    $widest = $lens->findElement(Facebook\WebDriver\WebDriverBy::xpath('.//label[text()="Widest aperture"]/following-sibling::input'));
    $widest->sendKeys(['f/5.6', Facebook\WebDriver\WebDriverKeys::TAB]);
    $this->press($window, 'Add this lens');
    $window->wait(20, 100)->until(fn (): bool => in_array('Longshore 500', array_column($this->api($window, 'GET', 'gear')[1]['gear'], 'name'), true));
    $gear = array_column($this->api($window, 'GET', 'gear')[1]['gear'], null, 'name');
    expect($gear['Skerry One']['document']['pixels_wide'])
        ->toBe(960)
        ->and($gear['Skerry One']['document']['sensor_width_mm'])
        ->toBe(36)
        ->and($gear['Skerry One']['document']['assumed'])
        ->toContain('fps')
        ->not->toContain('sensor')
        ->and($gear['Longshore 500']['document'])
        ->toMatchArray(['focal_min_mm' => 500, 'focal_max_mm' => 500, 'widest_f' => 5.6, 'zoom' => false]);
});
