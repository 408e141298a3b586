<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;

/**
 * Looks as a person does: one that asks for a single thing waits for it to appear, and what is drawn anew between
 * being found and being used is found again. Asking for a list answers at once, with nothing where there is nothing.
 */
final class PatientDriver extends RemoteWebDriver
{
    public const PATIENCE_S = 20;

    public function findElement(WebDriverBy $by): RemoteWebElement
    {
        $id = $this->idOf($by);

        return new RemoteWebElement(
            new FindsAgain($this, $id, fn (): string => $this->idOf($by)),
            $id,
            $this->isW3cCompliant,
        );
    }

    private function idOf(WebDriverBy $by): string
    {
        $until = microtime(true) + self::PATIENCE_S;
        while (true) {
            try {
                return parent::findElement($by)->getID();
            } catch (NoSuchElementException $missing) {
                if (microtime(true) > $until) {
                    throw $missing;
                }
                usleep(50_000);
            }
        }
    }
}
