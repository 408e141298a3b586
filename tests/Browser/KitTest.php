<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys as Key;
use Tests\Browser\BrowserTestCase;

/** Replaces the text of a field by its label for assistive technology. */
function retype(BrowserTestCase $test, RemoteWebDriver $window, string $label, string $text): void
{
    $field = $test->one($window, 'input[aria-label="'.$label.'"]');
    $field->sendKeys([Key::CONTROL, 'a']);
    $field->sendKeys([Key::NULL, $text]);
}

/** Opens a piece of one's kit by its name. */
function openPiece(BrowserTestCase $test, RemoteWebDriver $window, string $name): string
{
    $id = array_column($test->api($window, 'GET', 'gear')[1]['gear'], 'id', 'name')[$name];
    $window->get($test->address('/kit/'.$id));
    $test->one($window, '.piece');

    return $id;
}

it('asks at most twelve questions, survives a reload, and leaves a body that plans', function () {
    $window = $this->browser();
    $this->registered($window);
    $window->get($this->address('/kit/new-body'));
    $this->see($window, 'Question 1 of 12');
    retype($this, $window, 'Name', 'Mudlark 7');
    $this->press($window, 'Next');
    $this->see($window, 'How large is its sensor?');
    $window->findElement(WebDriverBy::xpath('//label[contains(., "one size below")]/input'))->click();
    $this->press($window, 'Next');
    $this->see($window, 'How many pixels');
    $pixels = $window->findElement(WebDriverBy::xpath('//label[starts-with(., "Pixels")]/following-sibling::input'));
    $pixels->sendKeys([Key::CONTROL, 'a']);
    // what cannot be read keeps the question, and says why
    $pixels->sendKeys([Key::NULL, 'abc']);
    $this->press($window, 'Next');
    $this->see($window, '“abc” is not a number');
    $this->see($window, 'Question 3 of 12');
    $pixels->sendKeys([Key::CONTROL, 'a']);
    $pixels->sendKeys([Key::NULL, '24 MP', Key::TAB]);
    // 24 million over 23.5 by 15.6 mm: √(24e6 · 23.5 / 15.6)
    $this->see($window, '6013 across');
    $window->navigate()->refresh();
    $this->see($window, 'Question 3 of 12');
    $this->see($window, '6013 across');
    foreach (['frames a second', 'shortest shutter', 'a mirror', 'focus modes'] as $question) {
        $this->press($window, 'Next');
        $this->see($window, $question);
        // nothing is ticked that nobody said
        expect($window->findElements(WebDriverBy::cssSelector('.guided-answer input:checked')))->toBe([]);
    }
    retype($this, $window, 'Its word for continuous', 'Chase');
    $this->press($window, 'Next');
    $this->see($window, 'Which AF areas');
    $window->findElement(WebDriverBy::xpath('//label[contains(., "one point")]/input'))->click();
    $window->findElement(WebDriverBy::xpath('//label[contains(., "small zone")]/input'))->click();
    retype($this, $window, 'Its word for one point', 'Dot');
    $this->press($window, 'Next');
    $this->see($window, 'What can it recognise?');
    $window->findElement(WebDriverBy::xpath('//label[contains(., "It recognises nothing")]/input'))->click();
    $this->press($window, 'Next');
    $this->see($window, 'Which keys do your fingers reach?');
    $this->press($window, 'Next');
    $this->see($window, 'Where do you change the AF area?');
    $this->pick($window, 'Where AF area lives', 'in the menu');
    retype($this, $window, 'Way through the menu to AF area', 'Focus > Dot or field');
    $this->press($window, 'Next');
    $window->findElement(WebDriverBy::xpath('//label[contains(., "a scale from 1 to 5")]/input'))->click();
    $this->see($window, 'Question 12 of 12');
    $this->press($window, 'Make this body');
    $this->one($window, '.piece');

    $gear = array_column($this->api($window, 'GET', 'gear')[1]['gear'], null, 'name')['Mudlark 7']['document'];
    expect($gear['sensor_width_mm'])
        ->toBe(23.5)
        ->and($gear['pixels_wide'])
        ->toBe(6013)
        ->and($gear['areas'])
        ->toBe(['single-point', 'zone-small'])
        ->and($gear['detects'])
        ->toBe([])
        ->and($gear['eye_detection_areas'])
        ->toBe([])
        // what was passed over is taken to be as usual, and says so
        ->and($gear['assumed'])
        ->toBe(['fps', 'shutter', 'af_sensor', 'modes', 'controls'])
        ->and($gear['dialect']['focus_mode']['words']['continuous'])
        ->toBe('Chase')
        ->and($gear['dialect']['area']['where']['menu'])
        ->toBe(['Focus', 'Dot or field'])
        ->and(array_column($gear['dialect']['tuning']['stay']['steps'], 'word'))
        ->toBe(['1', '2', '3', '4', '5'])
        ->and(array_column($gear['controls'], 'id'))
        ->toBe(['thumb', 'thumb-2', 'stick']);
    // and the next blank page is blank
    $window->get($this->address('/kit/new-body'));
    $this->see($window, 'Question 1 of 12');
});

it('keeps the words of a body as they are typed, and undoes them', function () {
    $window = $this->browser();
    $this->planning($window);
    $id = openPiece($this, $window, 'My body');
    retype($this, $window, 'Its word for large zone', 'Big pond');
    $this->saved($window);
    $window
        ->wait(15, 50)
        ->until(
            fn (): bool => ($this->api($window, 'GET', 'gear/'.$id)[1]['document']['dialect']['area']['words'][
                'zone-large'
            ] ??
                '') ===
                'Big pond',
        );
    // what it lacks is told where a hold needs it
    $window->findElement(WebDriverBy::xpath('//label[starts-with(normalize-space(.), "whole frame")]/input'))->click();
    $this->saved($window);
    $this->press($window, 'undo');
    $window
        ->wait(15, 50)
        ->until(
            fn (): bool => in_array(
                'whole-frame',
                $this->api($window, 'GET', 'gear/'.$id)[1]['document']['areas'],
                true,
            ),
        );
    $this->press($window, 'undo');
    $window
        ->wait(15, 50)
        ->until(
            fn (): bool => $this->one($window, 'input[aria-label="Its word for large zone"]')->getAttribute('value') ===
                '',
        );

    $this->press($window, 'Tuning');
    $window->findElement(WebDriverBy::xpath('//label[contains(., "by named cases")]/input'))->click();
    retype($this, $window, 'Word of preset 2', 'Behind reeds');
    $this->saved($window);
    $this->see($window, 'How a hold reads on this body');
    $cases = $this->api($window, 'GET', 'gear/'.$id)[1]['document']['dialect']['tuning'];
    expect($cases['kind'])
        ->toBe('cases')
        ->and($cases['presets'][1])
        ->toEqual(['word' => 'Behind reeds', 'stay' => 3, 'pace' => 0, 'pick' => 'auto']);

    $this->press($window, 'Keys');
    $this->press($window, 'Add a key');
    retype($this, $window, 'Name of this key', 'thumb rest');
    $this->saved($window);
    // a key is moved over the body by the arrows
    $spot = $this->one($window, '.spot');
    $spot->sendKeys(Key::ARROW_RIGHT);
    $window
        ->wait(15, 50)
        ->until(
            fn (): bool => ($this->api($window, 'GET', 'gear/'.$id)[1]['document']['controls'][0]['x'] ?? 0) == 0.52,
        );
});

it('shows what a kit file would change before it does, and refuses a bad one', function () {
    $window = $this->browser();
    $this->registered($window);
    $window->get($this->address('/kit/import'));
    $paste = function (string $text) use ($window): void {
        $area = $this->one($window, 'textarea');
        $window->executeScript(
            'const [area, text] = arguments; Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, "value").set.call(area, text); area.dispatchEvent(new Event("input", {bubbles: true}));',
            [$area, $text],
        );
        $this->press($window, 'See what it would change');
    };
    $this->expectedOnConsole = ['422'];
    $paste('{"format": "kit/1", "body": ');
    $this->see($window, 'Nothing was changed.');
    expect($this->one($window, 'textarea')->getAttribute('value'))->toBe('{"format": "kit/1", "body": ');
    $paste((string) file_get_contents($this->root().'/database/demo/brackwater_d.json'));
    $this->see($window, 'new here');
    expect($this->api($window, 'GET', 'gear')[1]['gear'])->toHaveCount(2);
    $this->press($window, 'Take it in');
    $this->see($window, 'Taken in:');
    expect(array_column($this->api($window, 'GET', 'gear')[1]['gear'], 'name'))->toContain('Brackwater D');
    $changed = str_replace(
        '"fps": 8',
        '"fps": 9',
        (string) file_get_contents($this->root().'/database/demo/brackwater_d.json'),
    );
    $paste($changed);
    $this->see($window, 'differs from yours');
    $this->see($window, 'write over yours');
});

it('adds up what the kit does together', function () {
    $window = $this->browser();
    $window->get($this->address('/'));
    $this->press($window, 'Look around the demo');
    $this->one($window, '[data-testid=answer]');
    $window->get($this->address('/kit'));
    $this->one($window, '.reach-value');
    $this->pick($window, 'Body', 'Brackwater D');
    $this->pick($window, 'Lens', 'Sandbar 500 f/5.6');
    $this->pick($window, 'Converter', '×2');
    $this->see($window, 'none: by hand');
    $this->see($window, 'it gives up beyond f/8');
    $this->see($window, '1000 mm');
});

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
