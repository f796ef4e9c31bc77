<?php

/*
 * Hosts that mail gateways, proxies and networks put before a link, as a pattern, with where they carry the one that
 * was meant: a parameter of the query, `#` for what stands behind it, `/` for what stands in the path.
 */
return [
    '(?:[\w-]+\.)?safelinks\.protection\.outlook\.com' => ['url'],
    'urldefense(?:\.proofpoint)?\.com' => ['u', '/'],
    'secure-web\.cisco\.com' => ['/'],
    'linkprotect\.cudasvc\.com' => ['a'],
    'clicktime\.symantec\.com' => ['u'],
    '(?:[\w-]+\.)?trendmicro\.com' => ['url'],
    '(?:www\.)?google\.[a-z.]+' => ['q', 'url'],
    '(?:[\w-]+\.)?googleusercontent\.com' => ['#'],
    'l\.(?:facebook|instagram|messenger)\.com' => ['u'],
    'lm\.facebook\.com' => ['u'],
    '(?:www\.)?linkedin\.com' => ['url'],
    'out\.reddit\.com' => ['url'],
    't\.umblr\.com' => ['z'],
    'vk\.com' => ['to'],
    'steamcommunity\.com' => ['url', 'u'],
    'exit\.sc' => ['url'],
    'deref-(?:mail|gmx|web-02)\.[a-z.]+' => ['redirectUrl'],
    '(?:[\w-]+\.)*mail\.yahoo\.com' => ['url'],
    'images\.weserv\.nl' => ['url'],
    'i\d\.wp\.com' => ['/'],
];
