<?php

return [
    // Takes all of a password, whatever bytes are in it, where bcrypt stops at the first null byte and at 72. Costs as
    // OWASP names them for the least memory: 19 MiB, two passes.
    'driver' => env('HASH_DRIVER', 'argon2id'),
    'bcrypt' => ['rounds' => env('BCRYPT_ROUNDS', 12), 'verify' => false],
    'argon' => ['memory' => (int) env('ARGON_MEMORY', 19_456), 'threads' => 1, 'time' => 2, 'verify' => false],
    // Those hashed before go over when their member signs in.
    'rehash_on_login' => true,
];
