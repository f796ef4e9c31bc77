<?php

/**
 * How sending systems write tokens: what it is called here, what stands before and behind a name, and before the words
 * for recipients without it. Those whose signs hold the signs of another come first.
 */

return [
    'double-braces' => ['double braces', '{{', '}}', '|'],
    'dollar-brace' => ['dollar and brace', '${', '}', ':-'],
    'star-pipe' => ['star and pipe', '*|', '|*', null],
    'angle-percent' => ['angle and percent', '<%=', '%>', '||'],
    'double-percent' => ['double percent', '%%', '%%', null],
    'double-square' => ['double square brackets', '[[', ']]', '|'],
    'double-at' => ['double at-signs', '@@', '@@', null],
    'percent' => ['percent', '%', '%', null],
    'brace' => ['braces', '{', '}', '|'],
    'square' => ['square brackets', '[', ']', ','],
    'at' => ['at-signs', '@', '@', null],
];
