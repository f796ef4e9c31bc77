<?php

namespace App\Database;

use Illuminate\Database\SQLiteConnection;

/**
 * Transactions that take SQLite's write lock at once.
 *
 * A deferred transaction that reads and then writes fails with "database is
 * locked" as soon as another one wrote in between, whatever busy_timeout says.
 * The framework's own setting for this needs PHP 8.4.
 */
final class ImmediateSqliteConnection extends SQLiteConnection
{
    protected function executeBeginTransactionStatement(): void
    {
        $pdo = $this->getPdo();
        $pdo->beginTransaction(); // so that PDO knows it is in one
        $pdo->exec('ROLLBACK');
        try {
            $pdo->exec('BEGIN IMMEDIATE TRANSACTION');
        } catch (\Throwable $locked) {
            $pdo->exec('BEGIN');
            $pdo->rollBack();
            throw $locked;
        }
    }
}
