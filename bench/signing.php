<?php

use Symfony\Component\Process\Process;

/**
 * Others' pages while 50 wrong passwords a second come from many addresses: in turns of quiet and load, p95.
 *
 * @return array<string, float|int>
 */
function signing(): array
{
    $visitor = new Visitor(environment: ['TRUSTED_PROXIES' => '127.0.0.1', 'PHP_CLI_SERVER_WORKERS' => '4']);
    $times = ['quiet' => [], 'load' => []];
    $tries = [];
    try {
        for ($turn = 0; $turn < 4; $turn++) {
            foreach (array_keys($times) as $which) {
                $wrong = null;
                if ($which === 'load') {
                    $wrong = (new Process([PHP_BINARY, 'bench/wrong-tries.php', $visitor->at(), '50', '8']))
                        ->setTimeout(null);
                    $wrong->start();
                    usleep(500_000);
                }
                for ($until = microtime(true) + 6; microtime(true) < $until; usleep(20_000)) {
                    [$status, , $time] = $visitor->ask('/cards');
                    $status === 200 || throw new RuntimeException("/cards was answered with $status.");
                    $times[$which][] = $time;
                }
                $wrong?->wait();
                $wrong === null || $tries[] = json_decode($wrong->getOutput(), true);
            }
        }
    } finally {
        $visitor->close();
    }
    foreach ($times as &$some) {
        sort($some);
        $some = round($some[(int) (count($some) * 0.95)], 1);
    }

    return ['wrong_a_second' => round(array_sum(array_column($tries, 'a_second')) / count($tries), 1),
        'quiet_p95_ms' => $times['quiet'], 'load_p95_ms' => $times['load'],
        'ratio' => round($times['load'] / $times['quiet'], 2), 'bar' => 1.5, 'answers' => $tries[0]['answers']];
}
