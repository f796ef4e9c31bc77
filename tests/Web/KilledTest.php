<?php

namespace Tests\Web;

use PHPUnit\Framework\TestCase;

/** A worker that is killed while it writes to a thousand people: nobody is written to twice, and nobody is left out. */
final class KilledTest extends TestCase
{
    private const PEOPLE = 1_000;

    private string $file = '';

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("$this->file*") ?: []);
    }

    public function test_nobody_is_told_twice_and_nobody_is_lost(): void
    {
        $this->file = sys_get_temp_dir().'/inky-killed-'.getmypid().'.sqlite';
        touch($this->file);
        $this->assertSame(0, proc_close($this->worker('seed', (string) self::PEOPLE)));
        $rows = new \PDO("sqlite:$this->file");
        $ask = fn (string $what): array => ($rows->query($what) ?: throw new \LogicException($what))
            ->fetchAll(\PDO::FETCH_COLUMN);
        $sent = fn (): int => (int) $ask('select count(*) from tray_messages')[0];
        $killed = 0;
        for ($tries = 0; $tries < 12 && $sent() < self::PEOPLE; $tries++) {
            $before = $sent();
            $worker = $this->worker('work');
            // Once it is at it, at a moment of no one's choosing.
            for ($waits = 0; $waits < 400 && $sent() === $before; $waits++) {
                usleep(10_000);
            }
            usleep(mt_rand(0, 60_000));
            $killed += proc_get_status($worker)['running'] ? 1 : 0;
            proc_terminate($worker, SIGKILL);
            proc_close($worker);
        }
        $this->assertGreaterThan(1, $killed);
        $this->assertSame(0, proc_close($this->worker('work')));
        $this->assertSame(self::PEOPLE, $sent());
        $this->assertSame(self::PEOPLE, (int) $ask('select count(distinct "to") from tray_messages')[0]);
        $this->assertSame(['sent'], $ask('select distinct state from rollout_messages'));
    }

    /** @return resource */
    private function worker(string ...$arguments): mixed
    {
        $process = proc_open([PHP_BINARY, __DIR__.'/rollout-worker.php', ...array_values($arguments)], [
            ['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w'],
        ], $pipes, null, ['DB_DATABASE' => $this->file, 'CLICKS_CONNECTION' => 'sqlite', 'APP_ENV' => 'testing',
            'APP_KEY' => 'base64:'.base64_encode(str_repeat('k', 32)), 'CACHE_STORE' => 'array',
            'APP_CONFIG_CACHE' => "$this->file.config.php", 'PATH' => (string) getenv('PATH'),
            'QUEUE_CONNECTION' => 'sync', 'LOG_CHANNEL' => 'null', 'SESSION_DRIVER' => 'array']);
        $this->assertIsResource($process);

        return $process;
    }
}
