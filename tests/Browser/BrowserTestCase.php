<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;
use Tests\Support\Stranger;
use Tests\Support\TestServer;

/**
 * Drives the real pages through the real server and database that bin/test has started.
 * A failing test leaves a picture and the console of every window in storage/test/failures and says where.
 */
abstract class BrowserTestCase extends TestCase
{
    /** @var list<RemoteWebDriver> */
    private array $windows = [];

    /** Parts of console messages a test expects, such as a refused request it provokes. */
    protected array $expectedOnConsole = [];

    protected function tearDown(): void
    {
        $failed = $this->status()->isFailure() || $this->status()->isError();
        $console = [];
        foreach ($this->windows as $at => $window) {
            $lines = array_map(
                fn (array $line): string => $line['level'].' '.$line['message'],
                $window->manage()->getLog('browser'),
            );
            $console = [...$console, ...array_filter($lines, $this->unexpected(...))];
            if ($failed) {
                $this->leaveEvidence($window, $at, $lines);
            }
            Chrome::close($window);
        }
        $this->windows = [];
        if (! $failed) {
            self::assertSame([], array_values($console), 'The browser console must stay quiet.');
        }
        parent::tearDown();
    }

    public static function root(): string
    {
        return TestServer::root();
    }

    public static function address(string $path = '/'): string
    {
        return TestServer::address($path);
    }

    public function browser(int $width = 1280, int $height = 800): RemoteWebDriver
    {
        return $this->windows[] = Chrome::open($width, $height);
    }

    /** A window with an account of its own: registered through the pages where one is open, beside them in a new window. */
    public function registered(RemoteWebDriver $window, ?string $email = null): string
    {
        $email ??= bin2hex(random_bytes(6)).'@turf.example';
        if ($window->getCurrentURL() === 'about:blank') {
            $cookies = Stranger::registered('Ada', $email)->cookies();
            (new ChromeDevToolsDriver($window))->execute('Network.setCookies', [
                'cookies' => array_map(
                    fn (string $name) => ['name' => $name, 'value' => $cookies[$name], 'url' => self::address()],
                    array_keys($cookies),
                ),
            ]);
            $window->get(self::address());
        } else {
            $window->get(self::address('/register'));
            $this->see($window, 'Make my account');
            foreach (['name' => 'Ada', 'email' => $email, 'password' => 'sandpiper-dawn'] as $name => $text) {
                $this->one($window, "input[name={$name}]")->sendKeys($text);
            }
            $this->press($window, 'Make my account');
        }
        $this->see($window, 'No rush yet.');

        return $email;
    }

    /** An account with its first rush open. */
    public function planning(RemoteWebDriver $window): string
    {
        $email = $this->registered($window);
        $this->press($window, 'Write the first one');
        $this->one($window, '[data-testid=answer]');
        $this->saved($window);

        return $email;
    }

    /** An account with one card of one hold open, in a browser that carries it; the id of the card. */
    public function carrying(RemoteWebDriver $window): string
    {
        $this->planning($window);
        $window->get(self::address('/card'));
        $this->press($window, 'Make the first one');
        $this->one($window, '.to-set');
        $this->carried($window);

        return basename((string) parse_url($window->getCurrentURL(), PHP_URL_PATH));
    }

    /** Goes to a room by its name, on a phone by the bar under the thumb. */
    public function room(RemoteWebDriver $window, string $name): void
    {
        if ($window->findElements(WebDriverBy::cssSelector('.thumb > button')) !== []) {
            $this->one($window, '.thumb > button')->click();
            $this->one($window, '.thumb-rooms');
        }
        $this->press($window, $name);
    }

    /** Goes to another address inside the page that is open, as its links do; where its title names something, until it does. */
    public function go(RemoteWebDriver $window, string $path, string $title = ''): void
    {
        $window->executeScript(
            'history.pushState(null, "", arguments[0]); dispatchEvent(new PopStateEvent("popstate", {state: null}))',
            [$path],
        );
        $window
            ->wait(15, 50)
            ->until(static fn (): bool => str_contains($window->getTitle(), $title), "Waited for “{$title}”");
    }

    /** Waits until the browser carries a card: it puts every built file on its disk first, which a busy machine takes its time for. */
    public function carried(RemoteWebDriver $window): void
    {
        $window
            ->wait(180, 100)
            ->until(
                static fn (): bool => (bool) $window->executeAsyncScript(
                    'const done = arguments[0]; (navigator.serviceWorker.controller === null ? Promise.resolve([]) : caches.keys()).then((names) => names.find((name) => name.startsWith("rush-hold-offline:"))).then((name) => name ? caches.open(name) : null).then((c) => c ? Promise.all(["cards", "gear", "rushes"].map((one) => c.match(`/api/${one}`))) : [null]).then((all) => all.includes(null) || all.includes(undefined) ? null : all[0].json()).then((j) => done(j !== null && j.cards.length > 0 && navigator.serviceWorker.controller !== null), () => done(false));',
                ),
                'Waited for the browser to carry the card',
            );
    }

    /** Waits until the browser keeps nothing of anybody. */
    public function nothingKept(RemoteWebDriver $window): void
    {
        $window
            ->wait(20, 100)
            ->until(
                static fn (): bool => (bool) $window->executeAsyncScript(
                    'const done = arguments[0]; caches.keys().then((names) => done(!names.some((name) => name.startsWith("rush-hold-offline") || name === "rush-hold-who")));',
                ),
                'Waited for what was kept to be gone',
            );
    }

    /** Picks an option of a list by the list's name for assistive technology. */
    public function pick(RemoteWebDriver $window, string $label, string $option): void
    {
        $field = "input[role=combobox][aria-label=\"{$label}\"]";
        $this->one($window, $field);
        $list = "//input[@role='combobox'][@aria-label='{$label}']/ancestor::div[contains(concat(' ', @class, ' '), ' ant-select ')][1]";
        $isOpen = fn (): bool => $this->one($window, $field)->getAttribute('aria-expanded') === 'true';
        // what moved between being found and being pressed is pressed again where it is now
        for ($press = 0; $press < 3 && ! $isOpen(); $press++) {
            $window->findElement(WebDriverBy::xpath($list))->click();
            try {
                $window->wait(3, 50)->until($isOpen);
            } catch (TimeoutException) {
                continue;
            }
        }
        $options = WebDriverBy::xpath("//div[@role='option'][normalize-space(.)='{$option}']");
        $shown = static function () use ($window, $options): ?RemoteWebElement {
            foreach ($window->findElements($options) as $one) {
                try {
                    if ($one->isDisplayed()) {
                        return $one;
                    }
                } catch (StaleElementReferenceException) {
                    // the list was closed, or drawn again, between the two questions
                    continue;
                }
            }

            return null;
        };
        $window->wait(15, 50)->until(static fn (): bool => $shown() !== null, "Waited for “{$option}” in “{$label}”");
        $shown()?->click();
        $window->wait(15, 50)->until(static fn (): bool => $shown() === null, "Waited for “{$label}” to close");
    }

    /**
     * @param  list<string>  $rules  only these, or all
     * @param  string  $within  of this part alone, where the rest has been looked at
     * @return list<string> serious findings of axe on the page as it stands
     */
    public function axe(RemoteWebDriver $window, array $rules = [], string $within = 'html'): array
    {
        // it is long, and there until the page is another
        if ($window->executeScript('return window.axe === undefined')) {
            $window->executeScript((string) file_get_contents(self::root().'/node_modules/axe-core/axe.min.js'));
        }

        $found = $window->executeAsyncScript(
            <<<'JS'
            const [rules, within, done] = arguments;
            const only = rules.length > 0 ? {runOnly: {type: "rule", values: rules}} : {};
            const told = (one) => one.id + ": " + one.nodes.map((n) => n.target.join(" ") + " " + n.failureSummary).join(" | ");
            axe.run(within, {resultTypes: ["violations"], ...only}).then((found) =>
              done(found.violations.filter((one) => ["serious", "critical"].includes(one.impact)).map(told)),
            );
            JS
            ,
            [$rules, $within],
        );

        return array_values($found);
    }

    /** What a command of the product prints. */
    public function artisan(string ...$words): string
    {
        $command = 'instance test; artisan '.implode(' ', array_map(escapeshellarg(...), $words));
        exec(sprintf('cd %s && bash -c %s 2>&1', escapeshellarg(self::root()), escapeshellarg('. bin/lib.sh; '.$command)), $out, $exit);
        self::assertSame(0, $exit, implode("\n", $out));

        return implode("\n", $out);
    }

    /** Goes on by the Tab key until what has the focus reads so. */
    public function tabTo(RemoteWebDriver $window, string $words): void
    {
        $asked = 'const e = document.activeElement; return e === document.body ? "" : (e.ariaLabel ?? e.innerText ?? "").trim()';
        for ($press = 0; $press < 200; $press++) {
            if (str_contains((string) $window->executeScript($asked), $words)) {
                return;
            }
            $this->keys($window, WebDriverKeys::TAB);
        }
        self::fail("The Tab key never came to “{$words}”");
    }

    /** Stops the test server, or starts it again where it was. */
    public function server(string $do): void
    {
        $port = trim((string) @file_get_contents(self::root().'/storage/test/run/server.port'));
        exec(
            sprintf(
                'cd %s && bash -c %s 2>&1',
                escapeshellarg(self::root()),
                escapeshellarg(
                    '. bin/lib.sh; instance test; '.
                        ($do === 'stop'
                            ? 'cp "$RUN/server.port" "$RUN/port.kept"; server_stop; cp "$RUN/port.kept" "$RUN/server.port"'
                            : "server_start {$port}"),
                ),
            ),
            $out,
            $exit,
        );
        self::assertSame(0, $exit, implode("\n", $out));
    }

    /** The first element of this kind; waits for it, and holds to it where the page draws it anew. */
    public function one(RemoteWebDriver $window, string $css): RemoteWebElement
    {
        return $window->findElement(WebDriverBy::cssSelector($css));
    }

    /** Waits until the page shows this text. */
    public function see(RemoteWebDriver $window, string $text): void
    {
        $read = '';
        try {
            $window->wait(15, 50)->until(function () use ($window, $text, &$read): bool {
                return str_contains($read = $this->text($window), $text);
            });
        } catch (TimeoutException) {
            // what it shows instead is told below
        }
        self::assertStringContainsString($text, $read);
    }

    /** Waits until the text of an element is this. */
    public function reads(RemoteWebDriver $window, string $css, string $text): void
    {
        $found = '';
        $window->wait(15, 50)->until(function () use ($window, $css, $text, &$found): bool {
            return ($found = str_replace("\u{a0}", ' ', $this->one($window, $css)->getText())) === $text;
        }, "Waited for {$css} to read “{$text}”");
        self::assertSame($text, $found);
    }

    /** Waits until the rush that is open has this name. */
    public function named(RemoteWebDriver $window, string $name): void
    {
        $asked = 'return document.querySelector(".name input")?.value';
        $window
            ->wait(15, 50)
            ->until(static fn (): bool => $window->executeScript($asked) === $name, "Waited for the rush “{$name}”");
        self::assertSame($name, $window->executeScript($asked));
    }

    public function text(RemoteWebDriver $window): string
    {
        return str_replace("\u{a0}", ' ', (string) $window->executeScript('return document.body.innerText'));
    }

    /** Clicks as a person does, who brings what is half behind the bar under the thumb into sight first. */
    public function click(RemoteWebDriver $window, WebDriverElement $element): void
    {
        $window->executeScript('arguments[0].scrollIntoView({block: "nearest", inline: "nearest"})', [$element]);
        $element->click();
    }

    /** Presses a button or link by what is written on it. */
    public function press(RemoteWebDriver $window, string $label): void
    {
        $path = sprintf(
            '//button[normalize-space(.)="%1$s"] | //a[normalize-space(.)="%1$s"] | //*[@aria-label="%1$s"]',
            $label,
        );
        $window->wait(15, 50)->until(function () use ($window, $path): bool {
            foreach ($window->findElements(WebDriverBy::xpath($path)) as $button) {
                try {
                    if (! $button->isEnabled()) {
                        continue;
                    }
                    $this->click($window, $button);

                    return true;
                } catch (StaleElementReferenceException|ElementNotInteractableException|ElementClickInterceptedException) {
                    // drawn anew, on its way out, or moved behind the bar by what grew above it: look again
                }
            }

            return false;
        }, 'Waited for the button '.$label);
    }

    /** @return list<int> pids of the workers of the test instance: they run in one process group with what keeps them */
    public function workers(): array
    {
        $group = trim((string) file_get_contents(self::root().'/storage/test/run/worker.pid'));
        $found = [];
        foreach (glob('/proc/[0-9]*', GLOB_ONLYDIR) as $process) {
            // pid (name) state parent group …
            if (
                preg_match('/^(\d+) \(php\) \S+ \d+ (\d+)/', (string) @file_get_contents($process.'/stat'), $stat) ===
                    1 &&
                $stat[2] === $group
            ) {
                $found[] = (int) $stat[1];
            }
        }

        return $found;
    }

    /** Presses keys one after the other, on whatever has the focus by then: what had it may just be drawn anew. */
    public function keys(RemoteWebDriver $window, string ...$keys): void
    {
        foreach ($keys as $key) {
            $window->wait(PatientDriver::PATIENCE_S, 50)->until(static function () use ($window, $key): bool {
                try {
                    $window->getKeyboard()->sendKeys($key);

                    return true;
                } catch (StaleElementReferenceException) {
                    return false;
                }
            });
        }
    }

    /** Opens a word of the sentence, replaces its number and closes it. */
    public function write(RemoteWebDriver $window, string $word, string $number): void
    {
        $this->one($window, "[data-word={$word}]")->click();
        $input = $this->one($window, "[data-editor={$word}] input");
        $input->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $input->sendKeys([WebDriverKeys::NULL, $number, WebDriverKeys::ENTER]);
        $window
            ->wait(15, 50)
            ->until(static fn (): bool => $window->findElements(WebDriverBy::cssSelector('[data-editor]')) === []);
    }

    /** Waits until the server has confirmed everything. */
    public function saved(RemoteWebDriver $window): void
    {
        $this->one($window, '[data-testid=save][data-dirty=false]');
    }

    /**
     * One request to the API in this window's session.
     *
     * @return array{int, mixed} status and body
     */
    public function api(RemoteWebDriver $window, string $method, string $path, mixed $body = null): array
    {
        return $window->executeAsyncScript(
            'const [method, path, body, done] = arguments;
             const token = decodeURIComponent(document.cookie.split("; ").find((c) => c.startsWith("XSRF-TOKEN="))?.slice(11) ?? "");
             fetch("/api/" + path, {method, headers: {"Content-Type": "application/json", "X-XSRF-TOKEN": token}, body: body === null ? undefined : JSON.stringify(body)})
               .then(async (r) => { const t = await r.text(); done([r.status, t === "" ? null : JSON.parse(t)]); }, () => done([0, null]));',
            [$method, $path, $body],
        );
    }

    private function unexpected(string $line): bool
    {
        if (str_starts_with($line, 'DEBUG')) {
            return false;
        }
        foreach ($this->expectedOnConsole as $part) {
            if (str_contains($line, $part)) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<string>  $lines */
    private function leaveEvidence(RemoteWebDriver $window, int $at, array $lines): void
    {
        $folder = self::root().'/storage/test/failures';
        @mkdir($folder, 0o777, true);
        $file =
            $folder.
            '/'.
            trim(
                (string) preg_replace(
                    '/[^a-z0-9]+/',
                    '-',
                    strtolower(str_replace('__pest_evaluable_', '', $this->name())),
                ),
                '-',
            ).
            '-'.
            $at;
        $window->takeScreenshot($file.'.png');
        file_put_contents(
            $file.'.txt',
            $window->getCurrentURL()."\n\n".$this->text($window)."\n\n".implode("\n", $lines)."\n",
        );
        fwrite(STDERR, "\n  A picture and the console are in {$file}.png and .txt\n");
    }
}
