<?php

declare(strict_types=1);

namespace App\Store;

use Closure;
use Illuminate\Database\MariaDbConnection;
use Illuminate\Database\QueryException;

/**
 * A connection of a request: what was lost on the way is not asked again, because the person would wait twice. Transactions that stand
 * in each other's way are carried out one after the other.
 */
final class StoreConnection extends MariaDbConnection
{
    /** How often a transaction is begun anew when others stood in its way. */
    private const ATTEMPTS = 3;

    private ?StoreGate $gate = null;

    public function guardedBy(StoreGate $gate): self
    {
        $this->gate = $gate;

        return $this;
    }

    public function transaction(Closure $callback, $attempts = self::ATTEMPTS): mixed
    {
        return parent::transaction($callback, $attempts);
    }

    /** @param  array<mixed>  $bindings */
    protected function tryAgainIfCausedByLostConnection(QueryException $e, $query, $bindings, Closure $callback): mixed
    {
        if ($this->gate === null) {
            return parent::tryAgainIfCausedByLostConnection($e, $query, $bindings, $callback);
        }
        // whoever was turned away at the gate has learnt nothing: else a run of requests would keep it closed for ever
        $cause = $e->getPrevious() ?? $e;
        if (! ($cause instanceof StoreClosed) && $this->causedByLostConnection($cause)) {
            $this->gate->close();
        }
        throw $e;
    }
}
