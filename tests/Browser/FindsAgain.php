<?php

declare(strict_types=1);

namespace Tests\Browser;

use Closure;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;

/** Carries out what is asked of one element, on the one in its place where the page has drawn it anew. */
final class FindsAgain extends RemoteExecuteMethod
{
    private string $now;

    /** @param  Closure(): string  $find  the id of the element that is there now */
    public function __construct(PatientDriver $driver, private readonly string $id, private readonly Closure $find)
    {
        parent::__construct($driver);
        $this->now = $id;
    }

    /**
     * @param  string  $command_name
     * @param  array<string, mixed>  $parameters
     */
    public function execute($command_name, array $parameters = []): mixed
    {
        $until = microtime(true) + PatientDriver::PATIENCE_S;
        while (true) {
            try {
                $id = ($parameters[':id'] ?? null) === $this->id ? [':id' => $this->now] : [];

                return parent::execute($command_name, [...$parameters, ...$id]);
            } catch (StaleElementReferenceException|ElementClickInterceptedException|ElementNotInteractableException $moved) {
                if (microtime(true) > $until) {
                    throw $moved;
                }
                usleep(50_000);
                if ($moved instanceof StaleElementReferenceException) {
                    $this->now = ($this->find)();
                }
            }
        }
    }
}
