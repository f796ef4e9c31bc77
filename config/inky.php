<?php

return [
    /*
     * Where readers' mail clients fetch pictures from, such as
     * https://cards.quillfern.example; empty: the address the application is
     * opened at, which other machines may not reach.
     */
    'public_url' => env('PUBLIC_URL'),

    // Disk of originals and baked pictures; s3 with its keys in .env works as well.
    'disk' => env('PICTURE_DISK', 'pictures'),

    // Presses are noted over a connection of their own, see config/database.php.
    'clicks_connection' => env(
        'CLICKS_CONNECTION',
        env('DB_CONNECTION', 'sqlite') === 'sqlite' ? 'clicks' : env('DB_CONNECTION'),
    ),

    // The demo, whose member signs in with a published password: only where nobody else reaches it. Unset: where
    // APP_URL is this machine's and there is no PUBLIC_URL.
    'demo' => (bool) env('INKY_DEMO', env('PUBLIC_URL', '') === '' && preg_match(
        '~^https?://(?:localhost|127\.\d+\.\d+\.\d+|\[::1\])(?:[:/]|$)~', (string) env('APP_URL', 'http://127.0.0.1'),
    ) === 1),

    // Held while the application is served by bin/start.
    'lock' => env('INKY_LOCK', storage_path('serve.lock')),

    // From so many clicks on those of days that are over are added up once; fewer are counted as they are asked for.
    'counted' => 100_000,

    // Clicks wait here while the database takes none.
    'aside' => env('CLICKS_ASIDE', storage_path('app/clicks-aside.jsonl')),

    // Who stands in front and says for whom it asks, such as 10.0.0.2, 10.0.0.0/8; nobody else's word counts.
    'proxies' => array_values(array_filter(array_map(trim(...), explode(',', (string) env('TRUSTED_PROXIES', ''))))),

    // Hosts under .example, which belong to nobody, are answered by a stand-in that says it is one; the demo needs no
    // network.
    'stand_ins' => (bool) env('INKY_STAND_INS', true),

    // Who sends campaigns: stand-in, mail (the mail server below MAIL_…), none. Unset: the stand-in where there are
    // stand-ins, else mail where MAIL_MAILER sends into the world.
    'sender' => env('CAMPAIGN_SENDER'),

    // Messages of campaigns the mail server is given in a minute, at most.
    'mail_rate' => (int) env('MAIL_RATE', 60),

    // Requests a minute a token of the API is good for.
    'api_rate' => (int) env('API_RATE', 120),

    // A mailbox tests of rollouts come into; read by inky:fetch.
    'imap' => [
        'host' => env('IMAP_HOST', ''),
        'port' => env('IMAP_PORT', 993),
        'username' => env('IMAP_USERNAME', ''),
        'password' => env('IMAP_PASSWORD', ''),
        'folder' => env('IMAP_FOLDER', 'INBOX'),
        'security' => env('IMAP_SECURITY', 'ssl'),
    ],

    // Who says who somebody is (OpenID Connect); none where no issuer is set.
    'oidc' => [
        'issuer' => env('OIDC_ISSUER'),
        'client_id' => env('OIDC_CLIENT_ID', ''),
        'client_secret' => env('OIDC_CLIENT_SECRET', ''),
        'label' => env('OIDC_LABEL', 'your firm’s account'),
    ],

    // Two languages nobody speaks, to look at pages in: longer ones, and from right to left.
    'pseudo' => (bool) env('INKY_PSEUDO', false),

    // Answers /bench/bare, the yardstick of bin/bench; never set in service.
    'bench' => (bool) env('INKY_BENCH', false),
];
