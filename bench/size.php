<?php

/*
 * bin/bench size: a workspace of 10,000 cards, 20,000 messages, 8,000 placements and 1.25 million clicks over a year in
 * a scratch database: every screen against the bare route, bulk tasks against their parts, the longest wait of an edit
 * meanwhile.
 */

const SIZES = ['cards' => 10_000, 'messages' => 20_000, 'placements' => 8_000, 'clicks' => 1_250_000];

/** Rows made in the database itself, by one statement each: seconds for all. */
function fillUp(string $file): void
{
    $database = new PDO("sqlite:$file", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    $database->exec('pragma synchronous = off');
    $database->beginTransaction();
    $count = fn (int $to): string => "with recursive n(i) as (select 1 union all select i + 1 from n where i < $to)";
    $at = "datetime('now', '-' || (abs(random()) % (365 * 86400)) || ' seconds')";
    $cards = SIZES['cards'];
    $database->exec("insert into people (id, workspace_id, name, address, created_at) {$count($cards)}
        select printf('%026d', i), 1, 'Person ' || i, 'person' || i || '@quillfern.example', datetime('now') from n");
    $database->exec("insert into cards (id, workspace_id, name, head, last, person_id, created_at, updated_at)
        {$count($cards)} select 100 + i, 1, 'Card ' || i, 1, 1, printf('%026d', i), $at, $at from n");
    $database->exec("insert into card_revisions (card_id, number, document, words, created_at) {$count($cards)}
        select 100 + i, 1, r.document, 'Started', datetime('now') from n join card_revisions r
        on r.card_id = 1 + i % 9 and r.number = (select head from cards where id = 1 + i % 9)");
    $database->exec("insert into placements (workspace_id, card_id, address, situation)
        {$count(SIZES['placements'])} select 1, 100 + i, 'person' || i || '@quillfern.example', 'new' from n");
    $database->exec("insert into tray_messages (workspace_id, \"from\", \"to\", subject, origin, raw, received_at)
        {$count(SIZES['messages'])} select 1, 'a@b.example', 'person' || i || '@quillfern.example', 'Message ' || i,
        'dropped', 'From: a@b.example' || char(13, 10) || 'Subject: x' || char(13, 10, 13, 10) || 'Hello', $at from n");
    $links = 3 * $cards;
    $database->exec("insert into tracked_links (id, card_id, piece, kind, words, address, hash, person_id, created_at,
        first_id)
        {$count($links)} select 1000 + i, 101 + i % $cards, 'p' || (i / $cards), 'web', 'Link ' || (i / $cards),
        'https://quillfern.example/' || (i / $cards), printf('%064d', i), printf('%026d', 1 + i % $cards),
        datetime('now'), 1000 + i from n");
    // Few links are clicked often, most now and then.
    $database->exec("insert into clicks (tracked_link_id, at, visitor, filtered) {$count(SIZES['clicks'])}
        select 1001 + (abs(random()) % $links) * (abs(random()) % 1000) / 1000, $at,
        printf('%016x', abs(random()) % 200000), case when i % 9 = 0 then 'robot' end from n");
    $database->commit();
    $database->exec('analyze');
}

/** @return array<string, mixed> */
function sizing(): array
{
    $started = microtime(true);
    $visitor = new Visitor(fillUp(...));
    $built = round(microtime(true) - $started, 1);
    try {
        // Days that are over are added up beside the pages, once.
        $started = microtime(true);
        $worker = $visitor->worker();
        $visitor->ask('/clicks?days=7&by=day');
        while ((int) ($visitor->database()->query('select count(*) from click_spans') ?: throw new RuntimeException)
            ->fetchColumn() < 4 && microtime(true) < $started + 300) {
            usleep(200_000);
        }
        $worker->stop(1);
        $added = round(microtime(true) - $started, 1);
        $bare = asked($visitor, '/bench/bare', 30);
        $screens = [];
        foreach (['/cards', '/cards?page=300', '/cards/5000', '/cards/5000/proof', '/cards/5000/history',
            '/cards/5000/hand-over', '/cards/5000/links', '/placements', '/tray', '/tray?page=400', '/tray/write',
            '/find?q=person%205000', '/brand', '/clicks?days=7', '/clicks?days=30', '/clicks?days=365',
            '/clicks?days=365&by=card', '/clicks?days=365&by=person', '/clicks?days=365&by=day'] as $path) {
            $milliseconds = asked($visitor, $path, 3);
            $screens[$path] = ['ms' => $milliseconds, 'to_bare' => round($milliseconds / $bare, 1)];
        }

        return [
            'rows' => SIZES, 'built_seconds' => $built, 'clicks_added_up_seconds' => $added,
            'bare_route_ms' => $bare, 'screens' => $screens,
            'clicks_file' => leaving($visitor), 'bulk' => sweeping($visitor),
        ];
    } finally {
        $visitor->close();
    }
}

function asked(Visitor $visitor, string $path, int $times): float
{
    $all = [];
    for ($time = 0; $time < $times; $time++) {
        [$status, , $milliseconds] = $visitor->ask($path);
        if ($status !== 200) {
            throw new RuntimeException("$path was answered with $status.");
        }
        $all[] = $milliseconds;
    }

    return median($all);
}

/** All clicks of a year as a file. @return array<string, float|int> */
function leaving(Visitor $visitor): array
{
    [$status, $body, $milliseconds] = $visitor->ask('/clicks/file?days=365');

    return ['status' => $status, 'rows' => substr_count($body, "\n") - 1, 'seconds' => round($milliseconds / 1000, 1)];
}

/** The brand put on every card, with a colleague who edits one all the while. @return array<string, mixed> */
function sweeping(Visitor $visitor): array
{
    $worker = $visitor->worker();
    $database = $visitor->database();
    $one = fn (string $query): mixed => ($database->query($query) ?: throw new RuntimeException($query))->fetchColumn();
    $put = function (string $path, array $form) use ($visitor, $one): array {
        $asked = $visitor->ask($path, $form)[2];
        [$waits, $edits] = [[], 0];
        $started = microtime(true);
        $state = '';
        while (! in_array($state, ['made', 'undone'], true) && microtime(true) < $started + 300) {
            $head = (int) $one('select head from cards where id = 9');
            [$status, , $milliseconds] = $visitor->ask('/cards/9/pieces/p3', [
                'revision' => $head, 'open' => 'p3', 'fields[text]' => 'Edited '.$edits++,
            ]);
            $waits[] = $milliseconds;
            // When the sweep itself moves the card, its colleague is told and edits again.
            if (! in_array($status, [200, 409], true)) {
                throw new RuntimeException("An edit meanwhile was answered with $status.");
            }
            usleep(20_000);
            $state = (string) $one('select state from sweeps order by id desc limit 1');
        }

        return [
            'asked_ms' => $asked, 'seconds' => round(microtime(true) - $started, 1), 'edits_meanwhile' => $edits,
            'edit_median_ms' => median($waits), 'edit_longest_ms' => round(max($waits), 1), 'bar_longest_ms' => 250,
        ];
    };
    try {
        $number = (int) $one('select number from brands where workspace_id = 1');
        $visitor->ask('/brand/inks', ['number' => $number, 'inks[accent]' => '#8c3214']);
        $preview = asked($visitor, '/brand/change', 3);
        $counted = asked($visitor, '/brand/counts?of=change', 1);
        $made = $put('/brand/change', ['number' => $number + 1]);
        $cards = (int) $one('select cards from sweeps order by id desc limit 1');
        $sweep = (int) $one('select max(id) from sweeps');
        $taken = $put("/sweeps/$sweep/undo", []);

        return [
            'cards_changed' => $cards, 'preview_ms' => $preview, 'count_behind_ms' => $counted, 'brand' => $made,
            'taken_back' => $taken,
        ];
    } finally {
        $worker->stop(1);
    }
}
