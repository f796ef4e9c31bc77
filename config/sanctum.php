<?php

return [
    // Tokens alone: a session is no way into the API, so no other site's page can use one.
    'guard' => [],
    'routes' => false,
    'expiration' => null,
    // So that whoever looks through files for secrets knows one when they see it.
    'token_prefix' => 'inky_',
    // Noted once a minute by App\Api\Token.
    'last_used_at' => false,
];
