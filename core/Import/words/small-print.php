<?php

// Words of what stands under signatures by law or habit: one a row.

return [
    'en' => [
        'confidential',
        'intended solely',
        'intended only',
        'intended for',
        'addressee',
        'privileged',
        'unauthorised',
        'unauthorized',
        'disclaimer',
        'virus',
        'think before',
        'environment',
        'printing this',
    ],
    'de' => [
        'vertraulich',
    ],
];
