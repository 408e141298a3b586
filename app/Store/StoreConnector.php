<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Database\Connectors\MariaDbConnector;
use Illuminate\Database\LostConnectionDetector;
use PDO;

/**
 * Connects to the store. For a person who waits, a store that hangs is told like one that is dead: nothing is waited for longer than
 * its patience, nothing is tried twice, and while it is away one request at a time asks for it. Commands and workers have patience.
 */
final class StoreConnector extends MariaDbConnector
{
    /** @param  int  $patienceS  longest wait for any one answer of the store, in whole seconds, 2 or more */
    public function __construct(
        private readonly StoreGate $gate,
        private readonly bool $someoneWaits,
        private readonly int $patienceS,
    ) {}

    /**
     * @param  array<string, mixed>  $config
     * @param  array<int, mixed>  $options
     */
    public function createConnection($dsn, array $config, array $options): PDO
    {
        if (! $this->someoneWaits) {
            return parent::createConnection($dsn, $config, $options);
        }
        if (! $this->gate->isOpen()) {
            throw new StoreClosed();
        }
        // the driver counts the wait for an answer by this alone, a hand-shake that never comes included
        ini_set('mysqlnd.net_read_timeout', (string) $this->patienceS);
        // who waits for another's write is told before that: a store that is busy is not away
        $options[PDO::MYSQL_ATTR_INIT_COMMAND] = 'SET SESSION innodb_lock_wait_timeout = '.($this->patienceS - 1);
        try {
            $pdo = $this->createPdoConnection($dsn, $config['username'] ?? null, $config['password'] ?? null, $options);
        } catch (\Exception $failed) {
            if ((new LostConnectionDetector())->causedByLostConnection($failed)) {
                $this->gate->close();
            }
            throw $failed;
        }
        $this->gate->open();

        return $pdo;
    }
}
